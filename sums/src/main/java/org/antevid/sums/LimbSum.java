package org.antevid.sums;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.tangle.beam.BeamWood;
import org.antevid.core.tangle.beam.LimbBind;
import org.antevid.core.tangle.beam.Support;

/** The sum of a limb. */
final class LimbSum {
    /** How a limb meets what it lies on. */
    enum Mode {
        TOUCHES,
        CARRIES
    }

    private static final double END_M = 0.1;

    private static final List<Field> CONTACT = List.of(
            Field.needChoice("mode", MeasureSums.keys(Mode.values())),
            Field.maybe("x_m", "m", 0.1, 20),
            Field.choice("kind", "ground", List.of("ground", "other_stem", "fork", "roof")),
            Field.with("gap_m", "m", -1, 1, 0),
            Field.maybe("carried_lo_N", "N", 0, 1e6),
            Field.maybe("carried_hi_N", "N", 0, 1e6));

    static final Sum LIMB = new Sum(
            "limb_bind",
            "A limb: which side is squeezed, and what the stem loses",
            List.of(
                    Field.need("length_m", "m", 0.3, 20),
                    Field.need("base_d_m", "m", 0.02, 1),
                    Field.need("tip_d_m", "m", 0, 1),
                    Field.with("density", "kg/m3", 300, 1400, BeamSums.DENSITY_KGM3),
                    Field.with("allow_rel", "", 0, 1.5, 0.35),
                    Field.choice("wood", "medium", BeamSums.WOODS),
                    Field.with("angle_deg", "deg", -90, 90, 0),
                    Field.maybe("base_h_m", "m", 0, 40),
                    Field.with("cut_m", "m", 0, 20, 0.1),
                    Field.group("contact", CONTACT),
                    Field.maybe("stem_clear_m", "m", 0, 10)),
            LimbSum::between,
            LimbSum::limb);

    private LimbSum() {}

    private static List<Fault> between(Input in) {
        List<Fault> faults = new ArrayList<>();
        Optional<Double> length = in.opt("length_m");
        if (in.opt("tip_d_m")
                .filter(t -> in.opt("base_d_m").filter(b -> t > b).isPresent())
                .isPresent()) {
            faults.add(new Fault(Refusal.TIP_THICKER_THAN_BUTT, "tip_d_m"));
        }
        if (in.opt("cut_m")
                .filter(c -> length.filter(l -> c > l - END_M).isPresent())
                .isPresent()) {
            faults.add(new Fault(Refusal.CUT_AT_AN_END, "cut_m"));
        }
        in.group("contact").ifPresent(c -> faults.addAll(betweenContact(in, c, length)));
        return faults;
    }

    private static List<Fault> betweenContact(Input in, Input c, Optional<Double> length) {
        List<Fault> faults = new ArrayList<>();
        double inner = in.opt("cut_m").orElse(0.0) + END_M;
        if (c.opt("x_m")
                .filter(x -> x < inner || length.filter(l -> x > l).isPresent())
                .isPresent()) {
            faults.add(new Fault(Refusal.SUPPORT_OUTSIDE_STEM, "contact.x_m"));
        }
        if (c.maybeChoice(Mode.class, "mode").filter(m -> m == Mode.CARRIES).isPresent()) {
            for (String name : List.of("carried_lo_N", "carried_hi_N")) {
                if (!c.given(name)) {
                    faults.add(new Fault(Refusal.NEEDED, "contact." + name));
                }
            }
        }
        if (c.opt("carried_lo_N")
                .filter(lo -> c.opt("carried_hi_N").filter(hi -> lo > hi).isPresent())
                .isPresent()) {
            faults.add(new Fault(Refusal.ABOVE_THE_OTHER, "contact.carried_lo_N"));
        }
        return faults;
    }

    private static Answer limb(Input in) {
        LimbBind b = LimbBind.of(new LimbBind.Limb(
                in.num("length_m"),
                in.num("base_d_m"),
                in.num("tip_d_m"),
                in.num("density"),
                in.num("allow_rel"),
                in.choice(BeamWood.class, "wood"),
                in.num("angle_deg"),
                in.opt("base_h_m"),
                in.num("cut_m"),
                in.group("contact").map(c -> contact(c, in.num("length_m"))),
                in.opt("stem_clear_m")));
        return new Answer()
                .put("mass_kg", b.massKg())
                .put("piece_kg", b.pieceKg())
                .put("d_m", b.section().dM())
                .put("M_Nm", b.momentNm())
                .put("M_range_Nm", List.of(b.lowNm(), b.highNm()))
                .put("N_N", b.axialN())
                .put("r", b.section().r())
                .put("bind", b.squeeze().key())
                .put("squeezed", b.squeezed().key())
                .put("severity", b.severity().key())
                .put("split_depth_rel", b.section().splitDepthRel())
                .put("energy_elastic_J", b.elasticJ())
                .put("drop_m", b.dropM())
                .put("energy_drop_J", b.dropJ())
                .put("contact_N", b.contactN().map(r -> List.of(r.low(), r.high())))
                .put("stem_loses_N", b.stemLosesN())
                .put("energy_stem_J", b.stemJ())
                .put("relief_m", b.reliefM())
                .put("strap_m", b.strapM())
                .put("sequence", BeamSums.sequence(b.sequence()))
                .warn(b.warnings());
    }

    private static LimbBind.Contact contact(Input c, double lengthM) {
        Optional<LimbBind.Range> carries = c.choice(Mode.class, "mode") == Mode.CARRIES
                ? Optional.of(new LimbBind.Range(c.num("carried_lo_N"), c.num("carried_hi_N")))
                : Optional.empty();
        return new LimbBind.Contact(
                c.opt("x_m").orElse(lengthM), c.choice(Support.Kind.class, "kind"), c.num("gap_m"), carries);
    }
}
