package org.antevid.core.tangle.beam;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemMass;

/**
 * A limb of a lying or standing stem as a beam clamped at its base: which side is squeezed, how hard, what falls, what
 * the stem loses.
 *
 * @param pieceKg what comes off
 * @param momentNm at the cut, top squeezed positive, for the middle of what it carries
 * @param axialN at the cut, tension positive
 * @param elasticJ freed by bending
 * @param dropM how far the face is above ground
 * @param dropJ freed by falling
 * @param contactN push across the limb where it touches, low to high; empty when it is free
 * @param stemLosesN what the stem is no longer held up by
 * @param stemJ freed by the stem that drops
 */
public record LimbBind(
        double massKg,
        double pieceKg,
        double momentNm,
        double lowNm,
        double highNm,
        double axialN,
        Section section,
        Squeeze squeeze,
        BindSeverity severity,
        double elasticJ,
        Optional<Double> dropM,
        Optional<Double> dropJ,
        Optional<Range> contactN,
        Optional<Double> stemLosesN,
        Optional<Double> stemJ,
        Optional<Double> reliefM,
        Optional<Double> strapM,
        List<BindStep> sequence,
        List<Warning> warnings) {
    private static final double TIP_FLOOR_M = 0.01;
    private static final double AXIAL_LEAST_N = 50;
    private static final double AXIAL_LEAST_REL = 0.1;
    private static final double STEEP_DEG = 75;
    private static final double THICK_M = 0.20;
    private static final double BELOW_M = 0.3;
    private static final double U_GAP_M = 0.02;
    private static final double END_M = 0.1;

    /** From low to high. */
    public record Range(double low, double high) {}

    /** Which side of the limb is squeezed. */
    public enum Squeezed {
        TOP,
        BOTTOM,
        WHOLE_SECTION,
        NOT_KNOWN,
        NONE;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Warnings of a limb. */
    public enum Warning {
        STEEP_LIMB_SIDE_NOT_KNOWN,
        LIMB_REACHES_BELOW_GROUND,
        CARRIES_THE_STEM_CUT_LAST
    }

    /**
     * What the limb touches.
     *
     * @param carries it holds up part of the stem, from low to high, N; empty: it lies there by its own weight
     */
    public record Contact(double xM, Support.Kind kind, double gapM, Optional<Range> carries) {}

    /**
     * The limb as somebody saw it.
     *
     * @param allowRel twigs and leaves as a share of the wood's weight
     * @param angleDeg above level, outward
     * @param baseHM height of its base above ground
     * @param cutM from the base
     * @param stemClearM how far the stem may drop when the limb no longer carries it
     */
    public record Limb(
            double lengthM,
            double baseDM,
            double tipDM,
            double densityKgm3,
            double allowRel,
            BeamWood wood,
            double angleDeg,
            Optional<Double> baseHM,
            double cutM,
            Optional<Contact> contact,
            Optional<Double> stemClearM) {
        /** @throws RefusedInput naming each field that does not fit the others */
        public Limb {
            List<Fault> faults = new ArrayList<>();
            if (!(tipDM <= baseDM)) {
                faults.add(new Fault(Refusal.TIP_THICKER_THAN_BUTT, "tip_d_m"));
            }
            if (!(cutM >= 0 && cutM <= lengthM - END_M)) {
                faults.add(new Fault(Refusal.CUT_AT_AN_END, "cut_m"));
            }
            contact.filter(c -> !(c.xM >= cutM + END_M && c.xM <= lengthM))
                    .ifPresent(c -> faults.add(new Fault(Refusal.SUPPORT_OUTSIDE_STEM, "contact.x_m")));
            if (!faults.isEmpty()) {
                throw new RefusedInput(faults);
            }
        }

        Taper taper() {
            return Taper.of(lengthM, baseDM, Math.min(baseDM, Math.max(TIP_FLOOR_M, tipDM)), densityKgm3, allowRel);
        }

        double sine() {
            return Math.sin(Math.toRadians(angleDeg));
        }

        double cosine() {
            return Math.cos(Math.toRadians(angleDeg));
        }
    }

    /** Push across the limb and the vertical force it comes from. */
    private record Push(double lowN, double middleN, double highN, double lowVerticalN, double highVerticalN) {
        static final Push NONE = new Push(0, 0, 0, 0, 0);

        double[] all() {
            return new double[] {lowN, middleN, highN};
        }
    }

    public static LimbBind of(Limb limb) {
        Taper taper = limb.taper();
        double x = limb.cutM;
        Push push = limb.contact.map(c -> push(limb, c)).orElse(Push.NONE);
        double beyondN = taper.weight(x, limb.lengthM);
        double own = -limb.cosine() * outerMoment(taper, x, limb.lengthM);
        double arm = limb.contact.map(c -> Math.max(0, c.xM - x)).orElse(0.0);
        double low = own + push.lowN * arm;
        double high = own + push.highN * arm;
        double middle = own + push.middleN * arm;
        double axialLow = limb.sine() * (push.lowVerticalN - beyondN);
        double axialHigh = limb.sine() * (push.highVerticalN - beyondN);
        double axial = Math.abs(axialHigh) > Math.abs(axialLow) ? axialHigh : axialLow;
        double least = Math.max(AXIAL_LEAST_N, AXIAL_LEAST_REL * taper.weightTo(limb.lengthM));
        Section section = Section.of(
                taper.dAt(x),
                new Section.Forces(middle, Math.min(low, high), Math.max(low, high), axial, Math.abs(axial) > least),
                limb.wood);
        boolean steep = Math.abs(limb.angleDeg) > STEEP_DEG;
        boolean sideKnown = section.squeeze() == Squeeze.END_BIND || section.squeeze() == Squeeze.END_PULL || !steep;
        Section judged = sideKnown ? section : section.with(Squeeze.UNCERTAIN);
        double elastic = elasticJ(limb, taper, push);
        BindSeverity severity = BindSeverity.of(judged.r(), judged.splitDepthRel(), elastic);
        boolean thick = judged.dM() >= THICK_M;
        Optional<Double> face = limb.baseHM.map(h -> h + x * limb.sine());
        return new LimbBind(
                taper.massKg(0, limb.lengthM),
                taper.massKg(x, limb.lengthM),
                middle,
                Math.min(low, high),
                Math.max(low, high),
                axial,
                judged,
                judged.squeeze(),
                severity,
                elastic,
                face,
                dropJ(limb, taper, face),
                limb.contact.map(c -> new Range(push.lowN, push.highN)),
                limb.contact.map(c -> push.highVerticalN),
                limb.contact.flatMap(Contact::carries).flatMap(c -> limb.stemClearM.map(clear -> c.high() * clear)),
                BindStep.reliefOfLimb(judged, severity),
                judged.squeeze().bends() && severity.hard() && thick
                        ? Optional.of(BindStep.strapM(judged.dM()))
                        : Optional.empty(),
                BindStep.ofLimb(judged, severity, thick),
                warnings(limb, steep, face));
    }

    public Squeezed squeezed() {
        return switch (squeeze) {
            case TOP_BIND -> Squeezed.TOP;
            case BOTTOM_BIND -> Squeezed.BOTTOM;
            case END_BIND -> Squeezed.WHOLE_SECTION;
            case UNCERTAIN -> Squeezed.NOT_KNOWN;
            case NEUTRAL, END_PULL -> Squeezed.NONE;
        };
    }

    /** @return moment about x of the weight beyond it, N m */
    private static double outerMoment(Taper taper, double x, double length) {
        return length - x <= 0 ? 0 : taper.weight(x, length) * (taper.cg(x, length) - x);
    }

    private static Push push(Limb limb, Contact c) {
        if (c.carries.isPresent()) {
            Range held = c.carries.get();
            double cos = limb.cosine();
            return new Push(held.low * cos, (held.low + held.high) / 2 * cos, held.high * cos, held.low, held.high);
        }
        double middle = touching(limb, c, c.gapM);
        double low = Math.min(middle, touching(limb, c, c.gapM + U_GAP_M));
        double high = Math.max(middle, touching(limb, c, c.gapM - U_GAP_M));
        double cos = limb.cosine();
        return new Push(low, middle, high, 0, cos > 0 ? high / cos : 0);
    }

    /** @return reaction where the limb lies on something by its own weight, never below 0, N */
    private static double touching(Limb limb, Contact c, double gapM) {
        Support base = support(0, Support.Kind.ROOTED, 0);
        Support rest = support(c.xM, c.kind, gapM);
        Part part = new Part(
                limb.taper(),
                0,
                limb.lengthM,
                List.of(0, 1),
                List.of(base, rest),
                Optional.empty(),
                limb.angleDeg,
                limb.wood.moePa());
        return Equilibrium.of(part).map(e -> Math.max(0, e.reactionN(1))).orElse(0.0);
    }

    private static Support support(double x, Support.Kind kind, double gapM) {
        return new Support(x, kind, Support.Side.BELOW, gapM, kind.stiffnessNm(), kind.mu(), kind.axial());
    }

    private static double elasticJ(Limb limb, Taper taper, Push push) {
        double at = limb.contact.map(Contact::xM).orElse(limb.lengthM);
        Part whole = new Part(
                taper,
                0,
                limb.lengthM,
                List.of(),
                List.of(support(at, Support.Kind.GROUND, 0)),
                Optional.empty(),
                limb.angleDeg,
                BeamWood.LOW_E * limb.wood.moePa());
        double most = 0;
        for (double p : push.all()) {
            most = Math.max(most, whole.integral(0, limb.lengthM, s -> {
                double m = -limb.cosine() * outerMoment(taper, s, limb.lengthM) + p * Math.max(0, at - s);
                return m * m / 2;
            }));
        }
        return most;
    }

    private static Optional<Double> dropJ(Limb limb, Taper taper, Optional<Double> face) {
        double cg = taper.cg(limb.cutM, limb.lengthM);
        double weight = taper.massKg(limb.cutM, limb.lengthM) * StemMass.G;
        return limb.baseHM.map(h -> limb.contact
                .map(c -> weight * face.orElseThrow() * Math.max(0, c.xM - cg) / (c.xM - limb.cutM))
                .orElseGet(() -> weight * Math.max(0, h + cg * limb.sine())));
    }

    private static List<Warning> warnings(Limb limb, boolean steep, Optional<Double> face) {
        List<Warning> w = new ArrayList<>();
        if (steep) {
            w.add(Warning.STEEP_LIMB_SIDE_NOT_KNOWN);
        }
        Optional<Double> tip = limb.baseHM.map(h -> h + limb.lengthM * limb.sine());
        if (face.filter(h -> h < -BELOW_M).isPresent()
                || tip.filter(h -> h < -BELOW_M).isPresent()) {
            w.add(Warning.LIMB_REACHES_BELOW_GROUND);
        }
        if (limb.contact.flatMap(Contact::carries).isPresent()) {
            w.add(Warning.CARRIES_THE_STEM_CUT_LAST);
        }
        return List.copyOf(w);
    }
}
