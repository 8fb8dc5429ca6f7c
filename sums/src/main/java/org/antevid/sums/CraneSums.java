package org.antevid.sums;

import static org.antevid.sums.RopeFields.join;
import static org.antevid.sums.RopeFields.keys;

import java.util.List;
import java.util.Optional;
import org.antevid.core.takedown.crane.Balance;
import org.antevid.core.takedown.crane.LoadChart;
import org.antevid.core.takedown.crane.Pick;
import org.antevid.core.takedown.crane.PretensionWindow;
import org.antevid.core.takedown.crane.SlingLegs;
import org.antevid.core.takedown.crane.TagLine;
import org.antevid.core.takedown.crane.WeighedPicks;
import org.antevid.core.takedown.crane.WindOnLoad;

/** Sums of picks with a crane. */
final class CraneSums {
    private static final List<Field> ROW =
            List.of(Field.need("radius_m", "m", 0.5, 200), Field.need("capacity_kg", "kg", 1, 2e6));

    private static final Field CHART = Field.rows("chart", 2, 80, ROW);
    private static final Field MARGIN = Field.with("margin_m", "m", 0, 20, 0.5).usual(0.25, 3);

    private static final List<Field> PICK = List.of(
            Field.need("est_kg", "kg", 1, 1e6),
            Field.need("read_kg", "kg", 0, 1e6),
            Field.with("rig_kg", "kg", 0, 1e5, 0),
            Field.flag("valid", true));

    private static final List<Field> WIND = List.of(
            Field.need("mass_low_kg", "kg", 1, 1e6),
            Field.need("area_m2", "m2", 0.01, 500),
            Field.with("drag", "", 0.3, 2, 1.2),
            Field.need("gust_ms", "m/s", 0, 30));

    static final List<Sum> ALL = List.of(
            new Sum(
                    "crane_chart",
                    "Capacity from the maker's chart",
                    List.of(
                            CHART,
                            Field.need("radius_m", "m", 0.5, 200),
                            MARGIN,
                            Field.choice("mode", "step", keys(LoadChart.Mode.values()))),
                    CraneSums::chart),
            new Sum(
                    "crane_pick",
                    "How much of the chart a pick uses",
                    List.of(
                            CHART,
                            Field.numberRows("radii_m", "m", 1, 40, 0.5, 200),
                            Field.need("mass_kg", "kg", 1, 1e6),
                            Field.maybe("mass_high_kg", "kg", 1, 2e6),
                            Field.need("hook_kg", "kg", 0, 1e5),
                            Field.need("slings_kg", "kg", 0, 1e5),
                            Field.with("attachment_kg", "kg", 0, 1e5, 0),
                            Field.with("rope_kg", "kg", 0, 1e5, 0),
                            MARGIN,
                            Field.with("caution_share", "", 0.1, 1, 0.75),
                            Field.with("stop_share", "", 0.1, 1, 0.85)),
                    CraneSums::pick),
            new Sum(
                    "crane_mass",
                    "What the readings say of the next piece",
                    List.of(
                            Field.rows("picks", 0, 200, PICK),
                            Field.maybe("next_est_kg", "kg", 1, 1e6),
                            Field.with("prior_factor", "", 0.3, 3, 1),
                            Field.with("prior_sd", "", 0.02, 1, 0.2),
                            Field.with("scatter_sd", "", 0.02, 1, 0.15),
                            Field.with("prior_n", "", 1, 50, 4),
                            Field.with("cell_accuracy", "", 0, 0.3, 0.05)),
                    CraneSums::weighed),
            new Sum(
                    "crane_pretension",
                    "Hook load before the cut",
                    List.of(
                            Field.need("mass_low_kg", "kg", 1, 1e6),
                            Field.need("mass_kg", "kg", 1, 1e6),
                            Field.need("mass_high_kg", "kg", 1, 1e6),
                            Field.need("gross_kg", "kg", 1, 2e6),
                            Field.need("deductions_kg", "kg", 0, 1e5),
                            Field.with("stop_share", "", 0.1, 1, 0.85),
                            Field.with("target", "", 0.3, 1, 0.9),
                            Field.maybe("reading_kg", "kg", 0, 2e6)),
                    CraneSums::pretension),
            new Sum(
                    "crane_sling",
                    "Forces in the slings",
                    List.of(
                            Field.need("mass_kg", "kg", 0.1, 1e6),
                            Field.number("legs", 1, 4),
                            Field.need("angle_deg", "deg", 0, 60),
                            Field.choice("hitch", "choker", keys(SlingLegs.Hitch.values())),
                            Field.with("choke_deg", "deg", 0, 180, 120),
                            Field.maybe("leg_wll_n", "N", 1, 1e7),
                            Field.flag("rigid", true),
                            Field.with("offset_m", "m", -50, 50, 0),
                            Field.maybe("spread_m", "m", 0.05, 100)),
                    CraneSums::sling),
            new Sum(
                    "crane_balance",
                    "Which end goes down",
                    List.of(
                            Field.need("mass_kg", "kg", 0.1, 1e6),
                            Field.need("length_m", "m", 0.2, 60),
                            Field.need("com_from_butt_m", "m", 0, 60),
                            Field.need("sling1_from_butt_m", "m", 0, 60),
                            Field.maybe("sling2_from_butt_m", "m", 0, 60),
                            Field.maybe("leg1_m", "m", 0.2, 60),
                            Field.maybe("leg2_m", "m", 0.2, 60),
                            Field.with("com_below_m", "m", 0, 5, 0),
                            Field.with("hook_offset_m", "m", 0, 20, 0),
                            Field.maybe("hook_line_m", "m", 0.5, 100)),
                    CraneSums::balance),
            new Sum(
                    "crane_wind",
                    "Wind on the load",
                    join(
                            WIND,
                            List.of(
                                    Field.need("wind_limit_ms", "m/s", 1, 30),
                                    Field.need("hook_line_m", "m", 0.5, 100))),
                    CraneSums::wind),
            new Sum(
                    "crane_tagline",
                    "A hand on the tag line",
                    join(
                            WIND,
                            List.of(
                                    Field.need("offset_m", "m", 0, 30),
                                    Field.need("arm_m", "m", 0.2, 40),
                                    Field.need("line_m", "m", 1, 100),
                                    Field.need("tie_height_m", "m", 0, 80),
                                    Field.need("reach_m", "m", 0, 40),
                                    Field.with("hand_n", "N", 20, 400, 150),
                                    Field.with("stand_m", "m", 0, 20, 3))),
                    CraneSums::tagLine));

    private CraneSums() {}

    private static LoadChart rows(Input in) {
        return new LoadChart(in.entries("chart").stream()
                .map(r -> new LoadChart.Row(r.num("radius_m"), r.num("capacity_kg")))
                .toList());
    }

    private static Answer chart(Input in) {
        LoadChart.Capacity c = rows(in).at(
                        in.num("radius_m"), in.num("margin_m"), in.choice(LoadChart.Mode.class, "mode"), "radius_m");
        return new Answer()
                .put("radius_used_m", c.radiusUsedM())
                .put("row_radius_m", c.rowRadiusM())
                .put("capacity_kg", c.capacityKg())
                .put("between_kg", c.betweenKg())
                .told(c.remarks());
    }

    private static Answer pick(Input in) {
        Pick p = Pick.of(
                rows(in),
                in.numbers("radii_m"),
                in.num("margin_m"),
                new Pick.Piece(in.num("mass_kg"), in.opt("mass_high_kg")),
                new Pick.Deductions(in.num("hook_kg"), in.num("slings_kg"), in.num("attachment_kg"), in.num("rope_kg")),
                new Pick.Shares(in.num("caution_share"), in.num("stop_share")));
        return new Answer()
                .put("gross_kg", p.grossKg())
                .put("deductions_kg", p.deductionsKg())
                .put("net_kg", p.netKg())
                .put("governing_radius_m", p.governingRadiusM())
                .put("mass_design_kg", p.massDesignKg())
                .put("util", p.util())
                .put("util_gross", p.utilGross())
                .put("util_net", p.utilNet())
                .put("overrun", p.overrun())
                .put("mass_go_kg", p.massGoKg())
                .put("mass_limit_kg", p.massLimitKg())
                .told(p.remarks());
    }

    private static Answer weighed(Input in) {
        WeighedPicks w = WeighedPicks.of(
                in.entries("picks").stream()
                        .map(p -> new WeighedPicks.Reading(
                                p.num("est_kg"), p.num("read_kg"), p.num("rig_kg"), p.flag("valid")))
                        .toList(),
                new WeighedPicks.Prior(
                        in.num("prior_factor"),
                        in.num("prior_sd"),
                        in.num("scatter_sd"),
                        in.num("prior_n"),
                        in.num("cell_accuracy")));
        Optional<Double> next = in.opt("next_est_kg");
        return new Answer()
                .put("n", w.n())
                .put("factor", w.factor())
                .put("factor_plan", w.factorPlan())
                .put("sd_log", w.sdLog())
                .put("low", w.low())
                .put("high", w.high())
                .put("last_z", w.lastZ())
                .put("next_low_kg", next.map(kg -> kg * w.low()))
                .put("next_best_kg", next.map(kg -> kg * w.factor()))
                .put("next_high_kg", next.map(kg -> kg * w.high()))
                .told(w.remarks());
    }

    private static Answer pretension(Input in) {
        PretensionWindow w = PretensionWindow.of(
                new PretensionWindow.Mass(in.num("mass_low_kg"), in.num("mass_kg"), in.num("mass_high_kg")),
                new PretensionWindow.Chart(in.num("gross_kg"), in.num("deductions_kg"), in.num("stop_share")),
                in.num("target"),
                in.opt("reading_kg"));
        return new Answer()
                .put("pretension_kg", w.pretensionKg())
                .put("min_kg", w.minKg())
                .put("max_kg", w.maxKg())
                .put("show_kg", w.showKg())
                .put("peak_kg", w.peakKg())
                .put("residual_drop_kg", w.residualDropKg())
                .put("residual_jump_kg", w.residualJumpKg())
                .put("peak_at_reading_kg", w.peakAtReadingKg())
                .told(w.remarks());
    }

    private static Answer sling(Input in) {
        SlingLegs s = SlingLegs.of(
                in.num("mass_kg"),
                new SlingLegs.Slings(
                        in.whole("legs"),
                        in.num("angle_deg"),
                        in.choice(SlingLegs.Hitch.class, "hitch"),
                        in.num("choke_deg"),
                        in.opt("leg_wll_n"),
                        in.num("offset_m"),
                        in.opt("spread_m")));
        return new Answer()
                .put("multiplier", s.multiplier())
                .put("share", s.share())
                .put("leg_n", s.legN())
                .put("hitch_factor", s.hitchFactor())
                .put("util", s.util())
                .told(s.remarks());
    }

    private static Answer balance(Input in) {
        Balance b = Balance.of(
                new Balance.Piece(
                        in.num("mass_kg"), in.num("length_m"), in.num("com_from_butt_m"), in.num("com_below_m")),
                new Balance.Slings(
                        in.num("sling1_from_butt_m"), in.opt("sling2_from_butt_m"), in.opt("leg1_m"), in.opt("leg2_m")),
                new Balance.Hook(in.num("hook_offset_m"), in.opt("hook_line_m")));
        return new Answer()
                .put("tilt_deg", b.tiltDeg())
                .put("low_end", b.lowEnd().key())
                .put("leg1_n", b.leg1N())
                .put("leg2_n", b.leg2N())
                .put("leg1_deg", b.leg1Deg())
                .put("leg2_deg", b.leg2Deg())
                .put("side_deg", b.sideDeg())
                .put("side_pull_n", b.sidePullN())
                .put("swing_m", b.swingM())
                .told(b.remarks());
    }

    private static WindOnLoad.Load blown(Input in) {
        return new WindOnLoad.Load(in.num("mass_low_kg"), in.num("area_m2"), in.num("drag"));
    }

    private static Answer wind(Input in) {
        WindOnLoad w = WindOnLoad.of(blown(in), in.num("gust_ms"), in.num("wind_limit_ms"), in.num("hook_line_m"));
        return new Answer()
                .put("wind_force_n", w.windForceN())
                .put("side_deg", w.sideDeg())
                .put("side_m", w.sideM())
                .put("wind_allowed_ms", w.windAllowedMs())
                .told(w.remarks());
    }

    private static Answer tagLine(Input in) {
        TagLine t = TagLine.of(
                blown(in),
                in.num("gust_ms"),
                new TagLine.Tied(
                        in.num("offset_m"),
                        in.num("arm_m"),
                        in.num("line_m"),
                        in.num("tie_height_m"),
                        in.num("reach_m"),
                        in.num("hand_n"),
                        in.num("stand_m")));
        return new Answer()
                .put("torque_nm", t.torqueNm())
                .put("hold_n", t.holdN())
                .put("angle_deg", t.angleDeg())
                .put("stand_from_hook_m", t.standFromHookM())
                .put("line_needed_m", t.lineNeededM())
                .put("side_deg", t.sideDeg())
                .told(t.remarks());
    }
}
