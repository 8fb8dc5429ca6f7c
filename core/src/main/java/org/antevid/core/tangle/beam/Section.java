package org.antevid.core.tangle.beam;

import java.util.Optional;

/**
 * Stress of one round section in pascal, which side is squeezed, and what happens when it is cut in.
 *
 * @param topPa tension positive
 * @param bottomPa tension positive
 * @param r greatest stress of the range over the strength reckoned with
 * @param snapLeftRel share of the diameter still standing when it breaks by itself; 1: it breaks before it is cut
 * @param splitDepthRel share of the diameter at which it splits when cut from the stretched side, empty for never
 */
public record Section(
        double dM,
        double topPa,
        double bottomPa,
        double r,
        Squeeze squeeze,
        double snapLeftRel,
        Optional<Double> splitDepthRel) {
    static final double NEUTRAL_R = 0.003;
    static final double SPLIT_EXTREME = 0.33;
    /** Energy it takes to split green wood along the grain, low value, J/m2. */
    private static final double SPLIT_J_PER_M2 = 250;

    /** Depths that are tried: from 0.05 to 0.95 of the diameter in two-hundredths. */
    private static final double SPLIT_PARTS = 200;

    private static final int SPLIT_FROM = 10;
    private static final int SPLIT_TO = 190;

    /**
     * Forces in a section.
     *
     * @param lowNm the lowest moment that may be there, not above {@code momentNm}
     * @param highNm the highest
     * @param axialCounts the axial force is more than its own doubt
     */
    record Forces(double momentNm, double lowNm, double highNm, double axialN, boolean axialCounts) {
        double greatestNm() {
            return Math.max(Math.abs(lowNm), Math.abs(highNm));
        }
    }

    static Section of(double d, Forces f, BeamWood wood) {
        double perNm = 32 / (Math.PI * d * d * d);
        double bending = f.momentNm * perNm;
        double axial = 4 * f.axialN / (Math.PI * d * d);
        double greatest = f.greatestNm() * perNm;
        double strength = wood.usedStrengthPa();
        return new Section(
                d,
                axial - bending,
                axial + bending,
                (greatest + Math.abs(axial)) / strength,
                squeeze(f, perNm, bending, axial, greatest, NEUTRAL_R * strength),
                snapLeft(d, f.greatestNm() / strength),
                splitDepth(d, f.greatestNm(), BeamWood.LOW_E * wood.moePa()));
    }

    /** @return the same where its side is known otherwise */
    Section with(Squeeze other) {
        return new Section(dM, topPa, bottomPa, r, other, snapLeftRel, splitDepthRel);
    }

    private static Squeeze squeeze(
            Forces f, double perNm, double bending, double axial, double greatest, double nothing) {
        if (f.axialCounts && (Math.abs(axial) >= Math.abs(bending) || greatest < nothing)) {
            return f.axialN < 0 ? Squeeze.END_BIND : Squeeze.END_PULL;
        }
        if (f.lowNm * perNm < -nothing && f.highNm * perNm > nothing) {
            return Squeeze.UNCERTAIN;
        }
        if (greatest < nothing) {
            return Squeeze.NEUTRAL;
        }
        double largest = Math.abs(f.highNm) >= Math.abs(f.lowNm) ? f.highNm : f.lowNm;
        return largest > 0 ? Squeeze.TOP_BIND : Squeeze.BOTTOM_BIND;
    }

    /** Part of a round section cut off by a chord; a from 0 to pi is half the angle the chord is seen under. */
    private record Segment(double radiusM, double a) {
        static Segment ofDepth(double radiusM, double depthM) {
            return new Segment(radiusM, Math.acos(Math.max(-1, Math.min(1, 1 - depthM / radiusM))));
        }

        double areaM2() {
            return radiusM * radiusM * (a - Math.sin(a) * Math.cos(a));
        }

        double centroidM() {
            return 2 * Math.pow(radiusM, 3) * Math.pow(Math.sin(a), 3) / (3 * areaM2());
        }

        double secondMomentM4() {
            double own = Math.pow(radiusM, 4)
                    / 4
                    * (a - Math.sin(a) * Math.cos(a) + 2 * Math.pow(Math.sin(a), 3) * Math.cos(a));
            return own - areaM2() * centroidM() * centroidM();
        }

        /** @return section modulus at the cut face, m3 */
        double modulusM3() {
            return secondMomentM4() / (centroidM() - radiusM * Math.cos(a));
        }

        double chordM() {
            return 2 * radiusM * Math.sin(a);
        }

        double depthM() {
            return radiusM * (1 - Math.cos(a));
        }
    }

    private static double snapLeft(double d, double modulusNeeded) {
        double radius = d / 2;
        if (modulusNeeded <= 0) {
            return 0;
        }
        if (modulusNeeded >= Math.PI * Math.pow(radius, 3) / 4) {
            return 1;
        }
        double low = 0;
        double high = Math.PI;
        for (int i = 0; i < 60; i++) {
            double mid = (low + high) / 2;
            if (new Segment(radius, mid).modulusM3() < modulusNeeded) {
                low = mid;
            } else {
                high = mid;
            }
        }
        return new Segment(radius, high).depthM() / d;
    }

    private static Optional<Double> splitDepth(double d, double momentNm, double moePa) {
        double whole = Math.PI / 64 * Math.pow(d, 4);
        for (int i = SPLIT_FROM; i <= SPLIT_TO; i++) {
            double share = i / SPLIT_PARTS;
            Segment left = Segment.ofDepth(d / 2, d * (1 - share));
            double freed = momentNm
                    * momentNm
                    / (2 * left.chordM())
                    * (1 / (moePa * left.secondMomentM4()) - 1 / (moePa * whole));
            if (freed >= SPLIT_J_PER_M2) {
                return Optional.of(share);
            }
        }
        return Optional.empty();
    }
}
