package org.antevid.core.stump;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.GreenWood;

/**
 * Whether the stem splits up while it is cut (barber chair): an index of practice and the energy a running split would
 * find, the worse decides. A deeper face lowers the energy strongly; the index does not credit it. Sources: practice
 * rule, judgement, mechanics.
 *
 * @param points of the index, by what gave them
 * @param index 0..100
 * @param movesAtM holding wood at which the stem begins to move, behind the notch
 * @param movesEarly before the cut has come down to the hinge
 * @param ratioBackCut splitting energy / what the wood takes, for a plain back cut
 * @param ratioBore the same with a bore and a strap
 * @param result for the method asked about
 */
public record SplitRisk(
        Map<String, Double> points,
        double index,
        Level practice,
        double movesAtM,
        boolean movesEarly,
        double ratioBackCut,
        double ratioBore,
        double ratio,
        Level mechanics,
        Level result,
        Level backCut,
        Level bore,
        Advice advice) {
    private static final int DEPTHS = 40;
    private static final double NO_MOMENT_NM = 1;
    private static final double SHALLOW = 0.2;
    private static final double SMALL_M = 0.25;
    private static final double BORE_NEEDS_M = 0.085 + 0.02;

    /** How likely it splits. */
    public enum Level {
        LOW,
        MODERATE,
        HIGH,
        EXTREME;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        private static Level worse(Level a, Level b) {
            return a.compareTo(b) >= 0 ? a : b;
        }

        private static Level at(double v, double moderate, double high, double extreme) {
            return v < moderate ? LOW : v < high ? MODERATE : v < extreme ? HIGH : EXTREME;
        }
    }

    /** How the back is opened. */
    public enum Opening {
        BACK_CUT,
        BORE_STRAP
    }

    /** What follows for the cut. */
    public enum Advice {
        STANDARD,
        BORE_AND_STRAP,
        BORE_STRAP_AND_BIND,
        SIDE_CUTS_AND_BIND,
        DO_NOT_HAND_FELL;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * The cut and what bears on it.
     *
     * @param forwardNm lean, wind and pull together, N m
     * @param forwardLeanDeg -45..60, as measured
     * @param weightMomentNm weight times height of its centre above the cut: turns wind and pull into a lean; empty
     *     leaves them out of the index
     * @param seamOrFork a seam, crack or fork is in the stem
     * @param underTension bent, or held at the top
     */
    public record Cut(
            GreenWood green,
            Condition wood,
            School school,
            Opening opening,
            double dLayM,
            double dAcrossM,
            double depthM,
            double hingeThickM,
            double forwardNm,
            double forwardLeanDeg,
            Optional<Double> weightMomentNm,
            boolean seamOrFork,
            boolean underTension) {
        /** @return the same with another moment toward the lay, N m */
        public Cut pulledBy(double otherNm) {
            return new Cut(
                    green,
                    wood,
                    school,
                    opening,
                    dLayM,
                    dAcrossM,
                    depthM,
                    hingeThickM,
                    otherNm,
                    forwardLeanDeg,
                    weightMomentNm,
                    seamOrFork,
                    underTension);
        }

        public Cut {
            Require.within(dLayM, 0.05, 5, "d_lay_m");
            Require.within(dAcrossM, 0.05, 5, "d_across_m");
            Require.within(depthM, 0.005, 2.5, "depth_m");
            Require.within(hingeThickM, 0.003, 0.5, "hinge_thick_m");
            if (depthM + hingeThickM >= dLayM) {
                throw new RefusedInput(
                        Message.of(Refusal.NOTCH_AND_HINGE_TOO_DEEP).with("diameter", Arg.of(Dimension.HEIGHT, dLayM)),
                        "depth_m");
            }
        }
    }

    public static SplitRisk of(Cut c) {
        double strength = c.green.holdsMPa() * 1e6 * c.green.hinge().factor() * c.wood.factor();
        double front = chord(c, c.depthM);
        double moment = c.forwardNm < NO_MOMENT_NM ? 0 : c.forwardNm;
        double lean = c.weightMomentNm
                .map(w -> Math.max(c.forwardLeanDeg, Math.toDegrees(Math.atan(moment / w))))
                .orElse(c.forwardLeanDeg);
        double room = c.dLayM - c.depthM;
        double moves =
                strength > 0 ? Math.min(room, Math.sqrt(6 * moment / (front * strength))) : moment > 0 ? room : 0;
        boolean early = moves > c.hingeThickM;
        double tough =
                switch (c.green.split()) {
                    case LOW -> 450;
                    case MODERATE -> 300;
                    case HIGH -> 180;
                };
        boolean brittle = c.wood == Condition.FROZEN || c.wood == Condition.DEAD_RECENT || c.wood == Condition.DEAD_OLD;
        double takes = tough * (c.seamOrFork ? 0.3 : 1) * (brittle ? 0.6 : 1);
        double bored = energy(c, Math.min(moment, holds(c, front, c.hingeThickM)), c.hingeThickM) / takes;
        double plain = Math.max(bored, worstDepth(c, moment, front, room) / takes);
        boolean calm = lean <= 0.5 && !c.underTension && !early;
        Map<String, Double> points = points(c, lean);
        double open = points.values().stream().mapToDouble(Double::doubleValue).sum();
        double cutPoints = points.getOrDefault("cut", 0.0);
        Level backCut = Level.worse(practice(open - cutPoints + openPoints(c.school), calm), energyLevel(plain));
        Level bore = Level.worse(practice(open - cutPoints - 20, calm), energyLevel(bored));
        double index = index(open, calm);
        boolean asBore = c.opening == Opening.BORE_STRAP;
        Level practice = practice(open, calm);
        Level mechanics = energyLevel(asBore ? bored : plain);
        Level result = Level.worse(practice, mechanics);
        return new SplitRisk(
                points,
                index,
                practice,
                moves,
                early,
                plain,
                bored,
                asBore ? bored : plain,
                mechanics,
                result,
                backCut,
                bore,
                advice(backCut, bore, boreFits(c)));
    }

    private static Map<String, Double> points(Cut c, double leanDeg) {
        Map<String, Double> points = new LinkedHashMap<>();
        points.put("lean", Math.min(40, 4 * Math.max(0, leanDeg)));
        points.put("split", 15.0 * c.green.split().ordinal());
        points.put("cut", c.opening == Opening.BORE_STRAP ? -20 : openPoints(c.school));
        points.put(
                "wood",
                c.wood == Condition.FROZEN
                        ? 10.0
                        : c.wood == Condition.DEAD_RECENT || c.wood == Condition.DEAD_OLD ? 5 : 0);
        points.put("seam", c.seamOrFork ? 15.0 : 0);
        points.put("tension", c.underTension ? 15.0 : 0);
        points.put("shallow", c.depthM / c.dLayM < SHALLOW ? 5.0 : 0);
        points.put("small", c.dLayM < SMALL_M ? 5.0 : 0);
        return points;
    }

    private static double openPoints(School school) {
        return school == School.OPEN_FACE ? 8 : 15;
    }

    private static double index(double sum, boolean calm) {
        double held = Math.max(0, Math.min(100, sum));
        return calm ? Math.min(25, held) : held;
    }

    private static Level practice(double sum, boolean calm) {
        return Level.at(index(sum, calm), 30, 55, 75);
    }

    private static Level energyLevel(double ratio) {
        return Level.at(ratio, 0.3, 1, 2);
    }

    private static boolean boreFits(Cut c) {
        double behind = c.dLayM - c.depthM - c.hingeThickM;
        return behind - Math.max(0.1 * c.dLayM, 0.04) >= BORE_NEEDS_M;
    }

    private static Advice advice(Level backCut, Level bore, boolean boreFits) {
        if (backCut == Level.LOW) {
            return Advice.STANDARD;
        }
        if (!boreFits) {
            return backCut == Level.MODERATE ? Advice.SIDE_CUTS_AND_BIND : Advice.DO_NOT_HAND_FELL;
        }
        return switch (bore) {
            case LOW, MODERATE -> Advice.BORE_AND_STRAP;
            case HIGH -> Advice.BORE_STRAP_AND_BIND;
            case EXTREME -> Advice.DO_NOT_HAND_FELL;
        };
    }

    /**
     * Moment the holding wood bears before it moves, by the typical strength: what stores energy is strong; of wood
     * nobody can rely on nothing is known, it counts as sound.
     */
    private static double holds(Cut c, double front, double holdingM) {
        return bendsPa(c) * front * holdingM * holdingM / 6;
    }

    private static double bendsPa(Cut c) {
        return c.green.bendsMPa() * 1e6 * c.green.hinge().factor() * (c.wood.factor() > 0 ? c.wood.factor() : 1);
    }

    /**
     * The back cut passes every depth down to the hinge: the most energy on its way, so that more moment never gives
     * less.
     */
    private static double worstDepth(Cut c, double moment, double front, double room) {
        double starts = Math.min(room, Math.sqrt(6 * moment / (front * bendsPa(c))));
        if (starts <= c.hingeThickM) {
            return 0;
        }
        double step = (starts - c.hingeThickM) / DEPTHS;
        double at = worstOf(c, moment, front, c.hingeThickM, step, DEPTHS);
        double finer = 2 * step / DEPTHS;
        double best = worstOf(c, moment, front, Math.max(c.hingeThickM, at - step), finer, DEPTHS);
        return Math.max(energyAt(c, moment, front, at), energyAt(c, moment, front, Math.min(starts, best)));
    }

    /** @return holding wood with the most energy among equal steps from one depth on */
    private static double worstOf(Cut c, double moment, double front, double fromM, double stepM, int steps) {
        double at = fromM;
        double worst = -1;
        for (int i = 0; i <= steps; i++) {
            double holding = fromM + stepM * i;
            double energy = energyAt(c, moment, front, holding);
            if (energy > worst) {
                worst = energy;
                at = holding;
            }
        }
        return at;
    }

    private static double energyAt(Cut c, double moment, double front, double holdingM) {
        return energy(c, Math.min(moment, holds(c, front, holdingM)), holdingM);
    }

    private static double chord(Cut c, double fromFrontM) {
        return Oval.chordM(c.dLayM, c.dAcrossM, fromFrontM);
    }

    /** Energy a split behind the holding wood sets free, J/m2: the front slab bends alone instead of the whole stem. */
    private static double energy(Cut c, double momentNm, double holdingM) {
        double slab = Math.min(c.depthM + holdingM, c.dLayM);
        double width = chord(c, slab);
        double whole = Math.PI * c.dLayM * c.dLayM * c.dLayM * c.dAcrossM / 64;
        if (width <= 0 || momentNm <= 0) {
            return 0;
        }
        double gain = 1 / slabInertia(c, slab) - 1 / whole;
        return Math.max(0, momentNm * momentNm / (2 * c.green.moeGPa() * 1e9 * width) * gain);
    }

    /** Second moment of a segment of the stump's ellipse about its own centroid, m4. Source: geometry. */
    private static double slabInertia(Cut c, double depth) {
        double r = c.dLayM / 2;
        double cos = Math.max(-1, Math.min(1, (r - depth) / r));
        double half = Math.acos(cos);
        double sin = Math.sqrt(1 - cos * cos);
        double area = r * r * (half - sin * cos);
        double centroid = area > 0 ? 2 * r * sin * r * sin * r * sin / (3 * area) : r;
        double about = r * r * r * r / 4 * (half - sin * cos + 2 * sin * sin * sin * cos);
        return (about - area * centroid * centroid) * c.dAcrossM / c.dLayM;
    }
}
