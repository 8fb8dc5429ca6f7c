package org.antevid.core.takedown.pieces;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;
import org.antevid.core.takedown.rope.CatchPeak;
import org.antevid.core.takedown.rope.Fall;
import org.antevid.core.takedown.rope.LetRun;
import org.antevid.core.takedown.rope.Line;
import org.antevid.core.takedown.rope.Load;
import org.antevid.core.takedown.rope.WeakestLink;
import org.antevid.core.takedown.rope.Wraps;
import org.antevid.core.takedown.spar.LinePath;
import org.antevid.core.takedown.spar.Point;
import org.antevid.core.takedown.spar.SparLoad;

/**
 * What one piece loads on its way down: every link from the knot to the hand and the stem at each weak place. Each
 * force at its high end, what each link carries at its low end.
 *
 * @param links the worst first
 * @param peakN in the line; empty without one
 * @param wraps on the brake, by the half, where it is slippery; empty without a line
 * @param wrapsLeast the same where it grips: more than it takes then may lock
 * @param sinksM how far its centre comes down until the line holds it
 * @param roomM what is left beneath its lowest end then
 */
public record Loading(
        List<Link> links,
        Optional<Double> peakN,
        Optional<Double> wraps,
        Optional<Double> wrapsLeast,
        Optional<Double> sinksM,
        Optional<Double> roomM,
        List<PieceRemark> remarks) {
    private static final double SWAY = 1.5;
    private static final double SAFETY = 5;
    private static final double CLIMBER_KG = 120;
    private static final double MU_LOW = 0.1;
    private static final double MU_HIGH = 0.25;
    private static final double BRAKE_HEIGHT_M = 1;
    private static final double WIDE_DEG = 45;
    private static final double LEAST_LEG_M = 0.1;

    public Loading {
        links = List.copyOf(links);
        remarks = List.copyOf(remarks);
    }

    public Optional<Link> worst() {
        return links.stream().findFirst();
    }

    /** @return whether every link that is known holds, and it stays off the ground */
    boolean holds() {
        return links.stream().noneMatch(Link::over)
                && !remarks.contains(PieceRemark.LINK_OVER)
                && !remarks.contains(PieceRemark.STRIKES_GROUND);
    }

    /** What the line does. */
    private record Pull(
            double weightN,
            double peakN,
            double anchorN,
            double brakeN,
            double sinksM,
            Wraps wraps,
            double wrapsLeast) {
        /** The pull across is more than the weight, and lasts: the hand holds it all the way. */
        private Pull drawn(Drift d, Line line, Gear gear) {
            double up = line.efficiencyHigh();
            double hold = Math.max(1, up * d.firstN());
            Wraps over = Loading.wraps(hold, gear, MU_LOW);
            return new Pull(
                    Math.max(weightN, d.firstN()),
                    Math.max(peakN, d.firstN()),
                    Math.max(anchorN, d.firstN() * (1 + up)),
                    Math.max(brakeN, d.firstN() * up),
                    sinksM,
                    over.wraps() > wraps.wraps() ? over : wraps,
                    Math.max(wrapsLeast, Loading.wraps(hold, gear, MU_HIGH).wraps()));
        }
    }

    /**
     * @param after what stands when the piece is off
     * @param climberM height of whoever cuts on the stem; empty: nobody is on it
     */
    static Loading of(CutFigure figure, Standing after, Hung piece, Gear gear, Optional<Double> climberM, double runM) {
        List<PieceRemark> remarks = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        Optional<Pull> pull = piece.way().roped() ? pull(piece, gear, runM) : Optional.empty();
        if (piece.way().roped()) {
            links.addAll(gear(gear, pull));
            if (piece.way() == Way.DRIFTED) {
                links.add(second(gear, piece));
            }
            pull.ifPresent(p -> {
                if (p.wraps.remarks().stream().anyMatch(t -> t.what() == Remark.MANY_WRAPS)) {
                    remarks.add(PieceRemark.MANY_WRAPS);
                }
            });
            if (piece.swingDeg() > WIDE_DEG) {
                remarks.add(PieceRemark.SWINGS_WIDE);
            }
        }
        links.addAll(stem(figure, after, piece, gear, climberM, pull, remarks));
        links.sort(Link.WORST);
        Optional<Double> sinks = pull.map(Pull::sinksM);
        Optional<Double> room = piece.drift()
                .map(d -> d.end().z() - piece.hangsM())
                .or(() -> sinks.map(s -> piece.com().z() - s - piece.hangsM()));
        if (room.filter(m -> m < 0).isPresent()) {
            remarks.add(PieceRemark.STRIKES_GROUND);
        }
        return new Loading(
                links,
                pull.map(Pull::peakN),
                pull.map(p -> p.wraps.wraps()),
                pull.map(Pull::wrapsLeast),
                sinks,
                room,
                remarks);
    }

    private static Optional<Pull> pull(Hung p, Gear gear, double runM) {
        double legBrake = gear.brakeDeg().isPresent()
                ? Math.hypot(gear.brakeAwayM(), p.blockM() - BRAKE_HEIGHT_M)
                : Math.max(LEAST_LEG_M, p.blockM() - BRAKE_HEIGHT_M);
        return gear.over(legBrake).map(line -> {
            double high = p.highKg();
            Load load = new Load(Math.min(p.massKg(), high), Optional.of(high));
            Fall fall = p.way().fallsIntoLine()
                    ? new Fall(Optional.empty(), Optional.of(Math.max(0, p.com().z() - p.blockM())), gear.slackM())
                    : new Fall(Optional.of(0.0), Optional.empty(), gear.slackM());
            double leg = Math.max(LEAST_LEG_M, p.legM() + gear.slackM());
            double weight = high * StemMass.G;
            double hold = Math.max(1, line.efficiencyHigh() * weight);
            Wraps wraps = wraps(hold, gear, MU_LOW);
            double least = wraps(hold, gear, MU_HIGH).wraps();
            Pull pull = runM > 0
                    ? run(load, fall, runM, line, leg, weight, wraps, least)
                    : caught(p, load, fall, line, leg, wraps, least);
            return p.drift().map(d -> pull.drawn(d, line, gear)).orElse(pull);
        });
    }

    private static Wraps wraps(double holdN, Gear gear, double least) {
        return Wraps.of(
                holdN, gear.handN(), Optional.empty(), new Wraps.Friction(least, MU_HIGH), new Wraps.Friction(0, 0), 0);
    }

    private static Pull caught(Hung p, Load load, Fall fall, Line line, double leg, Wraps wraps, double least) {
        CatchPeak c = CatchPeak.of(
                load,
                fall,
                p.swingDeg() > 0 ? new CatchPeak.Swing(p.swingDeg(), Optional.of(leg)) : CatchPeak.Swing.NONE,
                line,
                leg);
        return new Pull(c.weightN(), c.peakN(), c.anchorN(), c.brakeN(), c.fallTotalM(), wraps, least);
    }

    private static Pull run(
            Load load, Fall fall, double runM, Line line, double leg, double weight, Wraps wraps, double least) {
        LetRun r = LetRun.of(
                load,
                fall,
                new LetRun.Brake(Optional.empty(), Optional.empty(), Optional.of(runM)),
                Optional.empty(),
                line,
                leg);
        double up = line.efficiencyHigh();
        return new Pull(
                weight,
                r.peakN(),
                r.peakN() * (1 + up),
                r.peakN() * up,
                r.fallTotalM().orElseThrow(),
                wraps,
                least);
    }

    /** Knot to hand, still and in the catch: what is used more counts. */
    private static List<Link> gear(Gear gear, Optional<Pull> pull) {
        List<Link> links = new ArrayList<>();
        links.add(link(Link.Kind.LINE, gear.line(), pull, WeakestLink.Kind.ROPE, WeakestLink.Carries.LINE));
        links.add(link(Link.Kind.BLOCK, gear.block(), pull, WeakestLink.Kind.BLOCK, WeakestLink.Carries.ANCHOR));
        links.add(link(Link.Kind.SLING, gear.sling(), pull, WeakestLink.Kind.SLING, WeakestLink.Carries.ANCHOR));
        links.add(link(Link.Kind.BRAKE, gear.brake(), pull, WeakestLink.Kind.BRAKE, WeakestLink.Carries.BRAKE));
        pull.ifPresent(p -> links.add(new Link(
                Link.Kind.HAND,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                p.wraps.handNeededN(),
                Optional.of(gear.handN()),
                Optional.of(p.wraps.handNeededN() / gear.handN()))));
        return links;
    }

    private static Link second(Gear gear, Hung piece) {
        Optional<Pull> pulls =
                piece.drift().map(d -> new Pull(d.secondN(), d.secondN(), 0, 0, 0, wraps(1, gear, MU_LOW), 0));
        return link(
                Link.Kind.SECOND_LINE,
                gear.second().flatMap(SecondLine::line),
                pulls,
                WeakestLink.Kind.ROPE,
                WeakestLink.Carries.LINE);
    }

    private static Link link(
            Link.Kind kind,
            Optional<Gear.Part> part,
            Optional<Pull> pull,
            WeakestLink.Kind what,
            WeakestLink.Carries carries) {
        if (part.isEmpty() || pull.isEmpty()) {
            return new Link(
                    kind, Optional.empty(), Optional.empty(), Optional.empty(), 0, Optional.empty(), Optional.empty());
        }
        Gear.Part p = part.get();
        Pull n = pull.get();
        boolean line = kind == Link.Kind.LINE || kind == Link.Kind.SECOND_LINE;
        List<WeakestLink.Part> alone = List.of(new WeakestLink.Part(
                kind.name(),
                what,
                carries,
                Optional.of(p.strengthN()).filter(x -> line),
                Optional.of(p.strengthN()).filter(x -> !line),
                line ? WeakestLink.Termination.KNOT : WeakestLink.Termination.NONE,
                kind == Link.Kind.SLING ? WeakestLink.Hitch.CHOKER : WeakestLink.Hitch.STRAIGHT,
                0,
                p.left(),
                1,
                Optional.empty()));
        double still = n.weightN;
        WeakestLink.Row peak = WeakestLink.of(
                        new WeakestLink.Forces(n.peakN, Optional.of(n.brakeN), Optional.of(n.anchorN)),
                        WeakestLink.Basis.PEAK,
                        alone)
                .weakest();
        WeakestLink.Row quiet = WeakestLink.of(
                        new WeakestLink.Forces(still, Optional.of(still), Optional.of(2 * still)),
                        WeakestLink.Basis.STATIC,
                        alone)
                .weakest();
        WeakestLink.Row worse = quiet.util() > peak.util() ? quiet : peak;
        return new Link(
                kind,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                worse.loadN(),
                Optional.of(worse.limitN()),
                Optional.of(worse.util()));
    }

    private static List<Link> stem(
            CutFigure f,
            Standing after,
            Hung piece,
            Gear gear,
            Optional<Double> climberM,
            Optional<Pull> pull,
            List<PieceRemark> remarks) {
        List<WeakPlace> places = new ArrayList<>(
                f.weak().stream().filter(w -> w.heightM() < after.topM() - 1e-6).toList());
        if (places.isEmpty()) {
            return List.of();
        }
        if (piece.way().roped() && piece.blockM() < after.topM()) {
            places.add(f.anchor(piece.blockM()));
        }
        List<SparLoad.Mass> masses = new ArrayList<>();
        after.all().parts().forEach(p -> masses.add(new SparLoad.Mass(f.leaningMost(p.com()), p.highKg(), false)));
        climberM.ifPresent(z -> masses.add(new SparLoad.Mass(
                f.leaningMost(f.axis(Math.min(z, after.topM())).plus(new Point(0, 0, 0.01))), CLIMBER_KG, true)));
        List<SparLoad> loads = paths(f, piece, gear, pull).stream()
                .map(path -> SparLoad.of(
                        path,
                        masses,
                        piece.push().stream().toList(),
                        new SparLoad.Spar(f.leanMostDeg(), f.lean().azimuthDeg()),
                        places.stream()
                                .map(w -> new SparLoad.Section(w.heightM(), w.wood(), false))
                                .toList(),
                        f.strength(),
                        SAFETY))
                .toList();
        List<Link> links = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            WeakPlace w = places.get(i);
            int at = i;
            SparLoad.Row row = loads.stream()
                    .map(l -> l.rows().get(at))
                    .max(Comparator.comparingDouble((SparLoad.Row r) -> r.util().orElse(0.0))
                            .thenComparing(SparLoad.Row::momentNm))
                    .orElseThrow();
            links.add(new Link(
                    switch (w.part()) {
                        case FOOT -> Link.Kind.FOOT;
                        case FAULT -> Link.Kind.STEM;
                        case ANCHOR -> Link.Kind.ANCHOR;
                    },
                    w.defectId(),
                    w.kind(),
                    Optional.of(w.heightM()),
                    row.momentNm(),
                    row.util().filter(u -> u > 0).map(u -> row.momentNm() / u),
                    row.util()));
        }
        loads.forEach(load -> {
            // over its limit even as full wood, whatever its wall may be
            if (load.remarks().stream()
                    .filter(t -> t.what() == Remark.STEM_OVER_LIMIT)
                    .anyMatch(t -> load.rows()
                            .get(Integer.parseInt(t.about().get(0)))
                            .util()
                            .isEmpty())) {
                remarks.add(PieceRemark.LINK_OVER);
            }
            load.remarks().forEach(t -> said(t, piece, places)
                    .filter(r -> !remarks.contains(r))
                    .ifPresent(remarks::add));
        });
        return links;
    }

    /** Of a thin or open place only what hangs above it says something. */
    private static Optional<PieceRemark> said(Remarks.Told t, Hung piece, List<WeakPlace> places) {
        boolean above = t.about().isEmpty()
                || piece.way().roped()
                        && piece.blockM()
                                > places.get(Integer.parseInt(t.about().get(0))).heightM();
        return switch (t.what()) {
            case ANCHOR_ABOVE_DEFECT -> Optional.of(PieceRemark.RIGGED_ABOVE_FAULT);
            case PERSON_ABOVE_DEFECT -> Optional.of(PieceRemark.PERSON_ABOVE_FAULT);
            case DO_NOT_ANCHOR -> Optional.of(PieceRemark.DO_NOT_TIE).filter(x -> above);
            case WALL_NOT_KNOWN -> Optional.of(PieceRemark.WALL_NOT_KNOWN).filter(x -> above);
            case OPEN_OR_SPLIT -> Optional.of(PieceRemark.SPLIT_BELOW);
            case THIN_WALL -> Optional.of(PieceRemark.THIN_WALL).filter(x -> above);
            default -> Optional.empty();
        };
    }

    /** @return where the line ends: at the foot, or on another tree */
    static Point brake(CutFigure f, Hung piece, Gear gear) {
        return gear.brakeDeg()
                .map(deg -> new Point(
                        gear.brakeAwayM() * Math.sin(Math.toRadians(deg)),
                        gear.brakeAwayM() * Math.cos(Math.toRadians(deg)),
                        BRAKE_HEIGHT_M))
                .orElseGet(() -> f.axis(Math.min(BRAKE_HEIGHT_M, piece.blockM() - LEAST_LEG_M))
                        .plus(new Point(
                                piece.block().x() - f.axis(piece.blockM()).x(),
                                piece.block().y() - f.axis(piece.blockM()).y(),
                                0)));
    }

    /** One for each place the piece hangs at: straight below the block, and where a second line has drawn it to. */
    private static List<LinePath> paths(CutFigure f, Hung piece, Gear gear, Optional<Pull> pull) {
        Point block = f.leaningMost(piece.block());
        List<LinePath> all = new ArrayList<>(
                List.of(path(f, piece, gear, pull.map(Pull::peakN).orElse(0.0), block.plus(new Point(0, 0, -1)))));
        piece.drift().ifPresent(d -> d.places()
                .forEach(p -> all.add(path(f, piece, gear, p.firstN(), block.plus(p.at().minus(piece.block()))))));
        return all;
    }

    private static LinePath path(CutFigure f, Hung piece, Gear gear, double lineN, Point load) {
        Point brake = gear.brakeDeg().isPresent() ? brake(f, piece, gear) : f.leaningMost(brake(f, piece, gear));
        return new LinePath(
                lineN,
                List.of(
                        new LinePath.Node(load, false, 1),
                        new LinePath.Node(
                                f.leaningMost(piece.block()),
                                true,
                                gear.efficiency().low()),
                        new LinePath.Node(brake, gear.brakeDeg().isEmpty(), 1)),
                SWAY);
    }
}
