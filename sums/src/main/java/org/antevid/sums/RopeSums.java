package org.antevid.sums;

import static org.antevid.sums.RopeFields.join;
import static org.antevid.sums.RopeFields.keys;

import java.util.List;
import java.util.Map;
import org.antevid.core.takedown.rope.BlockForce;
import org.antevid.core.takedown.rope.CatchPeak;
import org.antevid.core.takedown.rope.LargestPiece;
import org.antevid.core.takedown.rope.LetRun;
import org.antevid.core.takedown.rope.Line;
import org.antevid.core.takedown.rope.LongestLog;
import org.antevid.core.takedown.rope.SwingRoom;
import org.antevid.core.takedown.rope.TwoLines;
import org.antevid.core.takedown.rope.WeakestLink;
import org.antevid.core.takedown.rope.Wraps;

/** Sums of lines, blocks, brakes and links. */
final class RopeSums {
    private static final List<Field> PART = List.of(
            Field.label("name"),
            Field.needChoice("kind", keys(WeakestLink.Kind.values())),
            Field.needChoice("load", keys(WeakestLink.Carries.values())),
            Field.maybe("mbs_n", "N", 10, 1e7),
            Field.maybe("wll_n", "N", 1, 1e7),
            Field.choice("termination", "unknown_knot", keys(WeakestLink.Termination.values())),
            Field.choice("hitch", "straight", keys(WeakestLink.Hitch.values())),
            Field.with("leg_angle_deg", "deg", 0, 60, 0),
            Field.with("wear", "", 0.1, 1, 1),
            Field.with("share", "", 0.1, 1, 1),
            Field.maybe("design_factor", "", 1, 20));

    private static final List<Field> TARGET = List.of(
            Field.label("name"),
            Field.need("x_m", "m", -200, 200),
            Field.need("z_m", "m", -50, 120),
            Field.with("off_plane_m", "m", 0, 50, 0),
            Field.with("radius_m", "m", 0, 30, 0),
            Field.flag("person"));

    static final List<Sum> ALL = List.of(
            new Sum(
                    "rig_peak",
                    "Peak when a piece falls into the line",
                    join(
                            RopeFields.LOAD,
                            RopeFields.FALL,
                            List.of(
                                    Field.with("swing_deg", "deg", 0, 90, 0),
                                    Field.maybe("swing_radius_m", "m", 0.1, 60)),
                            RopeFields.ROPE),
                    RopeSums::peak),
            new Sum(
                    "rig_maxmass",
                    "Largest piece for a given fall",
                    join(
                            RopeFields.ALLOWED,
                            RopeFields.FALL,
                            List.of(Field.with("mass_factor", "", 1, 3, 1.2)),
                            RopeFields.ROPE),
                    RopeSums::largest),
            new Sum(
                    "rig_maxlog",
                    "Longest log the weakest link bears",
                    join(
                            List.of(
                                    Field.need("diameter_m", "m", 0.03, 3).usual(0.08, 1.5),
                                    Field.with("taper_m_per_m", "", 0, 0.2, 0),
                                    Field.with("density_kgm3", "kg/m3", 300, 1400, 1200)
                                            .usual(500, 1250),
                                    Field.with("block_below_cut_m", "m", 0.05, 5, 0.3),
                                    Field.with("knot_above_cut_m", "m", 0, 3, 0.3),
                                    Field.with("slack_m", "m", 0, 5, 0.3)),
                            RopeFields.ALLOWED,
                            List.of(Field.with("mass_factor", "", 1, 3, 1.2), Field.with("max_log_m", "m", 0.3, 20, 6)),
                            RopeFields.LINE),
                    RopeSums::longest),
            new Sum(
                    "rig_letrun",
                    "A piece that is let run",
                    join(
                            RopeFields.LOAD,
                            RopeFields.FALL,
                            List.of(
                                    Field.maybe("slip_low_n", "N", 0, 1e7),
                                    Field.maybe("slip_high_n", "N", 0, 1e7),
                                    Field.maybe("brake_m", "m", 0, 50),
                                    Field.maybe("clearance_m", "m", 0, 200)),
                            RopeFields.ROPE),
                    RopeSums::letRun),
            new Sum(
                    "rig_block",
                    "Force on a block",
                    join(
                            List.of(
                                    Field.need("line_n", "N", 0, 1e7),
                                    Field.need("leg_load_deg", "deg", -180, 180),
                                    Field.need("leg_brake_deg", "deg", -180, 180)),
                            RopeFields.EFFICIENCY),
                    RopeSums::block),
            new Sum(
                    "rig_capstan",
                    "Wraps, bark and the hand",
                    List.of(
                            Field.need("line_n", "N", 1, 1e7),
                            Field.with("hand_n", "N", 1, 1000, 200).usual(50, 300),
                            Field.maybe("wraps", "", 0, 12),
                            Field.with("mu_low", "", 0.01, 1, 0.1),
                            Field.with("mu_high", "", 0.01, 1, 0.25),
                            Field.with("crotch_deg", "deg", 0, 720, 0),
                            Field.with("crotch_mu_low", "", 0, 1.5, 0.15),
                            Field.with("crotch_mu_high", "", 0, 1.5, 0.5)),
                    RopeSums::capstan),
            new Sum(
                    "rig_links",
                    "The weakest link",
                    List.of(
                            Field.need("line_n", "N", 0, 1e7),
                            Field.maybe("brake_n", "N", 0, 1e7),
                            Field.maybe("anchor_n", "N", 0, 1e7),
                            Field.choice("basis", "static", keys(WeakestLink.Basis.values())),
                            Field.rows("parts", 1, 40, PART)),
                    RopeSums::links),
            new Sum(
                    "rig_drift",
                    "Two lines hold a piece",
                    List.of(
                            Field.need("mass_kg", "kg", 0.1, 40_000),
                            Field.need("a_x_m", "m", -200, 200),
                            Field.need("a_z_m", "m", -50, 120),
                            Field.need("b_x_m", "m", -200, 200),
                            Field.need("b_z_m", "m", -50, 120),
                            Field.need("piece_x_m", "m", -200, 200),
                            Field.need("piece_z_m", "m", -50, 120),
                            Field.with("dynamic_factor", "", 1, 8, 1.3),
                            Field.maybe("limit_n", "N", 1, 1e7)),
                    RopeSums::drift),
            new Sum(
                    "rig_swing",
                    "Where a lowered limb may reach",
                    List.of(
                            Field.need("anchor_x_m", "m", -200, 200),
                            Field.need("anchor_z_m", "m", -50, 120),
                            Field.need("tie_x_m", "m", -200, 200),
                            Field.need("tie_z_m", "m", -50, 120),
                            Field.need("reach_m", "m", 0, 40),
                            Field.with("run_m", "m", 0, 60, 0),
                            Field.maybe("hold_deg", "deg", 0, 90),
                            Field.with("ground_z_m", "m", -50, 50, 0),
                            Field.with("margin_m", "m", 0, 10, 1),
                            Field.rows("targets", 0, 40, TARGET)),
                    RopeSums::swing));

    private RopeSums() {}

    private static Answer peak(Input in) {
        Line line = RopeFields.line(in);
        CatchPeak p = CatchPeak.of(
                RopeFields.load(in),
                RopeFields.fall(in),
                new CatchPeak.Swing(in.num("swing_deg"), in.opt("swing_radius_m")),
                line,
                in.num("leg_load_m"));
        return new Answer()
                .put("weight_n", p.weightN())
                .put("drop_m", p.dropM())
                .put("line_eff_m", p.lineEffM())
                .put("stiffness_n_m", p.stiffnessNm())
                .put("peak_best_n", p.peakBestN())
                .put("peak_n", p.peakN())
                .put("factor", p.factor())
                .put("brake_n", p.brakeN())
                .put("anchor_n", p.anchorN())
                .put("anchor_lower_n", p.anchorLowerN())
                .put("stretch_max_m", p.stretchMaxM())
                .put("fall_total_m", p.fallTotalM())
                .told(p.remarks());
    }

    private static Answer largest(Input in) {
        Line line = RopeFields.line(in);
        LargestPiece p = LargestPiece.of(
                RopeFields.allowed(in), RopeFields.fall(in), in.num("mass_factor"), line, in.num("leg_load_m"));
        return new Answer()
                .put("mass_true_max_kg", p.massTrueMaxKg())
                .put("mass_plan_max_kg", p.massPlanMaxKg())
                .put("governs", p.governs().key())
                .put("drop_m", p.dropM())
                .told(p.remarks());
    }

    private static Answer longest(Input in) {
        LongestLog l = LongestLog.of(
                new LongestLog.Log(
                        in.num("diameter_m"),
                        in.num("taper_m_per_m"),
                        in.num("density_kgm3"),
                        in.num("block_below_cut_m"),
                        in.num("knot_above_cut_m"),
                        in.num("slack_m"),
                        in.num("mass_factor"),
                        in.num("max_log_m"),
                        in.assumed("density_kgm3")),
                RopeFields.allowed(in),
                RopeFields.line(in));
        return new Answer()
                .put("length_max_m", l.lengthMaxM())
                .put("mass_kg", l.massKg())
                .put("mass_design_kg", l.massDesignKg())
                .put("drop_m", l.dropM())
                .put("peak_n", l.peakN())
                .put("anchor_n", l.anchorN())
                .put("governs", l.governs().key())
                .put("leg_load_m", l.legLoadM())
                .told(l.remarks());
    }

    private static Answer letRun(Input in) {
        Line line = RopeFields.line(in);
        LetRun r = LetRun.of(
                RopeFields.load(in),
                RopeFields.fall(in),
                new LetRun.Brake(in.opt("slip_low_n"), in.opt("slip_high_n"), in.opt("brake_m")),
                in.opt("clearance_m"),
                line,
                in.num("leg_load_m"));
        return new Answer()
                .put("weight_n", r.weightN())
                .put("drop_m", r.dropM())
                .put("snub_n", r.snubN())
                .put("peak_n", r.peakN())
                .put("factor", r.factor())
                .put("run_m", r.runM())
                .put("fall_total_m", r.fallTotalM())
                .put("holds", r.holds())
                .put("saved_rel", r.savedRel())
                .told(r.remarks());
    }

    private static Answer block(Input in) {
        BlockForce b = BlockForce.of(
                in.num("line_n"), in.num("leg_load_deg"), in.num("leg_brake_deg"), RopeFields.efficiency(in));
        return new Answer()
                .put("anchor_n", b.anchorN())
                .put("side_n", b.sideN())
                .put("down_n", b.downN())
                .put("between_deg", b.betweenDeg())
                .put("wrap_deg", b.wrapDeg())
                .put("multiplier", b.multiplier())
                .put("brake_n", b.brakeN())
                .told(List.of());
    }

    private static Answer capstan(Input in) {
        Wraps w = Wraps.of(
                in.num("line_n"),
                in.num("hand_n"),
                in.opt("wraps"),
                new Wraps.Friction(in.num("mu_low"), in.num("mu_high")),
                new Wraps.Friction(in.num("crotch_mu_low"), in.num("crotch_mu_high")),
                in.num("crotch_deg"));
        return new Answer()
                .put("brake_n", w.brakeN())
                .put("wraps_min", w.wrapsMin())
                .put("wraps_use", w.wrapsUse())
                .put("wraps", w.wraps())
                .put("hand_needed_n", w.handNeededN())
                .put("slip_low_n", w.slipLowN())
                .put("slip_high_n", w.slipHighN())
                .told(w.remarks());
    }

    private static Answer links(Input in) {
        WeakestLink l = WeakestLink.of(
                new WeakestLink.Forces(in.num("line_n"), in.opt("brake_n"), in.opt("anchor_n")),
                in.choice(WeakestLink.Basis.class, "basis"),
                in.entries("parts").stream().map(RopeSums::part).toList());
        return new Answer()
                .put(
                        "rows",
                        l.rows().stream()
                                .map(r -> Map.of(
                                        "name", r.name(), "limit_n", r.limitN(), "load_n", r.loadN(), "util", r.util()))
                                .toList())
                .put("weakest", l.weakest().name())
                .put("util", l.weakest().util())
                .put("scale", l.scale())
                .told(l.remarks());
    }

    private static WeakestLink.Part part(Input p) {
        return new WeakestLink.Part(
                p.text("name"),
                p.choice(WeakestLink.Kind.class, "kind"),
                p.choice(WeakestLink.Carries.class, "load"),
                p.opt("mbs_n"),
                p.opt("wll_n"),
                p.choice(WeakestLink.Termination.class, "termination"),
                p.choice(WeakestLink.Hitch.class, "hitch"),
                p.num("leg_angle_deg"),
                p.num("wear"),
                p.num("share"),
                p.opt("design_factor"));
    }

    private static Answer drift(Input in) {
        TwoLines t = TwoLines.of(
                in.num("mass_kg"),
                in.num("dynamic_factor"),
                new TwoLines.Place(in.num("a_x_m"), in.num("a_z_m")),
                new TwoLines.Place(in.num("b_x_m"), in.num("b_z_m")),
                new TwoLines.Place(in.num("piece_x_m"), in.num("piece_z_m")),
                in.opt("limit_n"));
        return new Answer()
                .put("tension_a_n", t.tensionAN())
                .put("tension_b_n", t.tensionBN())
                .put("included_deg", t.includedDeg())
                .put("multiplier", t.multiplier())
                .told(t.remarks());
    }

    private static Answer swing(Input in) {
        SwingRoom s = SwingRoom.of(
                new SwingRoom.Limb(
                        in.num("anchor_x_m"),
                        in.num("anchor_z_m"),
                        in.num("tie_x_m"),
                        in.num("tie_z_m"),
                        in.num("reach_m"),
                        in.num("run_m"),
                        in.opt("hold_deg"),
                        in.num("ground_z_m")),
                in.entries("targets").stream()
                        .map(t -> new SwingRoom.Target(
                                t.text("name"),
                                t.num("x_m"),
                                t.num("z_m"),
                                t.num("off_plane_m"),
                                t.num("radius_m"),
                                t.flag("person")))
                        .toList(),
                in.num("margin_m"));
        return new Answer()
                .put("line_m", s.lineM())
                .put("start_deg", s.startDeg())
                .put("speed_ms", s.speedMs())
                .put("lowest_m", s.lowestM())
                .put("far_side_x_m", s.farSideXM())
                .put(
                        "rows",
                        s.rows().stream()
                                .map(r -> Map.of(
                                        "name",
                                        r.name(),
                                        "clearance_swing_m",
                                        r.clearanceSwingM(),
                                        "clearance_lower_m",
                                        r.clearanceLowerM(),
                                        "clearance_m",
                                        r.clearanceM()))
                                .toList())
                .told(s.remarks());
    }
}
