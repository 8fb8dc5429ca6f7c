package org.antevid.app.takedown.web;

import java.util.List;
import java.util.Optional;
import org.antevid.app.reader.Speech;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.takedown.GroundBelow;
import org.antevid.core.judge.takedown.PieceJudged;
import org.antevid.core.judge.takedown.PiecesTakenDown;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Compass;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.takedown.pieces.Climber;
import org.antevid.core.takedown.pieces.DropBed;
import org.antevid.core.takedown.pieces.FigureSide;
import org.antevid.core.takedown.pieces.KeepClear;
import org.antevid.core.takedown.pieces.Link;
import org.antevid.core.takedown.pieces.Loading;
import org.antevid.core.takedown.pieces.Piece;
import org.antevid.core.takedown.pieces.PieceRemark;
import org.antevid.core.takedown.pieces.SecondLine;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.core.takedown.pieces.Then;
import org.antevid.core.takedown.pieces.Way;
import org.antevid.core.takedown.pieces.WeakPlace;

/** What is answered of one piece of a tree: its weight, its way down, every link it loads, what stands against it. */
final class PieceViews {
    private PieceViews() {}

    /**
     * A link of the chain.
     *
     * @param forceWords left out: what it hangs on is not chosen
     * @param share force at its high end over what it may carry at its low end; left out: not known
     */
    record ChainLink(
            Link.Kind kind,
            String words,
            Optional<String> fault,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) Optional<Double> heightM,
            Optional<FigureSide.OnFigure> at,
            Optional<String> forceWords,
            Optional<String> mayWords,
            @Shown(in = Dimension.SHARE, to = Side.UP) Optional<Double> share,
            Severity severity) {}

    record PieceWord(PieceRemark remark, Severity severity, String words) {}

    /** What it can end on, or who may come under it. */
    record BelowWord(GroundBelow.What what, Severity severity, String words) {}

    /**
     * The bed it is let down onto.
     *
     * @param asKg so heavy a piece falls as hard from 5 m
     * @param lack what the bed lacks for it; left out: it takes it
     */
    record OnBed(
            String name,
            @Shown(in = Dimension.MASS, to = Side.UP) double asKg,
            @Shown(in = Dimension.MASS, to = Side.DOWN) Optional<Double> takesKg,
            Optional<DropBed.Lack> lack,
            Optional<String> lackWords) {
        static OnBed of(DropBed b, Site site, Spot foot, Piece p) {
            Optional<DropBed.Lack> lack = b.lacks(GroundBelow.outline(site, b), foot, p);
            return new OnBed(b.name(), DropBed.asFromKg(p), b.takesKg(), lack, lack.map(Speech.words()::term));
        }
    }

    /**
     * What whoever goes on finds once it is off.
     *
     * @param leanShare of what it leaned with before the first piece; left out where it stood straight
     * @param blockM the highest place the next block may hang, {@code blockDiameterM} across; left out: nowhere
     * @param fault the next fault below, in words, at {@code faultM}
     * @param faceTells nobody probed its wall: the face that is opened shows it
     */
    record ThenView(
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double topM,
            @Shown(in = Dimension.MASS, to = Side.UP) double highKg,
            @Shown(in = Dimension.MOMENT, to = Side.UP) double leanNm,
            @Shown(in = Dimension.SHARE, to = Side.UP) Optional<Double> leanShare,
            @Shown(in = Dimension.LENGTH, to = Side.DOWN) Optional<Double> blockM,

            @Shown(in = Dimension.DIAMETER, to = Side.DOWN) Optional<Double> blockDiameterM,

            Optional<String> fault,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) Optional<Double> faultM,
            boolean faceTells) {
        static ThenView of(Then t) {
            return new ThenView(
                    t.topM(),
                    t.highKg(),
                    t.leanNm(),
                    t.leanShare(),
                    t.block().map(Then.Place::heightM),
                    t.block().map(Then.Place::diameterM),
                    t.faultBelow().flatMap(WeakPlace::kind).map(Speech.words()::term),
                    t.faultBelow().map(WeakPlace::heightM),
                    t.faceTells());
        }
    }

    /**
     * The same piece with so much line let run.
     *
     * @param roomM left beneath its lowest end; {@code tooDeepM} where it strikes the ground instead
     */
    record RunOfPiece(
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double runM,
            Optional<String> worst,
            @Shown(in = Dimension.SHARE, to = Side.UP) Optional<Double> share,
            @Shown(in = Dimension.LENGTH, to = Side.DOWN) Optional<Double> roomM,
            @Shown(in = Dimension.LENGTH, to = Side.UP) Optional<Double> tooDeepM,
            boolean holds) {}

    /**
     * What the line bends.
     *
     * @param trunk led down the trunk, else to a brake on another tree
     */
    record LedAlong(
            boolean trunk,
            Optional<String> worst,
            @Shown(in = Dimension.SHARE, to = Side.UP) Optional<Double> share) {}

    /**
     * How it is drawn across.
     *
     * @param anchor of the second line
     * @param firstN at most in the line over the stem, {@code secondN} in the other
     * @param secondWraps at most on the brake of the other where it holds the piece first; left out: it is tied there
     * @param betweenDeg the lines at the piece where they lie flattest
     */
    record AcrossOfPiece(
            FigureSide.OnFigure from,
            FigureSide.OnFigure to,
            FigureSide.OnFigure anchor,
            @Shown(in = Dimension.FORCE, to = Side.UP) double firstN,
            @Shown(in = Dimension.FORCE, to = Side.UP) double secondN,
            Optional<Double> secondWraps,
            @Shown(in = Dimension.SECTOR, to = Side.UP) double betweenDeg) {}

    /**
     * Whoever cuts it, as they hang.
     *
     * @param peakN on the life line, kept taut, when all of the climber comes onto it at once, {@code kg} with saw and
     *     kit
     */
    record ClimberDrawn(
            FigureSide.OnFigure feet,
            FigureSide.OnFigure tieIn,
            FigureSide.OnFigure lanyard,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double tieInM,
            @Shown(in = Dimension.FORCE, to = Side.UP) double peakN,
            @Shown(in = Dimension.MASS, to = Side.UP) double kg) {}

    /**
     * How a top goes over its hinge.
     *
     * @param pushN it pushes the stem back with at most
     * @param towardDeg azimuth it goes to; left out while nobody said
     */
    record ToppingView(
            @Shown(in = Dimension.DIAMETER, to = Side.DOWN) double faceM,
            @Shown(in = Dimension.DIAMETER, to = Side.UP) double hingeM,
            @Shown(in = Dimension.FORCE, to = Side.UP) double pushN,

            @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST)
            Optional<Double> towardDeg,

            Optional<String> sideWords) {
        static ToppingView of(Piece.Topping t, Optional<Double> towardDeg) {
            return new ToppingView(
                    t.faceM(),
                    t.hingeM(),
                    t.pushN(),
                    towardDeg,
                    towardDeg.map(Compass::of).map(Speech.words()::term));
        }
    }

    /**
     * One piece.
     *
     * @param down it has come down: its cut stays, and nothing stands against it any more
     * @param limb id of the limb; left out: of the stem
     * @param lowerBlockM height of a block at which the stem holds; left out where it does, or where none helps
     * @param zone ground nobody stands on while it is cut; empty where nothing stops it
     * @param ahead where a top ends whose hinge holds until it has gone over; empty of what is no top, and while nobody
     *     said where it goes
     * @param strikes where it strikes first, before it bounces and rolls; {@code strikesM} from beneath its cut, from
     *     {@code fallsM}; empty of what is held or felled
     * @param swing ground nobody stands on who has a part but whoever cuts; empty where nothing stops it
     * @param below what it can end on and who may come under it, the worst first
     * @param bed left out: none is laid, or it is not let down onto one
     * @param severity of the worst that stands against it, what is below it too
     * @param outline of a piece of stem as it is seen, {@code line} of a limb
     */
    record PieceView(
            int number,
            boolean down,
            Optional<String> limb,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double atM,
            Way way,
            boolean picked,
            String wayWords,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double lengthM,
            @Shown(in = Dimension.DIAMETER, to = Side.UP) double diameterM,
            @Shown(in = Dimension.MASS, to = Side.UP) double massHighKg,
            List<FigureSide.OnFigure> outline,
            List<FigureSide.OnFigure> line,
            FigureSide.OnFigure middle,
            Optional<FigureSide.OnFigure> tie,
            Optional<FigureSide.OnFigure> block,
            Optional<FigureSide.OnFigure> brake,
            Optional<AcrossOfPiece> across,
            Optional<ClimberDrawn> climber,
            Optional<ToppingView> topping,
            @Shown(in = Dimension.FORCE, to = Side.UP) Optional<Double> peakN,
            Optional<Double> wraps,
            @Shown(in = Dimension.LENGTH, to = Side.DOWN) Optional<Double> roomM,
            @Shown(in = Dimension.LENGTH, to = Side.DOWN) Optional<Double> longestM,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) Optional<Double> lowerBlockM,
            boolean limited,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double topAfterM,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) Optional<Double> zoneDownM,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) Optional<Double> zoneAcrossM,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) Optional<Double> keepOffM,
            List<Spot> zone,
            List<Spot> ahead,
            List<Spot> strikes,
            @Shown(in = Dimension.LENGTH, to = Side.UP) Optional<Double> strikesM,
            @Shown(in = Dimension.LENGTH, to = Side.UP) Optional<Double> fallsM,
            List<Spot> swing,
            List<ChainLink> chain,
            List<RunOfPiece> runs,
            List<LedAlong> led,
            Severity severity,
            List<PieceWord> remarks,
            List<BelowWord> below,
            Optional<OnBed> bed,
            ThenView then) {}

    /**
     * @param at foot of the stem on the plan
     * @param site what is round it
     */
    static PieceView piece(TakeDown t, PieceJudged judged, FigureSide side, Spot at, Site site) {
        Piece p = judged.piece();
        Ground ground = site.terrain().groundAt(at);
        boolean stem = p.cut().limb().isEmpty();
        double top = p.number() == 1
                ? t.figure().heightM()
                : t.pieces().get(p.number() - 2).after().topM();
        boolean down = judged.down();
        List<Spot> strikes = KeepClear.strikes(at, p);
        Optional<Piece.Longest> longest = p.longest().filter(l -> !down);
        return new PieceView(
                p.number(),
                down,
                p.cut().limb(),
                p.cut().atM(),
                p.cut().way(),
                p.cut().way().picked(),
                Speech.words().term(p.cut().way()),
                p.lengthM(),
                p.diameterM(),
                Rounding.up(p.massHighKg(), 0),
                stem ? side.stem(p.cut().atM(), top) : List.of(),
                stem ? List.of() : List.of(side.at(p.from()), side.at(p.to())),
                side.at(p.com()),
                p.tie().map(side::at),
                p.block().map(side::at),
                p.brake().map(side::at),
                p.drift()
                        .map(d -> new AcrossOfPiece(
                                side.at(d.start()),
                                side.at(d.end()),
                                side.at(t.gear().second().orElseThrow().fromFoot()),
                                // it comes to hang in that one alone
                                d.held().flatMap(h -> p.loading().peakN()).orElse(d.firstN()),
                                p.loading().second().map(Loading.OnOther::peakN).orElse(d.secondN()),
                                p.loading().second().flatMap(Loading.OnOther::wraps),
                                d.betweenDeg())),
                p.climber()
                        .map(c -> new ClimberDrawn(
                                side.at(c.feet()),
                                side.at(c.tieIn()),
                                side.at(c.lanyard()),
                                c.tieIn().z(),
                                c.peakN(),
                                Climber.KG)),
                p.topping().map(x -> ToppingView.of(x, p.cut().facingDeg())),
                p.loading().peakN(),
                p.loading().wraps(),
                p.loading().roomM(),
                longest.flatMap(Piece.Longest::lengthM).map(l -> Rounding.down(l, 1)),
                p.lowerBlockM().filter(m -> !down),
                longest.isPresent(),
                p.after().topM(),
                p.drop().downM(),
                p.drop().acrossM(),
                p.drift().flatMap(d -> KeepClear.keepOffM(at, p, ground)),
                KeepClear.of(at, p, ground).orElse(List.of()),
                KeepClear.ahead(at, p, ground).filter(x -> !down).orElse(List.of()),
                strikes,
                Optional.of(p.drop().strikesM()).filter(x -> !strikes.isEmpty()),
                Optional.of(Math.max(0, p.from().z())).filter(x -> !strikes.isEmpty()),
                p.cut().way().roped() ? KeepClear.whileCut(at, p, ground).orElse(List.of()) : List.of(),
                p.loading().links().stream().map(l -> link(t, p, l, side)).toList(),
                p.runs().stream()
                        .map(x -> new RunOfPiece(
                                x.runM(),
                                x.worst().map(w -> Speech.words().term(w.kind())),
                                x.worst().flatMap(Link::share),
                                x.roomM().filter(m -> m >= 0),
                                x.roomM().filter(m -> m < 0).map(m -> -m),
                                x.holds()))
                        .toList(),
                p.led().stream()
                        .map(x -> new LedAlong(
                                x.trunk(),
                                x.worst().map(w -> Speech.words().term(w.kind())),
                                x.worst().flatMap(Link::share)))
                        .toList(),
                judged.severity(),
                p.remarks().stream()
                        .filter(x -> !down)
                        .map(x -> word(x, PiecesTakenDown.said(x, p, t)))
                        .toList(),
                judged.below().stream()
                        .map(b -> new BelowWord(
                                b.what(), b.severity(), Speech.words().say(b.said())))
                        .toList(),
                t.below().bed().filter(b -> !down && !strikes.isEmpty()).map(b -> OnBed.of(b, site, at, p)),
                ThenView.of(Then.after(t, p)));
    }

    private static ChainLink link(TakeDown t, Piece p, Link l, FigureSide side) {
        Dimension d = l.kind().bends() ? Dimension.MOMENT : Dimension.FORCE;
        return new ChainLink(
                l.kind(),
                Speech.words().term(l.kind()),
                l.fault().map(Speech.words()::term),
                l.heightM(),
                l.heightM()
                        .map(t.figure()::axis)
                        .or(() -> switch (l.kind()) {
                            case LINE, SECOND_LINE -> p.tie();
                            case BRAKE, HAND -> p.brake();
                            case FRICTION_ALOFT, SECOND_SLING, SECOND_HAND ->
                                t.gear().second().map(SecondLine::fromFoot);
                            default -> p.block();
                        })
                        .map(side::at),
                l.reckoned().map(f -> Speech.words().show(Arg.up(d, f))),
                l.may().map(m -> Speech.words().show(Arg.down(d, m))),
                l.share(),
                l.over()
                        ? Severity.STOP
                        : !l.known() ? Severity.SECOND_OPINION : l.near() ? Severity.CAUTION : Severity.NOTE);
    }

    /** @return how much a share of what something carries weighs; empty is not known */
    static Severity ofShare(Optional<Double> share) {
        return share.map(s -> s > 1 ? Severity.STOP : s > Link.NEAR ? Severity.CAUTION : Severity.NOTE)
                .orElse(Severity.SECOND_OPINION);
    }

    /** @return what is to be said, in the reader's words */
    static PieceWord word(PieceRemark remark, Message said) {
        return new PieceWord(remark, Severity.of(remark.level()), Speech.words().say(said));
    }
}
