package org.antevid.core.takedown.pieces;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;
import org.antevid.core.takedown.rope.WeakestLink;
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
 * @param second in the line on the other tree; empty without one
 */
public record Loading(
        List<Link> links,
        Optional<Double> peakN,
        Optional<Double> wraps,
        Optional<Double> wrapsLeast,
        Optional<Double> sinksM,
        Optional<Double> roomM,
        Optional<OnOther> second,
        List<PieceRemark> remarks) {
    private static final double SWAY = 1.5;
    private static final double SAFETY = 5;
    private static final double CLIMBER_KG = 120;
    private static final double WIDE_DEG = 45;

    /** @param wraps on the brake behind the friction there, as on the first; empty where the line is tied there */
    public record OnOther(double peakN, Optional<Double> wraps, Optional<Double> wrapsLeast) {}

    public Loading {
        links = List.copyOf(links);
        remarks = List.copyOf(remarks);
    }

    /** @return on the brake that takes most of them */
    public Optional<Double> mostWraps() {
        return Stream.concat(wraps.stream(), second.flatMap(OnOther::wraps).stream())
                .max(Double::compare);
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

    /**
     * @param after what stands when the piece is off
     * @param climberM height of whoever cuts on the stem; empty: nobody is on it
     */
    static Loading of(CutFigure figure, Standing after, Hung piece, Gear gear, Optional<Double> climberM, double runM) {
        List<PieceRemark> remarks = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        Optional<Pull> pull = piece.way().roped() ? Pull.first(piece, gear, runM) : Optional.empty();
        Optional<Pull> second = Pull.second(piece, gear);
        if (piece.way().roped()) {
            links.addAll(gear(gear, pull));
            if (piece.way() == Way.DRIFTED) {
                links.addAll(second(gear, second));
            }
            Stream.concat(pull.stream(), second.stream()).forEach(p -> {
                if (p.wraps().remarks().stream().anyMatch(t -> t.what() == Remark.MANY_WRAPS)) {
                    remarks.add(PieceRemark.MANY_WRAPS);
                }
            });
            if (piece.swingDeg() > WIDE_DEG
                    && piece.drift().flatMap(Drift::held).isEmpty()) {
                remarks.add(PieceRemark.SWINGS_WIDE);
            }
        }
        links.addAll(stem(figure, after, piece, gear, climberM, pull, remarks));
        links.sort(Link.WORST);
        Optional<Double> sinks = piece.drift()
                .flatMap(Drift::held)
                .map(h -> second.map(x -> h.comesDownM() + x.sinksM()))
                .orElseGet(() -> pull.map(Pull::sinksM));
        Optional<Double> room = piece.drift()
                .map(d -> d.held()
                        .flatMap(h -> second.map(x -> Math.min(d.end().z(), h.lowestM() - x.sinksM())))
                        .orElse(d.end().z()))
                .or(() -> sinks.map(s -> piece.com().z() - s))
                .map(m -> m - piece.hangsM());
        if (room.filter(m -> m < 0).isPresent()) {
            remarks.add(PieceRemark.STRIKES_GROUND);
        }
        return new Loading(
                links,
                pull.map(Pull::peakN),
                pull.map(p -> p.wraps().wraps()),
                pull.map(Pull::wrapsLeast),
                sinks,
                room,
                second.map(p -> new OnOther(
                        p.peakN(),
                        Optional.of(p.wraps().wraps()).filter(w -> p.brakeN() > 0),
                        Optional.of(p.wrapsLeast()).filter(w -> p.brakeN() > 0))),
                remarks);
    }

    /** Knot to hand, still and in the catch: what is used more counts. */
    private static List<Link> gear(Gear gear, Optional<Pull> pull) {
        List<Link> links = new ArrayList<>();
        links.add(link(Link.Kind.LINE, gear.line(), pull, WeakestLink.Kind.ROPE, WeakestLink.Carries.LINE));
        links.add(link(Link.Kind.BLOCK, gear.block(), pull, WeakestLink.Kind.BLOCK, WeakestLink.Carries.ANCHOR));
        links.add(link(Link.Kind.SLING, gear.sling(), pull, WeakestLink.Kind.SLING, WeakestLink.Carries.ANCHOR));
        links.add(link(Link.Kind.BRAKE, gear.brake(), pull, WeakestLink.Kind.BRAKE, WeakestLink.Carries.BRAKE));
        pull.ifPresent(p -> links.add(hand(Link.Kind.HAND, gear, p)));
        return links;
    }

    /** The other tree's side of it. */
    private static List<Link> second(Gear gear, Optional<Pull> pull) {
        List<Link> links = new ArrayList<>();
        links.add(link(
                Link.Kind.SECOND_LINE,
                gear.second().flatMap(SecondLine::line),
                pull,
                WeakestLink.Kind.ROPE,
                WeakestLink.Carries.LINE));
        gear.second().flatMap(SecondLine::aloft).ifPresent(over -> {
            links.add(link(
                    Link.Kind.FRICTION_ALOFT, over.device(), pull, WeakestLink.Kind.BRAKE, WeakestLink.Carries.ANCHOR));
            links.add(link(
                    Link.Kind.SECOND_SLING, over.sling(), pull, WeakestLink.Kind.SLING, WeakestLink.Carries.ANCHOR));
            pull.ifPresent(p -> links.add(hand(Link.Kind.SECOND_HAND, gear, p)));
        });
        return links;
    }

    private static Link hand(Link.Kind kind, Gear gear, Pull p) {
        return new Link(
                kind,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                p.wraps().handNeededN(),
                Optional.of(gear.handN()),
                Optional.of(p.wraps().handNeededN() / gear.handN()));
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
        boolean sling = kind == Link.Kind.SLING || kind == Link.Kind.SECOND_SLING;
        List<WeakestLink.Part> alone = List.of(new WeakestLink.Part(
                kind.name(),
                what,
                carries,
                Optional.of(p.strengthN()).filter(x -> line),
                Optional.of(p.strengthN()).filter(x -> !line),
                line ? WeakestLink.Termination.KNOT : WeakestLink.Termination.NONE,
                sling ? WeakestLink.Hitch.CHOKER : WeakestLink.Hitch.STRAIGHT,
                0,
                p.left(),
                1,
                Optional.empty()));
        double still = n.weightN();
        WeakestLink.Row peak = WeakestLink.of(
                        new WeakestLink.Forces(n.peakN(), Optional.of(n.brakeN()), Optional.of(n.anchorN())),
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
                        Pull.BRAKE_HEIGHT_M))
                .orElseGet(() -> f.axis(Math.min(Pull.BRAKE_HEIGHT_M, piece.blockM() - Pull.LEAST_LEG_M))
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
