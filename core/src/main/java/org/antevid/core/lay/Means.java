package org.antevid.core.lay;

import java.util.Optional;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemMass;

/**
 * What brings the stem over.
 *
 * @param ropeHeightM height of the line on the stem above the cut
 * @param anchorDistM stump to anchor or first block, horizontal
 * @param pullN       rated pull; for a hand line the people's pull
 * @param stand       where machine, anchor or first block stands, empty when only its distance is known: it then pulls along the lay
 * @param puller      where the pull comes from when the line is redirected at {@code stand}
 * @param offLayDeg   pull off the lay, right positive; 0 until {@link #aimed} has placed it
 */
public record Means(Kind kind, Optional<Double> ropeHeightM, Optional<Double> anchorDistM, Optional<Double> pullN, Optional<Spot> stand, Optional<Spot> puller, double offLayDeg) {
    /** Reserve on every line (practice rule). */
    public static final double LINE_RESERVE = 1.5;
    /** One person pulls 250 N, at most four pull a hand line (practice rule). */
    public static final double HAND_LINE_MOST_N = 1000;
    private static final double WEDGE_FORCE_N = 20000;
    private static final double WEDGES_MOST_BACK_DEG = 2;
    /** Farther off the lay than this a line does not pull a stem over (practice rule). */
    private static final double MOST_OFF_LAY_DEG = 60;
    private static final double SHORTEST_LINE_M = 1;

    public Means(Kind kind, Optional<Double> ropeHeightM, Optional<Double> anchorDistM, Optional<Double> pullN) {
        this(kind, ropeHeightM, anchorDistM, pullN, Optional.empty(), Optional.empty(), 0);
    }

    /** Kinds of means, weakest first. */
    public enum Kind {
        NOTHING("its own lean"), WEDGES("wedges"), HAND_LINE("hand line"), MACHINE_LINE("machine line");
        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public static Means of(Kind kind) {
        return new Means(kind, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /**
     * Moment the means can put against a backward moment, N m, reserve taken off; empty when not known because the line was
     * not measured. Wedges: two driven ones over the back-cut length, at most 2 degrees of backward lean (practice rule).
     *
     * @param backM effective offset of the centre of gravity behind the stem centre, metres
     */
    public Optional<Double> capacityNm(StemMass mass, double backM, double hingeOffsetM, double wedgeArmM) {
        return switch (kind) {
            case NOTHING -> Optional.of(0.0);
            case WEDGES -> Optional.of(wedgesNm(mass.massKg(), mass.cgM(), wedgeArmM));
            case HAND_LINE -> line(Math.min(HAND_LINE_MOST_N, pullN.orElse(HAND_LINE_MOST_N)), mass, backM, hingeOffsetM);
            case MACHINE_LINE -> pullN.flatMap(n -> line(n, mass, backM, hingeOffsetM));
        };
    }

    /** @return moment two driven wedges give over the back-cut length, N m, at most what two degrees of backward lean ask (practice rule) */
    public static double wedgesNm(double massKg, double cgM, double wedgeArmM) {
        return Math.min(2 * WEDGE_FORCE_N * wedgeArmM / LINE_RESERVE, massKg * StemMass.G * cgM * Math.tan(Math.toRadians(WEDGES_MOST_BACK_DEG)));
    }

    /** Geometry of a level anchor: arm = h cos a - x sin a. */
    private Optional<Double> line(double newton, StemMass mass, double backM, double hingeOffsetM) {
        if (ropeHeightM.isEmpty() || anchorDistM.isEmpty()) {
            return Optional.empty();
        }
        double h = ropeHeightM.get();
        double behind = hingeOffsetM + backM * h / mass.cgM();
        double angle = Math.atan(h / (anchorDistM.get() + behind));
        double arm = h * Math.cos(angle) * Math.cos(Math.toRadians(offLayDeg)) - behind * Math.sin(angle);
        return Optional.of(arm < 0.25 * h || Math.abs(offLayDeg) > MOST_OFF_LAY_DEG ? 0 : newton * arm / LINE_RESERVE);
    }

    /** @return the same means as it pulls a stem at {@code stump} along a lay */
    public Means aimed(Spot stump, double layDeg) {
        return stand.map(s -> new Means(kind, ropeHeightM, Optional.of(Math.max(SHORTEST_LINE_M, stump.distanceTo(s))), pullN, stand, puller, Azimuth.turn(layDeg, stump.bearingTo(s)))).orElse(this);
    }

    /** @return where the pull comes from; empty for no line or one whose anchor is not known */
    public Optional<Spot> end(Spot stump, double layDeg) {
        return isLine() ? puller.or(() -> stand).or(() -> anchorDistM.map(d -> stump.at(layDeg, d))) : Optional.empty();
    }

    public boolean isLine() {
        return kind == Kind.HAND_LINE || kind == Kind.MACHINE_LINE;
    }

    /** @return moment to the right that a pull of {@code newton} off the lay puts on the hinge, N m */
    public double sideNm(double newton) {
        if (!isLine() || ropeHeightM.isEmpty() || anchorDistM.isEmpty()) {
            return 0;
        }
        double h = ropeHeightM.get();
        return newton * h * Math.cos(Math.atan(h / anchorDistM.get())) * Math.sin(Math.toRadians(offLayDeg));
    }

    /** @return pull needed against {@code backNm}, with the reserve, N; empty for no line or an unmeasured one */
    public Optional<Double> neededN(double backNm, StemMass mass, double backM, double hingeOffsetM) {
        return line(1, mass, backM, hingeOffsetM).filter(perNewton -> perNewton > 0).map(perNewton -> Math.max(0, backNm) / perNewton);
    }

    static double designBackM(double meanBackM, double sigmaM) {
        return meanBackM + Estimate.Z95 * sigmaM;
    }
}
