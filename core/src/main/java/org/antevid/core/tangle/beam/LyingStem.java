package org.antevid.core.tangle.beam;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;

/**
 * A stem that lies or leans on supports, as somebody saw it.
 *
 * @param tipDM 0 up to the butt
 * @param densityKgm3 of the wood
 * @param allowRel branches as a share of the wood's weight
 * @param angleDeg tip higher positive
 * @param clearance height of the underside above ground, [x, height] in m; empty: not given
 * @param underClearM room to cut from below; empty: the clearance at the cut, or none
 * @param uGapM how well the seats are known
 * @param crossSlopeDeg ground across the stem
 * @param uphill seen from butt to tip
 * @param lateralConvex the outer side of a sideways bend, seen from butt to tip
 */
public record LyingStem(
        double lengthM,
        double buttDM,
        double tipDM,
        double densityKgm3,
        double allowRel,
        BeamWood wood,
        double angleDeg,
        List<Support> supports,
        Optional<Rope> rope,
        List<Clearance.Point> clearance,
        Optional<Double> underClearM,
        double uGapM,
        double crossSlopeDeg,
        Optional<Flank> uphill,
        Optional<Flank> lateralConvex) {
    /** Two supports nearer than this are one. */
    public static final double NEAREST_M = 0.05;

    /** How well a seat is known that somebody looked at (judgement). */
    public static final double U_GAP_M = 0.02;

    private static final double TIP_FLOOR_M = 0.03;
    private static final double SLENDER = 150;

    /** A side of the stem, seen from butt to tip. */
    public enum Flank {
        LEFT,
        RIGHT;

        public Flank other() {
            return this == LEFT ? RIGHT : LEFT;
        }

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** @throws RefusedInput for a tip thicker than the butt, a support outside the stem, or two at the same place */
    public LyingStem {
        supports = List.copyOf(supports);
        clearance = List.copyOf(clearance);
        List<Fault> faults = new ArrayList<>();
        for (int i = 0; i < supports.size(); i++) {
            double x = supports.get(i).xM();
            if (!(x >= 0 && x <= lengthM)) {
                faults.add(new Fault(Refusal.SUPPORT_OUTSIDE_STEM, "supports[" + i + "].x_m"));
            }
        }
        if (rope.filter(r -> !(r.xM() >= 0 && r.xM() <= lengthM)).isPresent()) {
            faults.add(new Fault(Refusal.SUPPORT_OUTSIDE_STEM, "rope.x_m"));
        }
        if (!(tipDM <= buttDM)) {
            faults.add(new Fault(Refusal.TIP_THICKER_THAN_BUTT, "tip_d_m_larger_than_butt"));
        }
        if (supports.isEmpty()) {
            faults.add(new Fault(Refusal.NEEDED, "supports"));
        }
        if (tooClose(supports)) {
            faults.add(new Fault(Refusal.SUPPORTS_TOO_CLOSE, "supports_closer_than_0.05"));
        }
        if (!faults.isEmpty()) {
            throw new RefusedInput(faults);
        }
    }

    private static boolean tooClose(List<Support> supports) {
        List<Double> at = supports.stream().map(Support::xM).sorted().toList();
        for (int i = 1; i < at.size(); i++) {
            if (at.get(i) - at.get(i - 1) < NEAREST_M) {
                return true;
            }
        }
        return false;
    }

    /** @return mass of a straight round taper of this wood, kg */
    public static double woodKg(double lengthM, double buttDM, double tipDM, double densityKgm3) {
        return Taper.of(lengthM, buttDM, tipDM, densityKgm3, 0).massKg(0, lengthM);
    }

    Taper taper() {
        return Taper.of(lengthM, buttDM, Math.min(buttDM, Math.max(TIP_FLOOR_M, tipDM)), densityKgm3, allowRel);
    }

    boolean verySlender() {
        return lengthM / ((buttDM + Math.max(TIP_FLOOR_M, tipDM)) / 2) > SLENDER;
    }

    /** @return [from, to] of the stem with the supports and the line that hold it */
    Part part(double fromM, double toM, double moePa) {
        List<Integer> indices = new ArrayList<>();
        for (int i = 0; i < supports.size(); i++) {
            double x = supports.get(i).xM();
            if ((x >= fromM || fromM == 0) && (x < toM || toM == lengthM)) {
                indices.add(i);
            }
        }
        return new Part(
                taper(),
                fromM,
                toM,
                List.copyOf(indices),
                indices.stream().map(supports::get).toList(),
                rope.filter(r -> (r.xM() >= fromM || fromM == 0) && (r.xM() < toM || toM == lengthM)),
                angleDeg,
                moePa);
    }

    /** @return whether anything holds what is left when it is cut there */
    public boolean heldBefore(double xM) {
        return supports.stream().anyMatch(s -> s.xM() < xM);
    }

    /** @return what is left of it when it is cut there, on the supports up to the cut, of which there must be one */
    public LyingStem shortenedTo(double xM) {
        return new LyingStem(
                xM,
                buttDM,
                taper().dAt(xM),
                densityKgm3,
                allowRel,
                wood,
                angleDeg,
                supports.stream().filter(s -> s.xM() < xM).toList(),
                rope.filter(r -> r.xM() < xM),
                clearance.stream().filter(c -> c.xM() <= xM).toList(),
                underClearM,
                uGapM,
                crossSlopeDeg,
                uphill,
                lateralConvex);
    }

    LyingStem withGap(int support, double gapM) {
        List<Support> moved = new ArrayList<>(supports);
        moved.set(support, supports.get(support).withGap(gapM));
        return new LyingStem(
                lengthM,
                buttDM,
                tipDM,
                densityKgm3,
                allowRel,
                wood,
                angleDeg,
                moved,
                rope,
                clearance,
                underClearM,
                uGapM,
                crossSlopeDeg,
                uphill,
                lateralConvex);
    }
}
