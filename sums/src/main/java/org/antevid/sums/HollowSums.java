package org.antevid.sums;

import java.util.List;
import java.util.Locale;
import org.antevid.core.stem.Hollow;
import org.antevid.core.stem.RaisedCut;
import org.antevid.core.stem.Species;

/** Sums of decay: what is left of hinge and shell, and how high the cut must go. */
final class HollowSums {
    static final List<Sum> ALL = List.of(
            new Sum(
                    "hollow",
                    "Hollow or decayed stem",
                    List.of(
                            Field.need("d_m", "m", 0.1, 5),
                            Field.need("cavity_d_m", "m", 0, 5),
                            Field.with("cavity_fwd_m", "m", -2, 2, 0),
                            Field.with("cavity_right_m", "m", -2, 2, 0),
                            Field.need("depth_m", "m", 0.01, 2.5),
                            Field.need("hinge_thick_m", "m", 0.005, 0.5),
                            Field.with("sigma_wall_m", "m", 0, 0.2, 0.015),
                            Field.with("mass_kg", "kg", 0, 200000, 0),
                            Field.with("moment_Nm", "N m", 0, 1e8, 0),
                            Field.choice("genus", "unknown", MeasureSums.GENERA)),
                    HollowSums::hollow),
            new Sum(
                    "raise_cut",
                    "Raise the cut to a thicker wall",
                    List.of(
                            Field.need("h1_m", "m", 0, 3),
                            Field.need("wall1_m", "m", 0, 2.5),
                            Field.need("h2_m", "m", 0, 5),
                            Field.need("wall2_m", "m", 0, 2.5),
                            Field.need("need_wall_m", "m", 0.005, 2.5)),
                    HollowSums::raise));

    private HollowSums() {}

    private static Answer hollow(Input in) {
        Hollow h = Hollow.of(new Hollow.Section(
                in.num("d_m"),
                in.num("cavity_d_m"),
                in.num("cavity_fwd_m"),
                in.num("cavity_right_m"),
                in.num("depth_m"),
                in.num("hinge_thick_m"),
                in.num("sigma_wall_m"),
                in.num("mass_kg"),
                in.num("moment_Nm"),
                in.choice(Species.class, "genus").wood()));
        return new Answer()
                .put("wall_min_m", h.wallMinM())
                .put("t_over_r", h.tOverR())
                .put("hollow_ratio", h.hollowRatio())
                .put("corner_left_m", h.cornerLeftM())
                .put("corner_right_m", h.cornerRightM())
                .put("hinge_wood_share", h.hingeWoodShare())
                .put("hinge_side_share", h.hingeSideShare())
                .put("stem_share", h.stemShare())
                .put("stress_share", h.stressShare())
                .put("result", h.result().key())
                .warn(
                        h.warnings(),
                        w -> w == Hollow.Warning.THIN_WALL
                                ? "HOLLOW:" + h.result().key()
                                : w.name());
    }

    private static Answer raise(Input in) {
        RaisedCut r = RaisedCut.of(
                in.num("h1_m"), in.num("wall1_m"), in.num("h2_m"), in.num("wall2_m"), in.num("need_wall_m"));
        return new Answer()
                .put("cut_height_m", r.cutHeightM())
                .put("reachable", r.cutHeightM().isPresent())
                .put("reason", r.answer().name().toLowerCase(Locale.ROOT))
                .warn(r.answer() == RaisedCut.Answer.DOES_NOT_IMPROVE, "DECAY_DOES_NOT_TAPER")
                .warn(r.answer() == RaisedCut.Answer.BEYOND_MEASURED, "MEASURE_HIGHER")
                .warn(r.answer() == RaisedCut.Answer.ABOVE_WORKING_HEIGHT, "ABOVE_WORKING_HEIGHT");
    }
}
