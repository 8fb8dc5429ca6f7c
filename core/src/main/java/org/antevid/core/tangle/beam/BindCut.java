package org.antevid.core.tangle.beam;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * One place to cut: which side is squeezed, how hard, what both parts do, in what order it is cut and where to stand.
 *
 * @param heightM underside above ground, empty when not known
 * @param momentNm sagging positive
 * @param lowNm lowest moment within the doubt of the seats
 * @param shearN just butt-ward of the cut
 * @param axialN tension positive
 * @param closureM how much the kerf closes on top; empty unless both parts rest
 * @param elasticJ freed by bending
 * @param dropJ freed by falling and tipping, 0 when both parts rest, empty when not known
 * @param overloaded supports whose load rises so far that they may give
 * @param unloads supports whose load goes
 */
public record BindCut(
        double xM,
        Optional<Double> heightM,
        double momentNm,
        double lowNm,
        double highNm,
        double shearN,
        double axialN,
        Section section,
        BindSeverity severity,
        Optional<Double> closureM,
        Severed buttPart,
        Severed tipPart,
        double elasticJ,
        Optional<Double> dropJ,
        List<Integer> overloaded,
        List<Integer> unloads,
        List<Stand> stand,
        List<Flag> flags,
        List<BindStep> sequence) {
    private static final double LOST_REL = 0.1;
    private static final double HIGHEST_CUT_M = 1.3;
    private static final double AT_SUPPORT_M = 0.3;
    private static final double SLOPED_DEG = 5;
    private static final double HANGS_DEG = 20;
    private static final double SHEAR_N = 1000;
    private static final double ROOM_M = 0.25;

    /** Where to stand; never in line with the stem, never in the sweep of a face. */
    public enum Stand {
        UPHILL_SIDE,
        CONCAVE_SIDE_LEFT,
        CONCAVE_SIDE_RIGHT,
        CONFLICT_USE_MACHINE,
        BESIDE_BUTT_PART,
        BESIDE_TIP_PART;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What has to be known of this place. */
    public enum Flag {
        HUNG_PART_OVERHEAD_NO_HAND_CUT,
        SUPPORT_LOAD_RISES,
        UPPER_PART_SLIDES_ONTO_BAR,
        NO_BENDING_BUT_SHEAR_DROP,
        CUT_ABOVE_WORKING_HEIGHT,
        CUT_AT_SUPPORT_SHEAR_PINCH;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    static BindCut of(Bind.Held held, double x) {
        LyingStem stem = held.stem();
        Section section = held.section(x);
        Severed butt = Severed.of(stem, held.clearance(), held.low(), x, true);
        Severed tip = Severed.of(stem, held.clearance(), held.low(), x, false);
        double elastic = elastic(butt) + elastic(tip);
        BindSeverity severity = BindSeverity.of(section.r(), section.splitDepthRel(), elastic);
        List<Integer> overloaded = overloaded(held, butt, tip);
        Optional<Double> height = held.clearance().at(x);
        boolean room = stem.underClearM().or(() -> height).orElse(0.0) >= ROOM_M;
        List<Flag> flags = flags(held, section, x, height, !overloaded.isEmpty());
        boolean noHands = flags.contains(Flag.HUNG_PART_OVERHEAD_NO_HAND_CUT);
        return new BindCut(
                x,
                height,
                held.nominal().momentNm(x),
                held.lowNm(x),
                held.highNm(x),
                held.nominal().shearN(x),
                held.axialN(x),
                section,
                severity,
                butt.faceTurnAfterRad().flatMap(b -> tip.faceTurnAfterRad().map(t -> (t - b) * section.dM())),
                butt,
                tip,
                elastic,
                drop(butt, tip),
                overloaded,
                unloads(held, butt, tip),
                stand(stem, butt, tip),
                flags,
                noHands ? BindStep.noHandCut() : BindStep.ofStem(section, severity, room));
    }

    /** @return the same with the side a kerf has shown to be squeezed, cut accordingly */
    public BindCut asRead(Squeeze shown, boolean roomBelow) {
        Section read = section.with(shown);
        return new BindCut(
                xM,
                heightM,
                momentNm,
                lowNm,
                highNm,
                shearN,
                axialN,
                read,
                severity,
                closureM,
                buttPart,
                tipPart,
                elasticJ,
                dropJ,
                overloaded,
                unloads,
                stand,
                flags,
                flags.contains(Flag.HUNG_PART_OVERHEAD_NO_HAND_CUT)
                        ? sequence
                        : BindStep.ofStem(read, severity, roomBelow));
    }

    /** @return whether there is room to cut from below */
    public boolean roomBelow() {
        return heightM.orElse(0.0) >= ROOM_M;
    }

    /** Why nobody cuts from below where the height alone would let them. */
    public enum NotFromBelow {
        ROOM,
        BRANCHES,
        FOOTING,
        EFFORT
    }

    /** @return the same, cut from above: somebody said why not from below */
    public BindCut fromAbove() {
        return asRead(section.squeeze(), false);
    }

    /** @return whether it takes a plunge that is swept round, which needs a second opinion (practice rule) */
    public boolean curvedPlunge() {
        return sequence.stream()
                .anyMatch(s -> s.action() == BindStep.Action.J_PLUNGE_MID_THEN_DOWN
                        || s.action() == BindStep.Action.J_PLUNGE_EXIT);
    }

    private static double elastic(Severed part) {
        return part.act().rests() ? part.energyJ().orElse(0.0) : part.bendingLostJ();
    }

    private static Optional<Double> drop(Severed butt, Severed tip) {
        double sum = 0;
        for (Severed part : List.of(butt, tip)) {
            if (!part.act().rests()) {
                if (part.energyJ().isEmpty()) {
                    return Optional.empty();
                }
                sum += part.energyJ().get();
            }
        }
        return Optional.of(sum);
    }

    private static Optional<Double> after(int support, Severed butt, Severed tip) {
        return Optional.ofNullable(butt.reactionAfterN().get(support))
                .or(() -> Optional.ofNullable(tip.reactionAfterN().get(support)));
    }

    private static List<Integer> overloaded(Bind.Held held, Severed butt, Severed tip) {
        List<Integer> more = new ArrayList<>();
        for (int i = 0; i < held.stem().supports().size(); i++) {
            double before = held.low().reactionN(i);
            if (held.stem().supports().get(i).kind().mayGive()
                    && after(i, butt, tip).filter(a -> a > 1.1 * before + 100).isPresent()) {
                more.add(i);
            }
        }
        return List.copyOf(more);
    }

    private static List<Integer> unloads(Bind.Held held, Severed butt, Severed tip) {
        List<Integer> free = new ArrayList<>();
        for (int i = 0; i < held.stem().supports().size(); i++) {
            double before = Math.abs(held.low().reactionN(i));
            if (before > 1 && Math.abs(after(i, butt, tip).orElse(0.0)) <= LOST_REL * before) {
                free.add(i);
            }
        }
        return List.copyOf(free);
    }

    private static List<Stand> stand(LyingStem stem, Severed butt, Severed tip) {
        List<Stand> stand = new ArrayList<>();
        boolean slope = stem.crossSlopeDeg() >= SLOPED_DEG;
        if (slope) {
            stand.add(Stand.UPHILL_SIDE);
        }
        stem.lateralConvex().map(LyingStem.Flank::other).ifPresent(concave -> {
            stand.add(concave == LyingStem.Flank.LEFT ? Stand.CONCAVE_SIDE_LEFT : Stand.CONCAVE_SIDE_RIGHT);
            if (slope && stem.uphill().filter(concave::equals).isEmpty()) {
                stand.add(Stand.CONFLICT_USE_MACHINE);
            }
        });
        stand.add(tip.act().unrest() < butt.act().unrest() ? Stand.BESIDE_TIP_PART : Stand.BESIDE_BUTT_PART);
        return List.copyOf(stand);
    }

    private static List<Flag> flags(
            Bind.Held held, Section section, double x, Optional<Double> height, boolean overloaded) {
        LyingStem stem = held.stem();
        List<Flag> flags = new ArrayList<>();
        add(flags, hungPartOverhead(stem, x), Flag.HUNG_PART_OVERHEAD_NO_HAND_CUT);
        add(flags, overloaded, Flag.SUPPORT_LOAD_RISES);
        add(
                flags,
                Math.abs(stem.angleDeg()) >= HANGS_DEG && held.axialN(x) < 0 && section.squeeze() != Squeeze.END_BIND,
                Flag.UPPER_PART_SLIDES_ONTO_BAR);
        add(
                flags,
                section.squeeze() == Squeeze.NEUTRAL && Math.abs(held.nominal().shearN(x)) > SHEAR_N,
                Flag.NO_BENDING_BUT_SHEAR_DROP);
        add(flags, height.filter(h -> h + section.dM() / 2 > HIGHEST_CUT_M).isPresent(), Flag.CUT_ABOVE_WORKING_HEIGHT);
        add(
                flags,
                stem.supports().stream().anyMatch(s -> Math.abs(s.xM() - x) < AT_SUPPORT_M),
                Flag.CUT_AT_SUPPORT_SHEAR_PINCH);
        return List.copyOf(flags);
    }

    private static void add(List<Flag> flags, boolean when, Flag flag) {
        if (when) {
            flags.add(flag);
        }
    }

    private static boolean hungPartOverhead(LyingStem stem, double x) {
        return stem.supports().stream()
                .filter(s -> s.kind() == Support.Kind.FORK || s.kind() == Support.Kind.ROOF)
                .anyMatch(s -> s.xM() >= x ? stem.angleDeg() > HANGS_DEG : stem.angleDeg() < -HANGS_DEG);
    }
}
