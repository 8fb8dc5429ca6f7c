package org.antevid.sums;

import java.util.List;
import org.antevid.core.stem.Condition;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.School;

/** The sum of the cut card. */
final class CutSum {
    static final Sum CUTS = new Sum(
            "cuts",
            "The cut card",
            List.of(
                    Field.choice("school", "open_face", MeasureSums.keys(School.values())),
                    Field.need("d_lay_m", "m", 0.05, 5).usual(0.1, 2),
                    Field.maybe("d_across_m", "m", 0.05, 5),
                    Field.maybe("depth_share", "", 0.1, 0.6),
                    Field.maybe("face_deg", "deg", 20, 110),
                    Field.choice("condition", "sound", MeasureSums.CONDITIONS),
                    Field.with("forward_lean_deg", "deg", -30, 60, 0),
                    Field.with("slope_along_deg", "deg", -60, 60, 0),
                    Field.with("bar_m", "m", 0.15, 2.5, 0.45),
                    Field.with("bar_width_m", "m", 0.04, 0.15, 0.085),
                    Field.with("strap_share", "", 0.03, 0.4, 0.1),
                    Field.with("strap_min_m", "m", 0.01, 0.2, 0.04),
                    Field.with("kerf_m", "m", 0.004, 0.02, 0.008),
                    Field.with("bypass_mm", "mm", 0, 200, 0),
                    Field.choice("moved_by", "lean", MeasureSums.keys(CutCard.MovedBy.values())),
                    Field.maybe("own_hinge_m", "m", 0.005, 0.6),
                    Field.maybe("own_step_m", "m", -0.1, 0.3),
                    Field.maybe("own_strap_m", "m", 0.005, 1),
                    Field.with("bark_m", "m", 0, 0.2, 0),
                    Field.with("flare", "", 1, 1.5, 1)),
            CutSum::cuts);

    private CutSum() {}

    private static Answer cuts(Input in) {
        CutCard c = CutCard.of(new CutCard.Stump(
                in.choice(School.class, "school"),
                in.num("d_lay_m"),
                in.opt("d_across_m").orElse(in.num("d_lay_m")),
                in.opt("depth_share"),
                in.opt("face_deg"),
                in.choice(Condition.class, "condition"),
                in.num("forward_lean_deg"),
                in.num("slope_along_deg"),
                new CutCard.Bar(in.num("bar_m"), in.num("bar_width_m"), in.num("kerf_m")),
                in.num("strap_share"),
                in.num("strap_min_m"),
                in.num("bypass_mm"),
                in.choice(CutCard.MovedBy.class, "moved_by"),
                new CutCard.Own(
                        in.opt("own_hinge_m"), in.opt("own_hinge_m"), in.opt("own_step_m"), in.opt("own_strap_m")),
                in.num("bark_m"),
                in.num("flare")));
        return new Answer()
                .put("rule_hinge_m", c.ruleHingeM())
                .put("depth_from_bark_m", c.depthFromBarkM())
                .put("strap_from_bark_m", c.strapFromBarkM())
                .put("depth_m", c.depthM())
                .put("hinge_length_m", c.hingeLengthM())
                .put("chord_apex_m", c.chordApexM())
                .put("hinge_thick_m", c.hingeThickM())
                .put("back_cut_step_m", c.backCutStepM())
                .put("behind_hinge_m", c.behindHingeM())
                .put("face_deg", c.faceDeg())
                .put("mouth_m", c.mouthM())
                .put("strap_m", c.strapM())
                .put("bore_length_m", c.boreLengthM())
                .put("bore_possible", c.borePossible())
                .put("bore_front_m", c.boreFrontM())
                .put("closes_after_deg", c.closesAfterDeg())
                .put("closes_at_tree_deg", c.closesAtTreeDeg())
                .put("ground_after_deg", c.groundAfterDeg())
                .put("free_flight_deg", c.freeFlightDeg())
                .put("hinge_to_ground", c.hingeToGround())
                .put("bar_reach", c.barReach().key())
                .put("face_bar_reach", c.faceBarReach().key())
                .put("hinge_offset_m", c.hingeOffsetM())
                .put("hinge_share_across", c.hingeShareAcross())
                .warn(
                        c.warnings(),
                        w -> w == CutCard.Warning.BAR_TOO_SHORT_FROM_ONE_SIDE
                                ? "BAR:" + c.barReach().key()
                                : w.name());
    }
}
