package org.antevid.core.takedown.pieces;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.rope.Device;
import org.antevid.core.takedown.rope.Efficiency;
import org.antevid.core.takedown.rope.Line;
import org.antevid.core.takedown.rope.WeakestLink;
import org.antevid.core.takedown.spar.BackGuy;
import org.antevid.core.takedown.spar.Point;

/**
 * What a back guy has to hold while a tree is taken down: the whole tree at its heavy end and its farthest lean, with
 * the pull of the worst piece. Nothing is credited to the plate; wind is not in it.
 *
 * @param worst at the piece that asks most of it; empty while its arm about the foot is too short to hold anything
 * @param piece number of that piece; empty while nothing hangs in a line
 * @param mayN what its line carries at its knot; empty: not known
 * @param share of that
 * @param fromN with less pull the plate turns a degree before the guy carries; {@code toN}: with more it draws the tree
 *     over at its least lean; empty where it does not hold
 * @param remarks the worst first
 */
public record GuyCheck(
        Guy guy,
        Optional<BackGuy> worst,
        Optional<Integer> piece,
        Optional<Double> mayN,
        Optional<Double> share,
        Optional<Double> fromN,
        Optional<Double> toN,
        List<GuyRemark> remarks) {
    private static final double SWAY = 1.5;
    private static final double GAMMA = 1.5;
    private static final double TURNS_DEG = 1;

    /** A plate that is seen to have lifted, nobody said how far: as far as any that is no rescue, metres. */
    private static final double RISE_NOT_SAID_M = 1;

    /** A stem of the plan this close to the anchor is its tree, metres. */
    private static final double SAME_TREE_M = 1.5;

    /** Older and wetter than its data (judgement). */
    private static final double SOFT = 0.8;

    private static final double LEAST_BLOCK_M = 0.5;
    private static final double MOST_DEG = 90;

    public GuyCheck {
        remarks = List.copyOf(remarks);
    }

    /** @return its anchor, foot of the stem at nought */
    public Point anchorFromFoot() {
        double az = Math.toRadians(guy.deg());
        return new Point(guy.awayM() * Math.sin(az), guy.awayM() * Math.cos(az), guy.anchorHeightM());
    }

    /** @return where its anchor is on the plan */
    public Spot anchor(Spot foot) {
        return foot.at(guy.deg(), guy.awayM());
    }

    /**
     * @param stem as it is known, {@code others} the stems beside it
     * @param ground at its foot
     */
    public static GuyCheck of(TakeDown plan, Guy guy, StemReading stem, List<StemReading> others, Ground ground) {
        Set<GuyRemark> remarks = EnumSet.noneOf(GuyRemark.class);
        CutFigure f = plan.figure();
        Optional<Double> may = guy.line().map(GuyCheck::mayN);
        Optional<Double> ea = guy.line().map(GuyCheck::softN);
        Optional<BackGuy> worst = Optional.empty();
        Optional<Integer> at = Optional.empty();
        try {
            worst = Optional.of(about(plan, guy, stem, still(f), ea, may));
            for (Piece p : plan.coming()) {
                if (p.cut().way().roped() && p.loading().peakN().isPresent()) {
                    BackGuy b = about(plan, guy, stem, rigged(f, p), ea, may);
                    if (needed(b) >= needed(worst.get())) {
                        worst = Optional.of(b);
                        at = Optional.of(p.number());
                    }
                }
            }
        } catch (RefusedInput armTooShort) {
            worst = Optional.empty();
        }
        worst.ifPresentOrElse(b -> told(b, remarks), () -> remarks.add(GuyRemark.WRONG_SIDE));
        anchor(plan, guy, stem, others, ground, remarks);
        if (guy.line().isEmpty()) {
            remarks.add(GuyRemark.LINE_NOT_CHOSEN);
        } else if (!guy.line().get().ageKnown()) {
            remarks.add(GuyRemark.AGE_NOT_KNOWN);
        }
        if (guy.line().filter(l -> !l.forUse()).isPresent()) {
            remarks.add(GuyRemark.LINE_NOT_FOR_USE);
        }
        Optional<Double> from = worst.flatMap(b -> ea.flatMap(e -> from(b, e, guy, f)));
        Optional<Double> to = worst.filter(b -> b.guyN().isPresent()).map(b -> to(b, guy, f));
        tension(guy, from, to, remarks);
        return new GuyCheck(
                guy,
                worst,
                at,
                may,
                worst.flatMap(BackGuy::guyN).flatMap(n -> may.map(m -> n / m)),
                from,
                to,
                remarks.stream()
                        .sorted(Comparator.comparing(GuyRemark::level).reversed())
                        .toList());
    }

    private static double needed(BackGuy b) {
        return b.guyNeededN().orElse(0.0);
    }

    private static double mayN(Gear.Part line) {
        return WeakestLink.of(
                        new WeakestLink.Forces(1, Optional.empty(), Optional.empty()),
                        WeakestLink.Basis.PEAK,
                        List.of(new WeakestLink.Part(
                                line.name(),
                                WeakestLink.Kind.ROPE,
                                WeakestLink.Carries.LINE,
                                Optional.of(line.strengthN()),
                                Optional.empty(),
                                WeakestLink.Termination.KNOT,
                                WeakestLink.Hitch.STRAIGHT,
                                0,
                                line.left(),
                                1,
                                Optional.empty())))
                .rows()
                .get(0)
                .limitN();
    }

    /** @return force that would stretch it to twice its length, at its soft end */
    private static double softN(Gear.Part line) {
        return SOFT
                * Line.of(new Line.Known(
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.of(line.strengthN()),
                                1,
                                SOFT,
                                0,
                                Efficiency.of(Device.BEARING_BLOCK, Optional.empty(), Optional.empty())))
                        .eaN();
    }

    private static BackGuy about(
            TakeDown plan,
            Guy guy,
            StemReading stem,
            BackGuy.Rigged rigged,
            Optional<Double> ea,
            Optional<Double> may) {
        CutFigure f = plan.figure();
        Body tree = new Standing(f).all();
        boolean lifted = lifted(stem);
        double leans = f.leanMostDeg();
        double turned = lifted ? Math.min(leans, guy.turnedDeg().orElse(leans)) : 0;
        double off = Math.abs(Azimuth.turn(f.lean().azimuthDeg() + 180, guy.deg()));
        return BackGuy.of(
                rigged,
                new BackGuy.Tree(
                        tree.highKg(), tree.com().z(), turned, leans - turned, BackGuy.Carries.FULL, 0, rise(stem)),
                new BackGuy.Guy(
                        guy.heightM(),
                        guy.awayM(),
                        guy.anchorHeightM(),
                        Math.min(MOST_DEG, off),
                        GAMMA,
                        guy.pretensionN(),
                        ea,
                        may),
                new BackGuy.Held(aloft(plan), false, guy.proven()));
    }

    private static boolean aloft(TakeDown plan) {
        return plan.coming().stream().anyMatch(p -> p.cut().way().aloft())
                && plan.aloft().allowed().compareTo(Aloft.Allowed.OTHER_ANCHOR) < 0;
    }

    private static boolean lifted(StemReading stem) {
        return Aloft.of(stem).reasons().stream().anyMatch(r -> r.why() == Aloft.Why.PLATE_LIFTED);
    }

    private static double rise(StemReading stem) {
        return stem.more()
                .heave()
                .map(h -> h.value() + Estimate.Z95 * h.sigma())
                .orElse(lifted(stem) ? RISE_NOT_SAID_M : 0);
    }

    private static BackGuy.Rigged still(CutFigure f) {
        return new BackGuy.Rigged(0, SWAY, 1, Math.max(LEAST_BLOCK_M, f.heightM() / 2), 0, 0, 0);
    }

    private static BackGuy.Rigged rigged(CutFigure f, Piece p) {
        Point block = p.block().orElseThrow();
        Point hangs = p.drift().map(Drift::end).orElseGet(() -> block.plus(new Point(0, 0, -1)));
        Point brake = p.brake().orElseThrow();
        return new BackGuy.Rigged(
                p.loading().peakN().orElse(0.0),
                SWAY,
                1,
                Math.max(LEAST_BLOCK_M, block.z()),
                along(f, block.minus(f.axis(block.z()))),
                fromPlumb(f, hangs.minus(block)),
                fromPlumb(f, brake.minus(block)));
    }

    /** @return metres towards the lean */
    private static double along(CutFigure f, Point v) {
        double az = Math.toRadians(f.lean().azimuthDeg());
        return v.x() * Math.sin(az) + v.y() * Math.cos(az);
    }

    private static double fromPlumb(CutFigure f, Point leg) {
        double deg = Math.toDegrees(Math.atan2(along(f, leg), -leg.z()));
        return Math.max(-MOST_DEG, Math.min(MOST_DEG, deg));
    }

    private static void told(BackGuy b, Set<GuyRemark> remarks) {
        b.remarks().forEach(t -> as(t.what()).ifPresent(remarks::add));
    }

    private static Optional<GuyRemark> as(Remark r) {
        return Optional.ofNullable(
                switch (r) {
                    case GUY_WRONG_SIDE -> GuyRemark.WRONG_SIDE;
                    case GUY_OVER_LIMIT -> GuyRemark.OVER_LIMIT;
                    case GUY_LETS_PLATE_MOVE -> GuyRemark.LETS_PLATE_MOVE;
                    case CLIMB_ON_LIFTED_PLATE -> GuyRemark.SOMEBODY_ALOFT;
                    case RIGGING_ON_LIFTED_PLATE -> GuyRemark.NOT_PROVEN;
                    case GUY_IS_NO_RESCUE -> GuyRemark.NO_RESCUE;
                    case NEEDS_SECOND_GUY -> GuyRemark.SECOND_GUY;
                    case GUY_STEEP -> GuyRemark.STEEP;
                    case GUY_LOW -> GuyRemark.LOW;
                    case GUY_TOO_SOFT -> GuyRemark.TOO_SOFT;
                    // an unknown line is said once, of the line
                    default -> null;
                });
    }

    /** Pieces that end on it, a tree that does not hold, or one nobody looked at. */
    private static void anchor(
            TakeDown plan, Guy guy, StemReading stem, List<StemReading> others, Ground ground, Set<GuyRemark> remarks) {
        Spot at = stem.at().at(guy.deg(), guy.awayM());
        if (plan.coming().stream()
                .filter(p -> p.cut().way() != Way.FELLED && !p.cut().way().picked())
                .flatMap(p -> KeepClear.of(stem.at(), p, ground).stream())
                .anyMatch(z -> Shape.polygon(z).distanceTo(at) <= 0)) {
            remarks.add(GuyRemark.ANCHOR_IN_ZONE);
        }
        boolean bad = others.stream()
                .filter(o -> !o.label().equals(stem.label()) && o.at().distanceTo(at) < SAME_TREE_M)
                .anyMatch(o -> Aloft.of(o).allowed().compareTo(Aloft.Allowed.PLATFORM) >= 0);
        if (bad || guy.sound().filter(s -> !s).isPresent()) {
            remarks.add(GuyRemark.ANCHOR_BAD);
        } else if (guy.sound().isEmpty()) {
            remarks.add(GuyRemark.ANCHOR_NOT_SEEN);
        }
    }

    /** Below it the plate has turned a degree before the guy carries what it has to. */
    private static Optional<Double> from(BackGuy b, double eaN, Guy guy, CutFigure f) {
        double cos = cosOff(guy, f);
        return b.guyNeededN()
                .map(n -> Math.max(0, n / GAMMA - Math.toRadians(TURNS_DEG) * b.armM() * cos * eaN / b.guyLengthM()));
    }

    /** Above it the guy takes more than the lean gives. */
    private static double to(BackGuy b, Guy guy, CutFigure f) {
        Body tree = new Standing(f).all();
        double least = Math.max(0, f.lean().deg() - Estimate.Z95 * f.lean().sigmaDeg());
        double leans = tree.massKg() * StemMass.G * tree.com().z() * Math.tan(Math.toRadians(least));
        return leans / (b.armM() * cosOff(guy, f));
    }

    private static double cosOff(Guy guy, CutFigure f) {
        return Math.cos(Math.toRadians(Azimuth.turn(f.lean().azimuthDeg() + 180, guy.deg())));
    }

    private static void tension(Guy guy, Optional<Double> from, Optional<Double> to, Set<GuyRemark> remarks) {
        if (from.isPresent() && to.isPresent() && from.get() > to.get()) {
            remarks.add(GuyRemark.NO_TENSION);
            remarks.remove(GuyRemark.LETS_PLATE_MOVE);
        } else if (to.filter(t -> guy.pretensionN() > t).isPresent()) {
            remarks.add(GuyRemark.PULLS_IT_OVER);
        }
    }
}
