package org.antevid.sums;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.assist.PullLine;
import org.antevid.core.assist.SideGuy;
import org.antevid.core.assist.Wedges;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stump.HingeHold;

/** Sums of what steers and helps the fall: hinge, wedges, pull line, side guy. */
final class HelpSums {
    private static final List<String> NO_YES = List.of("no", "yes");

    static final List<Sum> ALL = List.of(
            new Sum(
                    "hinge",
                    "What the hinge holds",
                    List.of(
                            Field.choice("genus", "unknown", MeasureSums.GENERA),
                            Field.choice("condition", "sound", MeasureSums.CONDITIONS),
                            Field.need("hinge_length_m", "m", 0.02, 4),
                            Field.need("hinge_thick_m", "m", 0.003, 0.5),
                            Field.with("side_Nm", "N m", -1e7, 1e7, 0),
                            Field.with("sigma_side_Nm", "N m", 0, 1e7, 0),
                            Field.with("forward_Nm", "N m", -1e7, 1e7, 0),
                            Field.maybe("mor_MPa", "MPa", 5, 150),
                            Field.with("work_factor", "", 0.2, 1, HingeHold.WORK_FACTOR),
                            Field.with("util_target", "", 0.1, 0.9, 0.3)),
                    HelpSums::hinge),
            new Sum(
                    "wedges",
                    "Wedges",
                    List.of(
                            Field.need("mass_kg", "kg", 5, 200000),
                            Field.need("back_offset_m", "m", -10, 20),
                            Field.need("cg_height_m", "m", 0.3, 80),
                            Field.need("hinge_offset_m", "m", -1, 3),
                            Field.need("wedge_arm_m", "m", 0.02, 5),
                            Field.with("wind_back_Nm", "N m", 0, 1e7, 0),
                            Field.with("hinge_hold_Nm", "N m", 0, 1e7, 0),
                            Field.with("wedge_lift_m", "m", 0.005, 0.08, 0.025),
                            Field.with("wedge_length_m", "m", 0.08, 0.4, 0.2),
                            Field.with("kerf_m", "m", 0.004, 0.02, 0.008),
                            Field.with("bar_in_cut_m", "m", 0, 0.3, 0),
                            Field.with("stack", "", 1, 2, 1),
                            Field.with("parallel", "", 1, 4, 2),
                            Field.with("force_cap_N", "N", 1000, 200000, 20000),
                            Field.with("friction", "", 0.05, 0.6, 0.25),
                            Field.with("safety", "", 1, 3, 1.5),
                            Field.with("max_back_deg", "deg", 0.5, 6, 2)),
                    HelpSums::wedges),
            new Sum(
                    "pull_line",
                    "Pull line",
                    List.of(
                            Field.need("mass_kg", "kg", 5, 200000),
                            Field.need("back_offset_m", "m", -30, 30),
                            Field.with("hinge_offset_m", "m", -1, 3, 0),
                            Field.with("wind_back_Nm", "N m", 0, 1e7, 0),
                            Field.with("hinge_hold_Nm", "N m", 0, 1e7, 0),
                            Field.need("cg_height_m", "m", 0.3, 80),
                            Field.need("rope_height_m", "m", 0.5, 80),
                            Field.need("tree_height_m", "m", 1, 120),
                            Field.need("anchor_dist_m", "m", 1, 400),
                            Field.with("anchor_drop_m", "m", -100, 100, 0),
                            Field.with("off_lay_deg", "deg", -60, 60, 0),
                            Field.with("safety", "", 1, 4, 1.5),
                            Field.choice("doubled", "no", NO_YES),
                            Field.with("leg_angle_deg", "deg", 0, 120, 0),
                            Field.maybe("redirect_angle_deg", "deg", 0, 175),
                            Field.with("block_eff", "", 0.3, 1, 0.9),
                            Field.with("parts", "", 1, 9, 1),
                            Field.with("part_eff", "", 0.2, 1, 0.9),
                            Field.with("people_N", "N", 50, 500, 250),
                            Field.maybe("winch_N", "N", 0, 1e6),
                            Field.maybe("mbs_N", "N", 500, 2e6),
                            Field.with("knot_eff", "", 0.3, 1, 0.6),
                            Field.with("rope_sf", "", 2, 15, 5),
                            Field.maybe("puller_dist_m", "m", 0, 500),
                            Field.maybe("d_hinge_m", "m", 0.05, 5),
                            Field.choice("shape", "forest", MeasureSums.keys(StemMass.Shape.values())),
                            Field.with("mor_MPa", "MPa", 5, 150, 27),
                            Field.choice("condition", "sound", MeasureSums.CONDITIONS)),
                    HelpSums::pullLine),
            new Sum(
                    "side_guy",
                    "Side guy",
                    List.of(
                            Field.need("side_Nm", "N m", 0, 1e7),
                            Field.need("guy_height_m", "m", 0.5, 80),
                            Field.need("anchor_side_m", "m", 1, 300),
                            Field.with("anchor_fwd_m", "m", -200, 200, 0),
                            Field.with("anchor_drop_m", "m", -60, 60, 0),
                            Field.with("tree_off_m", "m", -15, 15, 0),
                            Field.with("hinge_capacity_Nm", "N m", 0, 1e7, 0),
                            Field.with("hinge_share", "", 0, 0.5, 0),
                            Field.with("safety", "", 1, 4, 1.5),
                            Field.need("tree_height_m", "m", 1, 120),
                            Field.maybe("mbs_N", "N", 500, 2e6),
                            Field.with("knot_eff", "", 0.3, 1, 0.6),
                            Field.with("rope_sf", "", 2, 15, 5),
                            Field.with("pre_stretch", "", 0, 0.2, 0.02)),
                    HelpSums::sideGuy));

    private HelpSums() {}

    private static Answer hinge(Input in) {
        double thick = in.num("hinge_thick_m");
        HingeHold h = HingeHold.of(new HingeHold.Hinge(
                in.choice(Species.class, "genus").wood(),
                in.choice(Condition.class, "condition"),
                in.num("hinge_length_m"),
                thick,
                thick,
                1,
                in.num("side_Nm"),
                in.num("sigma_side_Nm"),
                in.num("forward_Nm"),
                in.opt("mor_MPa"),
                in.num("work_factor"),
                in.num("util_target")));
        boolean known = h.reliable();
        List<String> warnings = new java.util.ArrayList<>(known ? List.of() : List.of("HINGE_NOT_RELIABLE"));
        if (h.grade() != HingeHold.Grade.OK) {
            warnings.add("SIDE:" + h.grade().key());
        }
        return new Answer()
                .put("side_capacity_Nm", h.capacityNm())
                .put("side_design_Nm", h.designNm())
                .put("utilisation", known ? Optional.of(h.utilisation()) : Optional.empty())
                .put("utilisation_signed", known ? Optional.of(h.signedUse()) : Optional.empty())
                .put("utilisation_class", h.grade().key())
                .put("drift_deg", only(known, h.driftDeg()))
                .put("needed_thick_m", h.neededThickM())
                .put("thick_tension_m", only(known, h.tensionSideM()))
                .put("thick_lean_side_m", only(known, h.leanSideM()))
                .put("forward_hold_Nm", h.forwardHoldNm())
                .put("spring_Nm_per_rad", h.bendPerRadNm())
                .put("moves_alone", h.movesAlone())
                .warn(warnings, w -> w);
    }

    private static Optional<Double> only(boolean known, double value) {
        return known ? Optional.of(value) : Optional.empty();
    }

    private static Answer wedges(Input in) {
        Wedges w = Wedges.of(
                new Wedges.Load(
                        in.num("mass_kg"),
                        in.num("back_offset_m"),
                        in.num("cg_height_m"),
                        in.num("hinge_offset_m"),
                        in.num("wedge_arm_m"),
                        in.num("wind_back_Nm"),
                        in.num("hinge_hold_Nm"),
                        in.num("kerf_m"),
                        in.num("bar_in_cut_m"),
                        in.num("force_cap_N"),
                        in.num("friction"),
                        in.num("safety"),
                        in.num("max_back_deg")),
                new Wedges.Set(
                        "", in.num("wedge_lift_m"), in.num("wedge_length_m"), in.whole("stack"), in.whole("parallel")));
        return new Answer()
                .put("total_offset_m", w.totalOffsetM())
                .put("back_angle_deg", w.backAngleDeg())
                .put("lift_needed_m", w.liftNeededM())
                .put("lift_design_m", w.liftDesignM())
                .put("lift_available_m", w.liftAvailableM())
                .put("tip_move_per_mm_m", w.movePerMmM())
                .put("levels_needed", w.levels())
                .put("force_total_N", w.forceTotalN())
                .put("force_per_wedge_N", w.forcePerWedgeN())
                .put("drive_per_wedge_N", w.drivePerWedgeN())
                .put("enough", w.enough())
                .put("reasons", w.reasons().stream().map(Wedges.Short::key).toList())
                .put("next_step", w.nextStep())
                .warn(w.warnings());
    }

    private static Answer pullLine(Input in) {
        PullLine p = PullLine.of(
                new PullLine.Geometry(
                        in.num("mass_kg"),
                        in.num("back_offset_m"),
                        in.num("hinge_offset_m"),
                        in.num("wind_back_Nm"),
                        in.num("hinge_hold_Nm"),
                        in.num("cg_height_m"),
                        in.num("rope_height_m"),
                        in.num("tree_height_m"),
                        in.num("anchor_dist_m"),
                        in.num("anchor_drop_m"),
                        in.num("off_lay_deg")),
                new PullLine.Rigging(
                        in.text("doubled").equals("yes"),
                        in.num("leg_angle_deg"),
                        in.opt("redirect_angle_deg"),
                        in.num("block_eff"),
                        in.whole("parts"),
                        in.num("part_eff"),
                        in.num("people_N"),
                        in.opt("winch_N"),
                        in.opt("mbs_N"),
                        in.num("knot_eff"),
                        in.num("rope_sf"),
                        in.opt("puller_dist_m"),
                        in.num("safety")),
                in.opt("d_hinge_m")
                        .map(d -> new PullLine.Beam(
                                d,
                                in.choice(StemMass.Shape.class, "shape"),
                                in.num("mor_MPa"),
                                in.choice(Condition.class, "condition"))));
        return new Answer()
                .put("resisting_Nm", p.resistingNm())
                .put("gravity_back_Nm", p.gravityBackNm())
                .put("rope_angle_deg", p.ropeAngleDeg())
                .put("arm_m", p.armM())
                .put("tension_static_N", p.tensionStaticN())
                .put("tension_N", p.tensionN())
                .put("leg_N", p.legN())
                .put("side_moment_Nm", p.sideNm())
                .put("advantage", p.advantage())
                .put("hand_N", p.handN())
                .put("people", p.people())
                .put("block_N", p.blockN())
                .put("anchor_N", p.anchorN())
                .put("wll_use", p.wllUse())
                .put("min_mbs_N", p.minMbsN())
                .put("available_N", p.availableN())
                .put("capacity_Nm", p.capacityNm())
                .put("min_person_dist_m", p.minPersonDistM())
                .put("stem_stress_share", p.stressShare())
                .put("stem_stress_at_m", p.stressAtM())
                .warn(p.warnings());
    }

    private static Answer sideGuy(Input in) {
        SideGuy g = SideGuy.of(
                new SideGuy.Geometry(
                        in.num("guy_height_m"),
                        in.num("anchor_side_m"),
                        in.num("anchor_fwd_m"),
                        in.num("anchor_drop_m"),
                        in.num("tree_off_m"),
                        in.num("tree_height_m")),
                new SideGuy.Load(
                        in.num("side_Nm"),
                        in.num("hinge_capacity_Nm"),
                        in.num("hinge_share"),
                        in.num("safety"),
                        in.opt("mbs_N"),
                        in.num("knot_eff"),
                        in.num("rope_sf"),
                        in.num("pre_stretch")));
        Map<String, Object> change = new LinkedHashMap<>();
        g.lengthChangeM().forEach((deg, m) -> change.put(String.valueOf(deg), m));
        return new Answer()
                .put("needed_Nm", g.neededNm())
                .put("arm_m", g.armM())
                .put("tension_N", g.tensionN())
                .put("rope_angle_deg", g.ropeAngleDeg())
                .put("forward_moment_Nm", g.forwardNm())
                .put("down_load_N", g.downN())
                .put("rope_length_m", g.ropeLengthM())
                .put("length_change_m", change)
                .put("wll_use", g.wllUse())
                .put("min_mbs_N", g.minMbsN())
                .put("anchor_N", g.tensionN())
                .warn(g.warnings());
    }
}
