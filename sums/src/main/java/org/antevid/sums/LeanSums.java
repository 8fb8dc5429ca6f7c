package org.antevid.sums;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.CrownOffset;
import org.antevid.core.stem.EffectiveLean;
import org.antevid.core.stem.LeanByPlumb;
import org.antevid.core.stem.WindLoad;

/** Sums of lean: plumbed views, crown radii, wind, and what all of it does along a lay. */
final class LeanSums {
    private static final List<Field> VIEW = List.of(
            Field.need("bearing_deg", "°", -360, 720),
            Field.maybe("offset_m", "m", -40, 40),
            Field.maybe("angle_deg", "°", -45, 45),
            Field.maybe("distance_m", "m", 2, 300),
            Field.with("sigma_m", "m", 0.001, 10, LeanByPlumb.USUAL_SIGMA_M));

    static final List<Sum> ALL = List.of(
            new Sum(
                    "lean_plumb",
                    "Lean from two or more plumbed views",
                    List.of(Field.list("views"), Field.maybe("height_m", "m", 1, 120)),
                    LeanSums::plumb),
            new Sum("crown_offset", "Crown offset from radii", List.of(Field.list("radii")), LeanSums::crown),
            new Sum(
                    "wind_load",
                    "Wind on a crown",
                    List.of(
                            Field.with("gust_ms", "m/s", 0, 45, 0).usual(0, 14),
                            Field.with("crown_area_m2", "m2", 0, 1500, 0),
                            Field.choice("leaf", "leafed", MeasureSums.keys(WindLoad.Leaf.values())),
                            Field.with("cd0", "", 0.1, 1.5, 0.8),
                            Field.with("u0_ms", "m/s", 1, 20, 5),
                            Field.with("vogel", "", -1.3, 0, -0.5),
                            Field.with("leafless_factor", "", 0.1, 1, 0.4),
                            Field.maybe("crown_radius_m", "m", 0, 25),
                            Field.maybe("height_m", "m", 1, 120),
                            Field.maybe("crown_base_m", "m", 0, 110),
                            Field.with("cut_height_m", "m", 0, 6, 0.2)),
                    LeanSums::wind),
            new Sum(
                    "effective_lean",
                    "Lean with crown, snow and wind",
                    List.of(
                            Field.need("lay_deg", "°", -360, 720),
                            Field.need("stem_kg", "kg", 1, 150000),
                            Field.with("stem_off_e_m", "m", -30, 30, 0),
                            Field.with("stem_off_n_m", "m", -30, 30, 0),
                            Field.with("crown_kg", "kg", 0, 80000, 0),
                            Field.with("crown_off_e_m", "m", -30, 30, 0),
                            Field.with("crown_off_n_m", "m", -30, 30, 0),
                            Field.with("snow_kg", "kg", 0, 30000, 0),
                            Field.maybe("snow_off_e_m", "m", -30, 30),
                            Field.maybe("snow_off_n_m", "m", -30, 30),
                            Field.with("wind_N", "N", 0, 400000, 0),
                            Field.with("wind_to_deg", "°", -360, 720, 0),
                            Field.with("wind_height_m", "m", 0, 100, 0),
                            Field.need("cg_height_m", "m", 0.3, 80),
                            Field.with("sigma_mass_rel", "", 0, 1, 0.2),
                            Field.with("sigma_offset_m", "m", 0, 5, 0.3),
                            Field.with("sigma_wind_rel", "", 0, 2, 0.4)),
                    LeanSums::effective));

    private LeanSums() {}

    private static Answer plumb(Input in) {
        List<LeanByPlumb.PlumbView> views = new ArrayList<>();
        int i = 0;
        for (Object raw : in.list("views")) {
            String at = "views[" + i++ + "]";
            if (!(raw instanceof Map<?, ?> map)) {
                throw new RefusedInput(Refusal.BAD_VIEW, at);
            }
            Input v = Input.read(VIEW, named(map), at + ".");
            if (v.opt("offset_m").isEmpty()
                    && (v.opt("angle_deg").isEmpty() || v.opt("distance_m").isEmpty())) {
                throw new RefusedInput(Refusal.OFFSET_OR_ANGLE, at + ".offset_m");
            }
            views.add(new LeanByPlumb.PlumbView(
                    v.num("bearing_deg"),
                    v.opt("offset_m"),
                    v.opt("angle_deg"),
                    v.opt("distance_m"),
                    v.num("sigma_m")));
        }
        LeanByPlumb l = LeanByPlumb.of(views);
        Optional<Double> lean = in.opt("height_m").map(h -> Math.toDegrees(Math.atan(l.offsetM() / h)));
        return new Answer()
                .put("offset_e_m", l.offsetEastM())
                .put("offset_n_m", l.offsetNorthM())
                .put("offset_m", l.offsetM())
                .put("azimuth_deg", l.azimuthDeg())
                .put("sigma_along_m", l.sigmaAlongM())
                .put("sigma_across_m", l.sigmaAcrossM())
                .put("sigma_azimuth_deg", l.sigmaAzimuthDeg())
                .put("chi2", l.chi2())
                .put("design_offset_m", l.designOffsetM())
                .put("lean_deg", lean)
                .warn(l.warnings());
    }

    private static Map<String, Object> named(Map<?, ?> raw) {
        Map<String, Object> named = new java.util.HashMap<>();
        raw.forEach((k, v) -> named.put(String.valueOf(k), v));
        return named;
    }

    private static Answer crown(Input in) {
        List<CrownOffset.Radius> radii = new ArrayList<>();
        for (Object raw : in.list("radii")) {
            if (!(raw instanceof List<?> pair)
                    || pair.size() != 2
                    || !(pair.get(0) instanceof Number az)
                    || !(pair.get(1) instanceof Number r)
                    || !Double.isFinite(az.doubleValue() + r.doubleValue())) {
                throw new RefusedInput(Refusal.NO_RADII, "radii");
            }
            radii.add(new CrownOffset.Radius(az.doubleValue(), r.doubleValue()));
        }
        CrownOffset c = CrownOffset.of(radii);
        return new Answer()
                .put("area_m2", c.areaM2())
                .put("offset_e_m", c.offsetEastM())
                .put("offset_n_m", c.offsetNorthM())
                .put("offset_m", c.offsetM())
                .put("azimuth_deg", c.azimuthDeg())
                .put("max_radius_m", c.maxRadiusM())
                .put("sigma_m", c.sigmaM())
                .warn(c.warnings());
    }

    private static Answer wind(Input in) {
        WindLoad.Crown crown = new WindLoad.Crown(
                in.num("crown_area_m2"),
                in.choice(WindLoad.Leaf.class, "leaf"),
                in.num("cd0"),
                in.num("u0_ms"),
                in.num("vogel"),
                in.num("leafless_factor"));
        Optional<WindLoad.Figure> figure = in.opt("crown_radius_m").flatMap(r -> in.opt("height_m")
                .map(h -> WindLoad.Figure.of(r, h, in.opt("crown_base_m"), in.num("cut_height_m"))));
        WindLoad w = figure.map(f -> WindLoad.of(in.num("gust_ms"), crown, f))
                .orElseGet(() -> WindLoad.of(in.num("gust_ms"), crown));
        return new Answer()
                .put("cd", w.cd())
                .put("area_m2", w.areaM2())
                .put("force_N", w.forceN())
                .put("force_height_m", w.forceHeightM())
                .put("moment_Nm", w.momentNm());
    }

    private static Answer effective(Input in) {
        EffectiveLean.Part crown =
                new EffectiveLean.Part(in.num("crown_kg"), in.num("crown_off_e_m"), in.num("crown_off_n_m"));
        EffectiveLean l = EffectiveLean.of(
                in.num("lay_deg"),
                new EffectiveLean.Part(in.num("stem_kg"), in.num("stem_off_e_m"), in.num("stem_off_n_m")),
                crown,
                new EffectiveLean.Part(
                        in.num("snow_kg"),
                        in.opt("snow_off_e_m").orElse(crown.offsetEastM()),
                        in.opt("snow_off_n_m").orElse(crown.offsetNorthM())),
                new EffectiveLean.Wind(in.num("wind_N"), in.num("wind_to_deg"), in.num("wind_height_m")),
                in.num("cg_height_m"),
                new EffectiveLean.Sigmas(in.num("sigma_mass_rel"), in.num("sigma_offset_m"), in.num("sigma_wind_rel")));
        return new Answer()
                .put("mass_kg", l.massKg())
                .put("moment_e_Nm", l.momentEastNm())
                .put("moment_n_Nm", l.momentNorthNm())
                .put("moment_Nm", l.momentNm())
                .put("azimuth_deg", l.azimuthDeg())
                .put("effective_offset_m", l.effectiveOffsetM())
                .put("effective_lean_deg", l.effectiveLeanDeg())
                .put("forward_Nm", l.forwardNm())
                .put("side_right_Nm", l.sideRightNm())
                .put("gravity_forward_Nm", l.gravityForwardNm())
                .put("gravity_side_Nm", l.gravitySideNm())
                .put("wind_forward_Nm", l.windForwardNm())
                .put("wind_side_Nm", l.windSideNm())
                .put("sigma_forward_Nm", l.sigmaForwardNm())
                .put("sigma_side_Nm", l.sigmaSideNm());
    }
}
