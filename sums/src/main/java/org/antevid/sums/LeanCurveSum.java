package org.antevid.sums;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.tangle.plate.LeanCurve;
import org.jspecify.annotations.Nullable;

/** The sum of what is left leaning after each removed piece. */
final class LeanCurveSum {
    private static final List<Field> PIECE = List.of(
            Field.needText("id"),
            Field.need("x_m", "m", -60, 60),
            Field.with("y_m", "m", -60, 60, 0),
            Field.need("attach_h_m", "m", 0, 80),
            Field.need("m_lo", "kg", 0, 50000),
            Field.need("m_hi", "kg", 0, 50000));

    private static final List<Field> DEFECT = List.of(
            Field.needText("id"),
            Field.need("h_m", "m", 0, 80),
            Field.maybe("x_m", "m", -60, 60),
            Field.with("y_m", "m", -60, 60, 0),
            Field.maybe("limit_Nm", "N m", 1, 1e8));

    static final Sum CURVE = new Sum(
            "lean_curve",
            "The moment of what is left after each piece",
            List.of(
                    Field.entries("pieces", 1, 60, PIECE),
                    Field.entries("defects", 0, 10, DEFECT),
                    Field.with("lean_deg", "deg", -60, 60, 0),
                    Field.maybe("foot_limit_Nm", "N m", 1, 1e8)),
            LeanCurveSum::between,
            LeanCurveSum::curve);

    private LeanCurveSum() {}

    private static List<Fault> between(Input in) {
        List<Fault> faults = new ArrayList<>();
        List<Input> pieces = in.entries("pieces");
        for (int i = 0; i < pieces.size(); i++) {
            Input p = pieces.get(i);
            if (p.opt("m_lo")
                    .filter(l -> p.opt("m_hi").filter(h -> l > h).isPresent())
                    .isPresent()) {
                faults.add(new Fault(Refusal.ABOVE_THE_OTHER, "pieces[" + i + "].m_lo"));
            }
        }
        List<Input> defects = in.entries("defects");
        for (int i = 0; i < defects.size(); i++) {
            if (defects.get(i).maybeText("id").filter(LeanCurve.FOOT::equals).isPresent()) {
                faults.add(new Fault(Refusal.NAME_TAKEN, "defects[" + i + "].id"));
            }
        }
        return faults;
    }

    private static Answer curve(Input in) {
        double tan = Math.tan(Math.toRadians(in.num("lean_deg")));
        LeanCurve c = LeanCurve.of(
                in.entries("pieces").stream()
                        .map(p -> new LeanCurve.Piece(
                                p.text("id"),
                                p.num("x_m"),
                                p.num("y_m"),
                                p.num("attach_h_m"),
                                p.num("m_lo"),
                                p.num("m_hi")))
                        .toList(),
                in.entries("defects").stream()
                        .map(d -> new LeanCurve.Defect(
                                d.text("id"),
                                d.num("h_m"),
                                d.opt("x_m").orElse(d.num("h_m") * tan),
                                d.num("y_m"),
                                d.opt("limit_Nm")))
                        .toList(),
                in.opt("foot_limit_Nm"));
        return new Answer()
                .put("rows", c.rows().stream().map(LeanCurveSum::row).toList())
                .put(
                        "raised",
                        c.raised().stream()
                                .map(r -> Map.of("piece", r.piece(), "at", r.at(), "by_Nm", r.byNm()))
                                .toList())
                .put("never_rising", c.neverRising())
                .put(
                        "beyond",
                        c.beyond().stream()
                                .map(b -> Map.of("after", b.after(), "at", b.at(), "share", b.share()))
                                .toList())
                .put("greatest_Nm", c.greatestNm())
                .warn(!c.neverRising(), "MOMENT_RISES")
                .warn(!c.beyond().isEmpty(), "MOMENT_ABOVE_LIMIT");
    }

    private static Map<String, @Nullable Object> row(LeanCurve.Row r) {
        Map<String, Object> at = new LinkedHashMap<>();
        r.at().forEach((place, m) -> {
            Map<String, Double> moment = new LinkedHashMap<>();
            moment.put("M_hi_Nm", m.highNm());
            moment.put("M_lo_Nm", m.lowNm());
            moment.put("M_Nm", m.greatestNm());
            at.put(place, moment);
        });
        Map<String, @Nullable Object> row = new LinkedHashMap<>();
        row.put("removed", r.removed());
        row.put("piece", r.piece().orElse(null));
        row.put("at", at);
        return row;
    }
}
