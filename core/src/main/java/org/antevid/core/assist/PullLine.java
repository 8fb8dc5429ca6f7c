package org.antevid.core.assist;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.StemMass;

/**
 * The line that brings a stem over: tension with its reserve, what that does to rope, block, anchor, stem and the
 * people on it. Static needs only; shock and jerking are not covered. Newtons, metres above the hinge, degrees.
 * Sources: statics (cross product), practice rules for distances, people and reserve; efficiencies are typical values.
 *
 * @param resistingNm backward moment with wind and the hinge's own hold
 * @param armM of the line about the hinge
 * @param tensionN with the reserve
 * @param legN in each leg where it is doubled round the stem; else the tension
 * @param sideNm moment on the hinge, right positive, of a line off the lay
 * @param advantage real gain of the hauling system
 * @param handN pull at the end of the hauling system; behind a redirect its friction comes on top
 * @param blockN load on a redirect block; empty without one
 * @param anchorN on whatever holds the anchor or the block
 * @param wllUse load of the most loaded part of the rope / what it may carry; empty while its strength is not known
 * @param minMbsN breaking strength a rope needs
 * @param availableN tension the winch brings through system and block, at most what the rope may carry; empty while the
 *     winch is not known
 * @param capacityNm moment that gives against gravity and wind, reserve and the hinge's hold taken off
 * @param stressShare bending stress in the stem / its strength; empty while its diameter is not known, or for wood
 *     without strength
 * @param stressAtM where, above the hinge
 */
public record PullLine(
        double resistingNm,
        double gravityBackNm,
        double ropeAngleDeg,
        double armM,
        double tensionStaticN,
        double tensionN,
        double legN,
        double sideNm,
        double advantage,
        double handN,
        int people,
        Optional<Double> blockN,
        double anchorN,
        Optional<Double> wllUse,
        double minMbsN,
        Optional<Double> availableN,
        Optional<Double> capacityNm,
        double minPersonDistM,
        Optional<Double> stressShare,
        Optional<Double> stressAtM,
        List<Warning> warnings) {
    /** What it warns of beside its numbers. */
    public enum Warning {
        LINE_OFF_LAY,
        LINE_TOO_STEEP,
        LINE_STEEP,
        ROPE_BELOW_CG,
        ROPE_HIGH_TOP_MAY_BREAK,
        PULLER_TOO_CLOSE,
        ANCHOR_IN_REACH,
        NOT_A_HAND_PULL,
        WINCH_TOO_SMALL,
        ROPE_OVERLOADED,
        STEM_MAY_BREAK
    }

    /** Reserve on every line (practice rule). */
    public static final double RESERVE = 1.5;
    /** One person's steady pull (practice rule). */
    public static final double PERSON_N = 250;
    /** More people than this are no hand pull (practice rule). */
    public static final int MOST_PEOPLE = 4;
    /** A line with less arm than this share of its height pulls down more than over. */
    public static final double LEAST_ARM_SHARE = 0.25;
    /** Above this share of the height nothing is tied to (practice rule). */
    public static final double SAFE_TOP = 0.95;

    private static final double HIGH_SHARE = 0.8;
    private static final double STEEP_DEG = 30;
    private static final double OFF_LAY_DEG = 10;
    private static final double TOO_STEEP_DEG = 45;
    private static final double IN_REACH = 1.1;
    private static final double MOST_STRESS = 0.3;
    private static final int SLICES = 200;

    /**
     * Stem and geometry.
     *
     * @param backOffsetM centre of gravity behind the stem's centre, design value, without wind
     * @param ropeHeightM above the hinge
     * @param anchorDistM stump to anchor or first block, horizontal
     * @param anchorDropM anchor below the hinge positive
     * @param offLayDeg right positive
     */
    public record Geometry(
            double massKg,
            double backOffsetM,
            double hingeOffsetM,
            double windBackNm,
            double hingeHoldNm,
            double cgM,
            double ropeHeightM,
            double treeHeightM,
            double anchorDistM,
            double anchorDropM,
            double offLayDeg) {
        public Geometry {
            Require.within(massKg, 5, 200000, "mass_kg");
            Require.within(backOffsetM, -30, 30, "back_offset_m");
            Require.within(cgM, 0.3, 80, "cg_height_m");
            Require.within(ropeHeightM, 0.5, 80, "rope_height_m");
            Require.within(treeHeightM, 1, 120, "tree_height_m");
            Require.within(anchorDistM, 1, 400, "anchor_dist_m");
            Require.within(anchorDropM, -100, 100, "anchor_drop_m");
            Require.within(offLayDeg, -60, 60, "off_lay_deg");
            if (ropeHeightM > SAFE_TOP * treeHeightM) {
                throw new RefusedInput(
                        Message.of(Refusal.ROPE_ABOVE_SAFE_TOP)
                                .with("most", Arg.down(Dimension.LENGTH, SAFE_TOP * treeHeightM)),
                        "rope_height_m");
            }
        }
    }

    /**
     * How it is rigged.
     *
     * @param legAngleDeg between the legs where it is doubled round the stem
     * @param redirectAngleDeg between the rope parts at a block, 0 when the rope returns; empty without a block
     * @param parts n of an n:1 hauling system
     */
    public record Rigging(
            boolean doubled,
            double legAngleDeg,
            Optional<Double> redirectAngleDeg,
            double blockEfficiency,
            int parts,
            double partEfficiency,
            double personN,
            Optional<Double> winchN,
            Optional<Double> mbsN,
            double knotEfficiency,
            double ropeFactor,
            Optional<Double> pullerDistM,
            double safety) {
        public static final Rigging STRAIGHT = new Rigging(
                false,
                0,
                Optional.empty(),
                0.9,
                1,
                0.9,
                PERSON_N,
                Optional.empty(),
                Optional.empty(),
                0.6,
                5,
                Optional.empty(),
                RESERVE);
    }

    /** The stem as a beam; {@code strengthMPa} of sound green wood. */
    public record Beam(double hingeDiameterM, StemMass.Shape shape, double strengthMPa, Condition condition) {
        private double strengthPa() {
            return strengthMPa * 1e6 * condition.factor();
        }
    }

    /**
     * @throws RefusedInput {@code LINE_HAS_NO_ARM} for a line that pulls down rather than over,
     *     {@code ROPE_ABOVE_SAFE_TOP}
     */
    public static PullLine of(Geometry g, Rigging r, Optional<Beam> beam) {
        double behind = g.hingeOffsetM + g.backOffsetM * g.ropeHeightM / g.cgM;
        double angle = Math.atan((g.ropeHeightM + g.anchorDropM) / (g.anchorDistM + behind));
        double arm = armM(g.ropeHeightM, g.anchorDistM, g.anchorDropM, behind, g.offLayDeg);
        if (!(arm >= LEAST_ARM_SHARE * g.ropeHeightM)) {
            throw new RefusedInput(Refusal.LINE_HAS_NO_ARM, "anchor_dist_m");
        }
        double gravity = g.massKg * StemMass.G * (g.backOffsetM + g.hingeOffsetM);
        double resisting = Wedges.againstNm(gravity) + g.windBackNm + g.hingeHoldNm;
        double still = Math.max(0, resisting) / arm;
        double tension = r.safety * still;
        double leg = r.doubled ? leg(tension, r.legAngleDeg) : tension;
        double side = tension * g.ropeHeightM * Math.cos(angle) * Math.sin(Math.toRadians(g.offLayDeg));
        double gain = advantage(r.parts, r.partEfficiency);
        double passed = r.redirectAngleDeg.isPresent() ? r.blockEfficiency : 1;
        double hand = tension / passed / gain;
        double loadPerNewton = r.doubled ? leg(1, r.legAngleDeg) : 1 / passed;
        double ropeN = loadPerNewton * tension;
        int people = (int) Math.ceil(hand / r.personN - 1e-9);
        Optional<Double> block = r.redirectAngleDeg.map(a -> blockN(tension, a, r.blockEfficiency));
        double perMbs = r.knotEfficiency / r.ropeFactor;
        Optional<Double> use = r.mbsN.map(m -> ropeN / (m * perMbs));
        Optional<Double> available = r.winchN.map(w -> Math.min(
                w * gain * passed, r.mbsN.map(m -> m * perMbs / loadPerNewton).orElse(Double.MAX_VALUE)));
        Optional<double[]> stress = beam.map(b -> stress(b, g, tension * Math.cos(angle)));
        boolean noStrength = beam.filter(b -> !(b.strengthPa() > 0)).isPresent() && tension > 0;
        List<Warning> warnings = new ArrayList<>();
        double steep = Math.toDegrees(angle);
        add(warnings, Math.abs(g.offLayDeg) > OFF_LAY_DEG, Warning.LINE_OFF_LAY);
        add(warnings, steep > TOO_STEEP_DEG, Warning.LINE_TOO_STEEP);
        add(warnings, steep > STEEP_DEG && steep <= TOO_STEEP_DEG, Warning.LINE_STEEP);
        add(warnings, g.ropeHeightM < g.cgM, Warning.ROPE_BELOW_CG);
        add(warnings, g.ropeHeightM > HIGH_SHARE * g.treeHeightM, Warning.ROPE_HIGH_TOP_MAY_BREAK);
        add(warnings, r.pullerDistM.filter(d -> d < 2 * g.treeHeightM).isPresent(), Warning.PULLER_TOO_CLOSE);
        add(warnings, g.anchorDistM < IN_REACH * g.treeHeightM, Warning.ANCHOR_IN_REACH);
        add(warnings, people > MOST_PEOPLE, Warning.NOT_A_HAND_PULL);
        add(warnings, r.winchN.filter(w -> w < hand).isPresent(), Warning.WINCH_TOO_SMALL);
        add(warnings, use.filter(u -> u > 1).isPresent(), Warning.ROPE_OVERLOADED);
        add(warnings, noStrength || stress.filter(s -> s[0] > MOST_STRESS).isPresent(), Warning.STEM_MAY_BREAK);
        return new PullLine(
                resisting,
                gravity,
                steep,
                arm,
                still,
                tension,
                leg,
                side,
                gain,
                hand,
                people,
                block,
                block.orElse(tension),
                use,
                ropeN / perMbs,
                available,
                available.map(n -> Math.max(0, n * arm / r.safety - g.hingeHoldNm)),
                2 * g.treeHeightM,
                stress.filter(s -> !noStrength).map(s -> s[0]),
                stress.map(s -> s[1]),
                List.copyOf(warnings));
    }

    /** Load of each leg of a rope that is doubled round the stem. */
    private static double leg(double tensionN, double legAngleDeg) {
        return tensionN / (2 * Math.cos(Math.toRadians(legAngleDeg / 2)));
    }

    private static void add(List<Warning> warnings, boolean when, Warning code) {
        if (when) {
            warnings.add(code);
        }
    }

    /** @return arm of a line about the hinge, metres; {@code behindM} is how far its tie stands behind the hinge */
    public static double armM(
            double ropeHeightM, double anchorDistM, double anchorDropM, double behindM, double offLayDeg) {
        double angle = Math.atan((ropeHeightM + anchorDropM) / (anchorDistM + behindM));
        return ropeHeightM * Math.cos(angle) * Math.cos(Math.toRadians(offLayDeg)) - behindM * Math.sin(angle);
    }

    /** @return gain of a hauling system of {@code parts} to one, each turn passing on {@code efficiency} */
    public static double advantage(int parts, double efficiency) {
        double gain = 0;
        for (int k = 0; k < parts; k++) {
            gain += Math.pow(efficiency, k);
        }
        return gain;
    }

    /** @return load on a redirect block, newtons; twice the tension and more when the rope returns */
    public static double blockN(double tensionN, double angleDeg, double efficiency) {
        double pulled = tensionN / efficiency;
        return Math.sqrt(
                tensionN * tensionN + pulled * pulled + 2 * tensionN * pulled * Math.cos(Math.toRadians(angleDeg)));
    }

    /** The worst bending stress between hinge and tie as a share of the strength, and where. */
    private static double[] stress(Beam b, Geometry g, double acrossN) {
        double worst = 0;
        double at = 0;
        for (int i = 0; i < SLICES; i++) {
            double z = g.ropeHeightM * i / SLICES;
            double d = b.hingeDiameterM * Math.sqrt(b.shape.areaShare(z / g.treeHeightM));
            double stress = 32 * acrossN * (g.ropeHeightM - z) / (Math.PI * d * d * d);
            if (stress > worst) {
                worst = stress;
                at = z;
            }
        }
        return new double[] {b.strengthPa() > 0 ? worst / b.strengthPa() : 0, at};
    }
}
