package org.antevid.sums;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Diameter;
import org.antevid.core.stem.Frustum;
import org.antevid.core.stem.GreenWood;
import org.antevid.core.stem.HeightByAngles;
import org.antevid.core.stem.HeightByShadow;
import org.antevid.core.stem.HeightByStick;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;

/** Sums of the measuring stage. */
final class MeasureSums {
    static final List<String> GENERA =
            Arrays.stream(Species.values()).map(Species::genus).toList();
    static final List<String> CONDITIONS = Arrays.stream(Condition.values())
            .filter(c -> c != Condition.UNSEEN)
            .map(Condition::key)
            .toList();

    static final List<Sum> ALL = List.of(
            new Sum(
                    "diameter",
                    "Diameter from a girth",
                    List.of(
                            Field.need("girth_m", "m", 0.03, 25).usual(0.2, 8),
                            Field.with("sigma_girth_m", "m", 0, 1, 0.01),
                            Field.with("bark_m", "m", 0, 0.4, 0)),
                    MeasureSums::diameter),
            new Sum(
                    "height_angles",
                    "Height from two angles and a distance",
                    List.of(
                            Field.choice("mode", "horizontal", List.of("horizontal", "slope_to_base", "slope_ground")),
                            Field.choice("unit", "deg", List.of("deg", "percent")),
                            Field.need("distance_m", "m", 2, 300).usual(8, 100),
                            Field.need("top", "deg or %", -1000, 1000),
                            Field.need("base", "deg or %", -1000, 1000),
                            Field.with("ground_slope_deg", "deg", -60, 60, 0),
                            Field.with("sigma_distance_m", "m", 0, 20, 0.1),
                            Field.with("sigma_angle_deg", "deg", 0, 10, 0.25),
                            Field.with("top_toward_m", "m", -30, 30, 0),
                            Field.with("sigma_top_toward_m", "m", 0, 15, 0)),
                    MeasureSums::height),
            new Sum(
                    "height_stick",
                    "Height with a stick",
                    List.of(
                            Field.need("stick_m", "m", 0.05, 3),
                            Field.need("eye_to_stick_m", "m", 0.2, 3),
                            Field.need("eye_to_tree_m", "m", 2, 300),
                            Field.with("sigma_stick_m", "m", 0, 0.2, 0.005),
                            Field.with("sigma_eye_m", "m", 0, 0.2, 0.01),
                            Field.with("sigma_tree_m", "m", 0, 20, 0.2)),
                    MeasureSums::stick),
            new Sum(
                    "height_shadow",
                    "Height from shadows",
                    List.of(
                            Field.need("tree_shadow_m", "m", 0.5, 400),
                            Field.need("pole_m", "m", 0.2, 6),
                            Field.need("pole_shadow_m", "m", 0.05, 60),
                            Field.with("tree_fall_deg", "°", -45, 45, 0),
                            Field.with("pole_fall_deg", "°", -45, 45, 0),
                            Field.with("sigma_tree_m", "m", 0, 20, 0.5),
                            Field.with("sigma_pole_m", "m", 0, 1, 0.01),
                            Field.with("sigma_pole_shadow_m", "m", 0, 2, 0.02)),
                    MeasureSums::shadow),
            new Sum(
                    "frustum",
                    "Volume and balance of a piece",
                    List.of(
                            Field.need("d1_m", "m", 0.001, 5),
                            Field.need("d2_m", "m", 0, 5),
                            Field.need("length_m", "m", 0.01, 120),
                            Field.need("density_kgm3", "kg/m3", 300, 1400)),
                    MeasureSums::frustum),
            new Sum(
                    "tree_mass",
                    "Mass and centre of gravity",
                    List.of(
                            Field.choice("genus", "unknown", GENERA),
                            Field.need("dbh_m", "m", 0.05, 5).usual(0.1, 2),
                            Field.need("height_m", "m", 2, 120).usual(4, 50),
                            Field.with("cut_height_m", "m", 0, 6, 0.2).usual(0, 1.5),
                            Field.maybe("break_height_m", "m", 1.4, 120),
                            Field.choice("shape", "forest", keys(StemMass.Shape.values())),
                            Field.maybe("density_kgm3", "kg/m3", 300, 1400),
                            Field.choice("crown", "forest_broadleaf", keys(StemMass.Crown.values())),
                            Field.maybe("crown_fraction", "", 0, 2.5),
                            Field.maybe("crown_base_m", "m", 0, 110),
                            Field.with("crown_cg_ratio", "", 0.1, 0.9, 0.42),
                            Field.with("sigma_dbh_m", "m", 0, 0.5, 0.01),
                            Field.with("sigma_height_m", "m", 0, 20, 1)),
                    MeasureSums::mass));

    private MeasureSums() {}

    static List<String> keys(Enum<?>[] values) {
        return Stream.of(values).map(v -> v.name().toLowerCase(Locale.ROOT)).toList();
    }

    private static Answer diameter(Input in) {
        Diameter d = Diameter.ofGirth(in.num("girth_m"), in.num("sigma_girth_m"), in.num("bark_m"));
        return new Answer()
                .put("d_m", d.overBark().value())
                .put("sigma_m", d.overBark().sigma())
                .put("d_under_bark_m", d.underBarkM())
                .put("d_low_m", d.overBark().low())
                .put("d_high_m", d.overBark().high());
    }

    private static Answer height(Input in) {
        HeightByAngles h = HeightByAngles.of(new HeightByAngles.Sighting(
                in.choice(HeightByAngles.Mode.class, "mode"),
                in.choice(HeightByAngles.Unit.class, "unit"),
                in.num("distance_m"),
                in.num("top"),
                in.num("base"),
                in.num("ground_slope_deg"),
                in.num("sigma_distance_m"),
                in.num("sigma_angle_deg"),
                in.num("top_toward_m"),
                in.num("sigma_top_toward_m")));
        return height(h.height())
                .put("horizontal_distance_m", h.horizontalDistanceM())
                .put("error_per_m_lean_toward", h.errorPerMLeanToward())
                .warn(h.warnings());
    }

    private static Answer stick(Input in) {
        HeightByStick h = HeightByStick.of(
                in.num("stick_m"),
                in.num("eye_to_stick_m"),
                in.num("eye_to_tree_m"),
                in.num("sigma_stick_m"),
                in.num("sigma_eye_m"),
                in.num("sigma_tree_m"));
        return height(h.height()).warn(h.warnings());
    }

    private static Answer shadow(Input in) {
        HeightByShadow h = HeightByShadow.of(new HeightByShadow.Shadows(
                in.num("tree_shadow_m"),
                in.num("pole_m"),
                in.num("pole_shadow_m"),
                in.num("tree_fall_deg"),
                in.num("pole_fall_deg"),
                in.num("sigma_tree_m"),
                in.num("sigma_pole_m"),
                in.num("sigma_pole_shadow_m")));
        return height(h.height()).put("sun_elevation_deg", h.sunElevationDeg()).warn(h.warnings());
    }

    private static Answer height(Estimate h) {
        return new Answer()
                .put("height_m", h.value())
                .put("sigma_m", h.sigma())
                .put("low_m", h.low())
                .put("high_m", h.high());
    }

    private static Answer frustum(Input in) {
        Frustum f = Frustum.of(in.num("d1_m"), in.num("d2_m"), in.num("length_m"), in.num("density_kgm3"));
        return new Answer()
                .put("volume_m3", f.volumeM3())
                .put("mass_kg", f.massKg())
                .put("cg_m", f.cgM());
    }

    private static Answer mass(Input in) {
        GreenWood green = in.choice(Species.class, "genus").wood();
        double height = in.num("height_m");
        StemMass m = StemMass.of(new StemMass.Tree(
                green,
                in.num("dbh_m"),
                height,
                in.num("cut_height_m"),
                in.opt("break_height_m").orElse(height),
                in.choice(StemMass.Shape.class, "shape"),
                in.opt("density_kgm3").orElse(green.densityKgm3()),
                in.opt("crown_fraction").orElseGet(() -> in.choice(StemMass.Crown.class, "crown")
                        .fraction(in.num("dbh_m"))),
                in.opt("crown_base_m").orElse(height / 2),
                in.num("crown_cg_ratio"),
                in.num("sigma_dbh_m"),
                in.num("sigma_height_m")));
        Estimate mass = new Estimate(m.massKg(), m.massKg() * m.sigmaRel());
        return new Answer()
                .put("stem_volume_m3", m.stemVolumeM3())
                .put("form_factor", m.formFactor())
                .put("stem_kg", m.stemKg())
                .put("stem_cg_m", m.stemCgM())
                .put("crown_kg", m.crownKg())
                .put("crown_cg_m", m.crownCgM())
                .put("mass_kg", m.massKg())
                .put("cg_m", m.cgM())
                .put("inertia_kgm2", m.inertiaKgm2())
                .put("k2_s2", m.k2s2())
                .put("percussion_m", m.percussionM())
                .put("sigma_rel", m.sigmaRel())
                .put("mass_high_kg", mass.high())
                .put("d_cut_m", m.dCutM())
                .put("d_butt_m", m.dButtM());
    }
}
