package org.antevid.sums;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stump.School;
import org.antevid.core.stump.SplitRisk;
import org.antevid.core.stump.StrapHold;

/** Sums of what the wood does while it is cut: splitting up, and the strap that holds it. */
final class WoodSums {
    private static final List<String> NO_YES = List.of("no", "yes");

    static final List<Sum> ALL = List.of(
            new Sum(
                    "barber_chair",
                    "Splitting up the stem",
                    List.of(
                            Field.choice("genus", "unknown", MeasureSums.GENERA),
                            Field.choice("condition", "sound", MeasureSums.CONDITIONS),
                            Field.choice("school", "open_face", MeasureSums.keys(School.values())),
                            Field.choice("method", "back_cut", MeasureSums.keys(SplitRisk.Opening.values())),
                            Field.need("d_lay_m", "m", 0.05, 5),
                            Field.maybe("d_across_m", "m", 0.05, 5),
                            Field.need("depth_m", "m", 0.005, 2.5),
                            Field.need("hinge_thick_m", "m", 0.003, 0.5),
                            Field.need("forward_Nm", "N m", -1e7, 1e7),
                            Field.with("forward_lean_deg", "deg", -45, 60, 0),
                            Field.choice("seam_or_fork", "no", NO_YES),
                            Field.choice("under_tension", "no", NO_YES),
                            Field.maybe("mgh_Nm", "N m", 1, 1e8)),
                    WoodSums::split),
            new Sum(
                    "strap",
                    "The strap behind a bore",
                    List.of(
                            Field.choice("genus", "unknown", MeasureSums.GENERA),
                            Field.choice("condition", "sound", MeasureSums.CONDITIONS),
                            Field.need("d_lay_m", "m", 0.05, 5),
                            Field.maybe("d_across_m", "m", 0.05, 5),
                            Field.need("depth_m", "m", 0.005, 2.5),
                            Field.need("hinge_thick_m", "m", 0.003, 0.5),
                            Field.need("strap_m", "m", 0.003, 1.2),
                            Field.with("bark_m", "m", 0, 0.2, 0),
                            Field.need("forward_Nm", "N m", -1e7, 1e7),
                            Field.with("share", "", 0.1, 1, 0.5),
                            Field.with("need", "", 1, 5, 2)),
                    WoodSums::strap));

    private WoodSums() {}

    private static boolean yes(Input in, String name) {
        return in.text(name).equals("yes");
    }

    private static Answer split(Input in) {
        SplitRisk r = SplitRisk.of(new SplitRisk.Cut(
                in.choice(Species.class, "genus").wood(),
                in.choice(Condition.class, "condition"),
                in.choice(School.class, "school"),
                in.choice(SplitRisk.Opening.class, "method"),
                in.num("d_lay_m"),
                in.opt("d_across_m").orElse(in.num("d_lay_m")),
                in.num("depth_m"),
                in.num("hinge_thick_m"),
                in.num("forward_Nm"),
                in.num("forward_lean_deg"),
                in.opt("mgh_Nm"),
                yes(in, "seam_or_fork"),
                yes(in, "under_tension")));
        Map<String, Object> points = new LinkedHashMap<>(r.points());
        return new Answer()
                .put("points", points)
                .put("index", r.index())
                .put("practice_class", r.practice().key())
                .put("moves_at_holding_m", r.movesAtM())
                .put("moves_early", r.movesEarly())
                .put("energy_ratio_back_cut", r.ratioBackCut())
                .put("energy_ratio_bore", r.ratioBore())
                .put("energy_ratio", r.ratio())
                .put("mechanics_class", r.mechanics().key())
                .put("result_class", r.result().key())
                .put("class_back_cut", r.backCut().key())
                .put("class_bore", r.bore().key())
                .put("advice", r.advice().key())
                .warn(
                        r.result() != SplitRisk.Level.LOW,
                        "BARBER_CHAIR:" + r.result().key());
    }

    private static Answer strap(Input in) {
        StrapHold h = StrapHold.of(new StrapHold.Strap(
                in.choice(Species.class, "genus").wood(),
                in.choice(Condition.class, "condition"),
                in.num("d_lay_m"),
                in.opt("d_across_m").orElse(in.num("d_lay_m")),
                in.num("depth_m"),
                in.num("hinge_thick_m"),
                in.num("strap_m"),
                in.num("bark_m"),
                in.num("forward_Nm"),
                in.num("share"),
                in.num("need")));
        return new Answer()
                .put("wood_m", h.woodM())
                .put("area_m2", h.areaM2())
                .put("arm_m", h.armM())
                .put("tension_N", h.tensionN())
                .put("ratio", h.ratio())
                .put("holds", h.holds())
                .put("needed_m", h.neededM())
                .warn(h.warnings());
    }
}
