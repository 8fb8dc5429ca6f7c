package org.antevid.sums;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.stem.PieceMass;
import org.antevid.core.stem.Species;

/** The sum of one piece's mass. */
final class PieceSum {
    static final Sum PIECE = new Sum(
            "sectionlog",
            "Mass of a piece, high and low",
            List.of(
                    Field.need("d1_m", "m", 0.03, 3),
                    Field.need("d2_m", "m", 0, 3),
                    Field.need("length_m", "m", 0.05, 60),
                    Field.maybe("dmid_m", "m", 0.02, 3),
                    Field.choice("method", "auto", List.of("auto", "newton", "frustum", "smalian")),
                    Field.maybeText("genus"),
                    Field.maybe("density", "kg/m3", 300, 1400),
                    Field.with("density_u_rel", "", 0, 0.5, 0.08),
                    Field.with("bark_rel", "", 0, 0.30, 0),
                    Field.with("foliage_rel", "", 0, 1.5, 0),
                    Field.with("wet_rel", "", 0, 0.30, 0),
                    Field.with("hollow_d_m", "m", 0, 2.5, 0),
                    Field.with("u_d_m", "m", 0, 0.10, PieceMass.U_DIAMETER_M),
                    Field.with("u_L_m", "m", 0, 1, PieceMass.U_LENGTH_M)),
            PieceSum::between,
            PieceSum::piece);

    private static final String USED_BROADLEAF = "GENUS_UNKNOWN_USED_BROADLEAF";
    private static final Map<String, PieceMass.Density> UNKNOWN = Map.of(
            "unknown_broadleaf", PieceMass.Density.UNKNOWN_BROADLEAF,
            "unknown_conifer", PieceMass.Density.UNKNOWN_CONIFER);

    private PieceSum() {}

    private static List<Fault> between(Input in) {
        List<Fault> faults = new ArrayList<>();
        if (in.maybeText("method").filter("newton"::equals).isPresent() && !in.given("dmid_m")) {
            faults.add(new Fault(Refusal.NEEDED, "dmid_m"));
        }
        Optional<Double> thick = in.opt("d1_m").flatMap(a -> in.opt("d2_m").map(b -> Math.max(a, b)));
        if (in.opt("hollow_d_m")
                .filter(h -> thick.filter(t -> h >= t).isPresent())
                .isPresent()) {
            faults.add(new Fault(Refusal.CAVITY_AS_WIDE_AS_PIECE, "hollow_d_m"));
        }
        return faults;
    }

    private static Answer piece(Input in) {
        String genus = in.maybeText("genus").orElse("unknown_broadleaf");
        Optional<PieceMass.Density> ofGenus = Optional.ofNullable(UNKNOWN.get(genus))
                .or(() -> Arrays.stream(Species.values())
                        .filter(s -> s != Species.UNKNOWN && s.genus().equals(genus))
                        .findFirst()
                        .map(Species::wood)
                        .map(PieceMass.Density::of));
        Optional<PieceMass.Density> measured =
                in.opt("density").map(d -> PieceMass.Density.measured(d, in.num("density_u_rel")));
        PieceMass m = PieceMass.of(new PieceMass.Piece(
                in.num("d1_m"),
                in.num("d2_m"),
                in.num("length_m"),
                in.opt("dmid_m"),
                in.text("method").equals("auto")
                        ? Optional.empty()
                        : Optional.of(in.choice(PieceMass.Method.class, "method")),
                measured.or(() -> ofGenus).orElse(PieceMass.Density.UNKNOWN_BROADLEAF),
                in.num("bark_rel"),
                in.num("foliage_rel"),
                in.num("wet_rel"),
                in.num("hollow_d_m"),
                in.num("u_d_m"),
                in.num("u_L_m")));
        return new Answer()
                .put("mass_kg", m.massKg())
                .put("mass_high_kg", m.massHighKg())
                .put("mass_low_kg", m.massLowKg())
                .put("method", m.method().key())
                .put("volume_m3", m.volumeM3())
                .put("density", m.densityKgm3())
                .put("u_up_rel", m.uUpRel())
                .put("u_down_rel", m.uDownRel())
                .put("smalian_excess_rel", m.smalianExcessRel())
                .put("cg_from_thick_end_m", m.cgFromThickEndM())
                .put("use", Map.of("lift_catch_drop", m.massHighKg(), "counterweight_or_holding", m.massLowKg()))
                .warn(measured.isEmpty() && ofGenus.isEmpty(), USED_BROADLEAF)
                .warn(m.warnings());
    }
}
