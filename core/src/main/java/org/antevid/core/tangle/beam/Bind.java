package org.antevid.core.tangle.beam;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;

/**
 * Forces in a stem that lies or leans on supports, and what each cut does.
 *
 * @param reactionsN of the supports as given, up positive: a stem on top is negative
 * @param lifted supports that do not touch, rising along the stem
 * @param clampsNm one for each rooted support, as given
 * @param bendingJ bending energy in it, reckoned soft
 * @param axialMode what keeps it from sliding along its axis
 * @param axialUtil share of the friction used
 */
public record Bind(
        List<Double> reactionsN,
        List<Integer> lifted,
        List<Double> clampsNm,
        double massKg,
        double bendingJ,
        AxialForces.Mode axialMode,
        Optional<Double> axialUtil,
        List<BindCut> cuts,
        List<Warning> warnings) {
    /** Nearer to an end nothing is cut, metres. */
    public static final double END_M = 0.1;

    private static final double AXIAL_LEAST_N = 300;
    private static final double AXIAL_LEAST_REL = 0.1;

    /** Warnings of a stem on supports. */
    public enum Warning {
        VERY_SLENDER_LARGE_DEFLECTION,
        HEIGHT_FROM_ANGLE,
        SLIDES_ALONG_AXIS,
        HINGE_IN_UPLIFT
    }

    /** @throws RefusedInput for a cut at an end of the stem, and {@code UNSTABLE_NO_EQUILIBRIUM} */
    public static Bind of(LyingStem stem, List<Double> cutsM) {
        if (cutsM.stream().anyMatch(x -> !(x > END_M && x < stem.lengthM() - END_M))) {
            throw new RefusedInput(Refusal.CUT_AT_AN_END, "cuts_m");
        }
        Held held = Held.of(stem);
        return new Bind(
                boxed(held.nominal.reactionsN()),
                held.lifted(),
                boxed(held.nominal.clampsNm()),
                stem.taper().massKg(0, stem.lengthM()),
                held.low.energyJ(0, stem.lengthM()),
                held.axial.mode(),
                held.axial.util(),
                cutsM.stream().map(x -> BindCut.of(held, x)).toList(),
                held.warnings());
    }

    private static List<Double> boxed(double[] values) {
        List<Double> list = new ArrayList<>();
        for (double v : values) {
            list.add(v);
        }
        return List.copyOf(list);
    }

    /**
     * The whole stem at rest, at mean and at low stiffness, and with each seat a little higher and lower.
     *
     * @param shifted where the seats decide and are not known well; else empty
     */
    record Held(
            LyingStem stem,
            Clearance clearance,
            Equilibrium nominal,
            Equilibrium low,
            List<Equilibrium> shifted,
            AxialForces axial) {

        /** @throws RefusedInput {@code UNSTABLE_NO_EQUILIBRIUM} */
        static Held of(LyingStem stem) {
            Equilibrium nominal = rest(stem, stem.wood().moePa());
            Equilibrium low = rest(stem, BeamWood.LOW_E * stem.wood().moePa());
            return new Held(
                    stem, Clearance.of(stem), nominal, low, shifted(stem), AxialForces.of(stem, nominal.reactionsN()));
        }

        private static Equilibrium rest(LyingStem stem, double moePa) {
            return Equilibrium.of(stem.part(0, stem.lengthM(), moePa))
                    .orElseThrow(() -> new RefusedInput(Refusal.UNSTABLE_NO_EQUILIBRIUM, ""));
        }

        private static List<Equilibrium> shifted(LyingStem stem) {
            int restraints = stem.supports().stream()
                    .mapToInt(s -> s.kind() == Support.Kind.ROOTED ? 2 : 1)
                    .sum();
            List<Equilibrium> shifted = new ArrayList<>();
            if (restraints <= 2 || stem.uGapM() == 0) {
                return shifted;
            }
            for (int i = 0; i < stem.supports().size(); i++) {
                Support s = stem.supports().get(i);
                if (!s.kind().bothWays()) {
                    for (double by : new double[] {stem.uGapM(), -stem.uGapM()}) {
                        Equilibrium.of(stem.withGap(i, s.gapM() + by)
                                        .part(0, stem.lengthM(), stem.wood().moePa()))
                                .ifPresent(shifted::add);
                    }
                }
            }
            return shifted;
        }

        double lowNm(double x) {
            return shifted.stream().mapToDouble(e -> e.momentNm(x)).reduce(nominal.momentNm(x), Math::min);
        }

        double highNm(double x) {
            return shifted.stream().mapToDouble(e -> e.momentNm(x)).reduce(nominal.momentNm(x), Math::max);
        }

        double axialN(double x) {
            return axial.atN(stem, x);
        }

        Section section(double x) {
            double n = axialN(x);
            double least =
                    Math.max(AXIAL_LEAST_N, AXIAL_LEAST_REL * stem.taper().weightTo(stem.lengthM()));
            return Section.of(
                    stem.taper().dAt(x),
                    new Section.Forces(nominal.momentNm(x), lowNm(x), highNm(x), n, Math.abs(n) > least),
                    stem.wood());
        }

        List<Integer> lifted() {
            List<Integer> lifted = new ArrayList<>();
            for (int i = 0; i < stem.supports().size(); i++) {
                if (!nominal.touches(i)) {
                    lifted.add(i);
                }
            }
            return List.copyOf(lifted);
        }

        List<Warning> warnings() {
            List<Warning> w = new ArrayList<>();
            if (stem.verySlender()) {
                w.add(Warning.VERY_SLENDER_LARGE_DEFLECTION);
            }
            if (clearance.fromAngle()) {
                w.add(Warning.HEIGHT_FROM_ANGLE);
            }
            if (axial.mode() == AxialForces.Mode.SLIDES) {
                w.add(Warning.SLIDES_ALONG_AXIS);
            }
            for (int i = 0; i < stem.supports().size(); i++) {
                if (stem.supports().get(i).kind() == Support.Kind.STUMP_HINGE && nominal.reactionN(i) < 0) {
                    w.add(Warning.HINGE_IN_UPLIFT);
                    break;
                }
            }
            return List.copyOf(w);
        }
    }
}
