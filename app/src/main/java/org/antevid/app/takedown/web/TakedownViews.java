package org.antevid.app.takedown.web;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.app.reader.Speech;
import org.antevid.app.takedown.ChosenGear;
import org.antevid.app.takedown.Planned;
import org.antevid.app.takedown.Takedowns.Reckoned;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.crew.SmallestCrew;
import org.antevid.core.judge.takedown.GuyHolds;
import org.antevid.core.judge.takedown.NextOfCrane;
import org.antevid.core.judge.takedown.NextOfPieces;
import org.antevid.core.judge.takedown.PieceJudged;
import org.antevid.core.judge.takedown.PiecesTakenDown;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.MissingFact;
import org.antevid.core.takedown.drop.FreeDrop;
import org.antevid.core.takedown.pieces.Aloft;
import org.antevid.core.takedown.pieces.ClimbKit;
import org.antevid.core.takedown.pieces.Cut;
import org.antevid.core.takedown.pieces.Fallback;
import org.antevid.core.takedown.pieces.FigureSide;
import org.antevid.core.takedown.pieces.Guy;
import org.antevid.core.takedown.pieces.GuyCheck;
import org.antevid.core.takedown.pieces.GuyRemark;
import org.antevid.core.takedown.pieces.Proposal;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.core.takedown.pieces.Way;
import org.antevid.core.takedown.spar.BackGuy;

/** What is answered of a tree taken down in pieces. */
final class TakedownViews {
    private TakedownViews() {}

    record MayBeAloft(Aloft.Allowed value, String words) {}

    record WayDown(Way value, String words, boolean roped) {}

    record LandsOn(FreeDrop.Surface value, String words) {}

    /** @param mayBe who may then be aloft; left out: as it is */
    record Instead(Fallback value, String words, Optional<Aloft.Allowed> mayBe) {}

    record KitOfClimber(ClimbKit value, String words) {}

    record MissingOfTree(MissingFact value, String words) {}

    /** @param known whether somebody looked; not known counts as bad */
    record AloftReason(
            String words,
            Optional<String> fault,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) Optional<Double> fromM,
            boolean known) {}

    /**
     * Who may be up there by the records.
     *
     * @param climbToM nobody is tied in or climbs above it
     * @param rigToM nothing is rigged above it
     */
    record AloftView(
            Aloft.Allowed allowed,
            String words,
            @Shown(in = Dimension.LENGTH, to = Side.DOWN) Optional<Double> climbToM,
            @Shown(in = Dimension.LENGTH, to = Side.DOWN) Optional<Double> rigToM,
            List<AloftReason> reasons) {}

    record GearView(
            Optional<String> line,
            Optional<String> block,
            Optional<String> sling,
            Optional<String> brake,
            Optional<Double> brakeDeg,
            double brakeAwayM,
            double handN,
            double slackM,
            Optional<TakedownRequests.SecondPut> second) {}

    /**
     * A back guy and what it has to hold.
     *
     * @param neededN at the piece that asks most of it, {@code forPiece}
     * @param fromN it carries too late with less pull than that; {@code toN} it draws the tree over with more
     * @param line of it as the tree is seen
     */
    record GuyView(
            Optional<String> line,
            double heightM,
            double deg,
            double awayM,
            double anchorHeightM,
            double pretensionN,
            Optional<Double> turnedDeg,
            boolean proven,
            Optional<Boolean> sound,
            @Shown(in = Dimension.FORCE, to = Side.UP) Optional<Double> neededN,
            @Shown(in = Dimension.FORCE, to = Side.DOWN) Optional<Double> mayN,
            @Shown(in = Dimension.SHARE, to = Side.UP) Optional<Double> share,
            Optional<Integer> forPiece,
            @Shown(in = Dimension.FORCE, to = Side.UP) Optional<Double> fromN,
            @Shown(in = Dimension.FORCE, to = Side.DOWN) Optional<Double> toN,
            List<FigureSide.OnFigure> drawn,
            Spot anchor,
            Severity shareSeverity,
            List<GuyWord> remarks) {}

    /**
     * Another tree that something may be tied to; {@code sound} left out where the records do not say,
     * {@code offBehindDeg} where the lean is not known.
     */
    record AnchorView(
            String label,
            double deg,

            @Shown(in = Dimension.DISTANCE, to = Side.NEAREST)
            double awayM,

            Optional<Boolean> sound,
            Optional<Double> offBehindDeg) {}

    /**
     * The fewest people it can be taken down with.
     *
     * @param roles one for each, in words; whoever stands by to rescue does nothing else
     * @param piece that asks for them at once
     */
    record CrewOfPieces(int people, List<String> roles, int piece) {}

    record GuyWord(GuyRemark remark, Severity severity, String words) {}

    /**
     * What can be said of a plan of pieces, in words: it is the same for any that is made of this tree.
     *
     * @param beds landing beds on the plan
     * @param anchors trees that a second line or a guy may be tied to
     */
    record ToChoose(
            List<MayBeAloft> allowances,
            List<WayDown> ways,
            List<LandsOn> surfaces,
            List<Instead> instead,
            List<KitOfClimber> climbKit,
            List<String> beds,
            List<AnchorView> anchors) {}

    record PieceCut(
            Optional<String> limb,
            double atM,
            Way way,
            Optional<Double> tieM,
            Optional<Double> blockM,
            Optional<Double> runM,
            Optional<Double> towardDeg) {}

    /**
     * A tree taken down in pieces.
     *
     * @param id of the plan that is kept; sent back with the next one
     * @param mayBe who may be aloft as the leader says it
     * @param saidNo the climber's No that stands, in words; {@code saidNoBy} whose it is: only they take it back
     * @param bed that pieces are let down onto
     * @param down how many pieces have come down
     * @param heaviestKg at its heavy end, of what is still to come
     * @param topped something goes over a hinge aloft: how far the stem then sways is asked
     * @param kept the tree stays: whether it is climbed on spikes is asked
     * @param mayHang whether what is cut from aloft may hang on it anywhere
     * @param guy left out: none is rigged
     * @param since how it differs from the plan that is kept
     * @param next what whoever leads does next
     */
    record TakedownView(
            Optional<String> id,
            String label,
            List<MissingOfTree> missing,
            AloftView aloft,
            Optional<Aloft.Allowed> mayBe,
            Optional<String> climber,
            Optional<Fallback> fallback,
            Optional<String> agreedWith,
            Optional<String> saidNo,
            Optional<String> saidNoBy,
            FreeDrop.Surface surface,
            Optional<TakedownRequests.BedPut> bed,
            GearView gear,
            Optional<GuyView> guy,
            TakedownRequests.ClimbSaid climb,
            List<PieceCut> cuts,
            List<FigureViews.LimbView> limbs,
            Optional<FigureViews.CutFigureView> figure,
            List<PieceViews.PieceView> pieces,
            int down,
            List<FigureViews.LeanAfter> leaning,
            List<FigureViews.LeanTick> leanTicks,
            boolean whole,
            Optional<CrewOfPieces> smallestCrew,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) Optional<Double> leftM,
            @Shown(in = Dimension.MASS, to = Side.UP) Optional<Double> heaviestKg,
            List<PieceViews.PieceWord> remarks,
            boolean topped,
            boolean kept,
            boolean mayHang,
            ToChoose choices,
            NextOfPieces.SinceKept since,
            NextOfPieces next) {}

    /** @param crane what is next of the crane that picks it; empty: none picks any of it, or the plan is not kept */
    static TakedownView view(Reckoned r, Optional<NextOfCrane> crane) {
        Planned p = r.planned();
        List<PieceJudged> judged = r.judged();
        Optional<FigureSide> side = r.plan().map(t -> FigureSide.of(t.figure()));
        return new TakedownView(
                r.id(),
                r.stem().label(),
                r.missing().stream()
                        .map(m -> new MissingOfTree(m, Speech.words().term(m)))
                        .toList(),
                aloft(r.reckoned()),
                p.said(),
                p.climber(),
                p.fallback(),
                p.agreedWith(),
                r.saidNo().map(TakedownViews::said),
                r.saidNo().map(Situation.ClimbersNo::who),
                p.surface(),
                p.bed().map(TakedownRequests.BedPut::of),
                new GearView(
                        p.gear().line(),
                        p.gear().block(),
                        p.gear().sling(),
                        p.gear().brake(),
                        p.gear().brakeDeg(),
                        p.gear().brakeAwayM(),
                        p.gear().handN(),
                        p.gear().slackM(),
                        p.gear().second().map(TakedownRequests.SecondPut::of)),
                r.guy()
                        .map(g -> guy(
                                g,
                                p.guy().flatMap(ChosenGear.OnLine::line),
                                side.orElseThrow(),
                                r.stem().at())),
                TakedownRequests.ClimbSaid.of(p.climb()),
                p.cuts().stream().map(TakedownViews::cut).toList(),
                r.plan()
                        .map(t -> t.figure().limbs().stream()
                                .map(l -> FigureViews.limb(l, side.orElseThrow()))
                                .toList())
                        .orElse(List.of()),
                r.plan().map(t -> FigureViews.figure(t, side.orElseThrow())),
                r.plan()
                        .map(t -> judged.stream()
                                .map(x -> PieceViews.piece(
                                        t, x, side.orElseThrow(), r.stem().at(), r.site()))
                                .toList())
                        .orElse(List.of()),
                r.plan().map(TakeDown::down).orElse(0),
                r.plan().map(FigureViews::leaning).orElse(List.of()),
                r.plan().map(FigureViews::ticks).orElse(List.of()),
                r.plan().filter(TakeDown::whole).isPresent(),
                r.plan()
                        .flatMap(SmallestCrew::of)
                        .map(c -> new CrewOfPieces(
                                c.roles().size(),
                                c.roles().stream().map(Speech.words()::term).toList(),
                                c.piece())),
                r.plan().map(t -> t.left().topM()),
                r.plan().filter(t -> !t.coming().isEmpty()).map(t -> Rounding.up(t.heaviestKg(), 0)),
                r.plan()
                        .map(t -> t.remarks().stream()
                                .map(x -> PieceViews.word(x, PiecesTakenDown.said(x, t)))
                                .toList())
                        .orElse(List.of()),
                r.plan()
                        .filter(t ->
                                t.coming().stream().anyMatch(x -> x.topping().isPresent()))
                        .isPresent(),
                r.stem().toBeKept(),
                Proposal.mayHang(r.plan().map(TakeDown::aloft).orElse(r.reckoned())),
                choices(r),
                r.since(),
                NextOfPieces.of(r.plan(), judged, r.reckoned(), p.said(), r.saidNo(), r.since(), crane));
    }

    private static ToChoose choices(Reckoned r) {
        return new ToChoose(
                Aloft.Allowed.sayable().stream()
                        .map(a -> new MayBeAloft(a, Speech.words().term(a)))
                        .toList(),
                Stream.of(Way.values())
                        .map(w -> new WayDown(w, Speech.words().term(w), w.roped()))
                        .toList(),
                Stream.of(FreeDrop.Surface.values())
                        .map(s -> new LandsOn(s, Speech.words().term(s)))
                        .toList(),
                Stream.of(Fallback.values())
                        .map(f -> new Instead(f, Speech.words().term(f), f.allows()))
                        .toList(),
                Stream.of(ClimbKit.values())
                        .map(k -> new KitOfClimber(k, Speech.words().term(k)))
                        .toList(),
                r.site().features().stream()
                        .filter(f -> f.kind() == FeatureKind.LANDING_BED)
                        .map(Feature::name)
                        .toList(),
                r.anchors().stream()
                        .map(a -> new AnchorView(a.label(), a.deg(), a.awayM(), a.sound(), a.offBehindDeg()))
                        .toList());
    }

    /** @return who said it and how high */
    static String said(Situation.ClimbersNo n) {
        return n.who() + ", " + Speech.words().show(Arg.of(Dimension.LENGTH, n.atM()));
    }

    private static GuyView guy(GuyCheck c, Optional<String> line, FigureSide side, Spot foot) {
        Guy g = c.guy();
        return new GuyView(
                line,
                g.heightM(),
                g.deg(),
                g.awayM(),
                g.anchorHeightM(),
                g.pretensionN(),
                g.turnedDeg(),
                g.proven(),
                g.sound(),
                c.worst().flatMap(BackGuy::guyNeededN),
                c.mayN(),
                c.share(),
                c.piece(),
                c.fromN(),
                c.toN(),
                List.of(side.at(side.figure().axis(g.heightM())), side.at(c.anchorFromFoot())),
                c.anchor(foot),
                PieceViews.ofShare(c.share()),
                c.remarks().stream()
                        .map(x -> new GuyWord(
                                x, Severity.of(x.level()), Speech.words().say(GuyHolds.said(x, c))))
                        .toList());
    }

    private static PieceCut cut(Cut c) {
        return new PieceCut(c.limb(), c.atM(), c.way(), c.tieM(), c.blockM(), c.runM(), c.towardDeg());
    }

    private static AloftView aloft(Aloft a) {
        return new AloftView(
                a.allowed(),
                Speech.words().term(a.allowed()),
                a.climbToM(),
                a.rigToM(),
                a.reasons().stream()
                        .map(x -> new AloftReason(
                                Speech.words().term(x.why()),
                                x.fault().map(Speech.words()::term),
                                x.fromM(),
                                x.known()))
                        .toList());
    }
}
