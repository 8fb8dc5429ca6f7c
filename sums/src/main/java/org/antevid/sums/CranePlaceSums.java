package org.antevid.sums;

import static org.antevid.sums.RopeFields.keys;

import java.util.List;
import java.util.Optional;
import org.antevid.core.takedown.crane.LandingFit;
import org.antevid.core.takedown.crane.LineDistance;
import org.antevid.core.takedown.crane.PadPressure;
import org.antevid.core.takedown.crane.SlewWay;

/** Sums of where a crane stands, swings and lays down: ground, way, landing, live lines. */
final class CranePlaceSums {
    private static final List<Field> SECTOR = List.of(
            Field.label("name"), Field.need("from_deg", "deg", -360, 720), Field.need("to_deg", "deg", -360, 720));

    private static final List<Field> CORNER =
            List.of(Field.need("x_m", "m", -500, 500), Field.need("y_m", "m", -500, 500));

    private static final List<Field> SEGMENT = List.of(
            Field.label("name"),
            Field.need("ax_m", "m", -1000, 1000),
            Field.need("ay_m", "m", -1000, 1000),
            Field.need("az_m", "m", -100, 300),
            Field.need("bx_m", "m", -1000, 1000),
            Field.need("by_m", "m", -1000, 1000),
            Field.need("bz_m", "m", -100, 300));

    static final List<Sum> ALL = List.of(
            new Sum(
                    "crane_radius",
                    "The way to the landing zone",
                    List.of(
                            Field.with("crane_x_m", "m", -500, 500, 0),
                            Field.with("crane_y_m", "m", -500, 500, 0),
                            Field.need("pick_x_m", "m", -500, 500),
                            Field.need("pick_y_m", "m", -500, 500),
                            Field.need("land_x_m", "m", -500, 500),
                            Field.need("land_y_m", "m", -500, 500),
                            Field.with("slew_rpm", "1/min", 0, 3, 0.5),
                            Field.with("hook_line_m", "m", 0, 100, 20),
                            Field.rows("blocked", 0, 20, SECTOR)),
                    CranePlaceSums::way),
            new Sum(
                    "crane_landing",
                    "Whether it fits where it is laid down",
                    List.of(
                            Field.need("zone_length_m", "m", 0.2, 500),
                            Field.need("zone_width_m", "m", 0.2, 500),
                            Field.need("piece_length_m", "m", 0.1, 60),
                            Field.need("piece_width_m", "m", 0.05, 60),
                            Field.with("margin_m", "m", 0, 20, 1),
                            Field.maybe("hang_m", "m", 0, 100),
                            Field.maybe("clear_height_m", "m", 0, 200),
                            Field.flag("free_spin")),
                    CranePlaceSums::landing),
            new Sum(
                    "crane_outrigger",
                    "What a leg presses on the ground",
                    List.of(
                            Field.maybe("reaction_n", "N", 1, 1e7),
                            Field.maybe("crane_mass_kg", "kg", 100, 2e6),
                            Field.with("cg_x_m", "m", -20, 20, 0),
                            Field.with("cg_y_m", "m", -20, 20, 0),
                            Field.maybe("load_kg", "kg", 0, 1e6),
                            Field.maybe("hook_x_m", "m", -200, 200),
                            Field.maybe("hook_y_m", "m", -200, 200),
                            Field.maybeRows("corners", 3, 6, CORNER),
                            Field.maybe("dynamic_factor", "", 1, 2),
                            Field.need("pad_side_m", "m", 0.05, 5),
                            Field.need("foot_side_m", "m", 0.05, 3),
                            Field.maybe("pad_thick_m", "m", 0.005, 1),
                            Field.with("pad_mpa", "MPa", 0.1, 500, 10),
                            Field.with("pad_mass_kg", "kg", 0, 2000, 0),
                            Field.maybeChoice("soil", keys(PadPressure.Soil.values())),
                            Field.maybe("soil_kpa", "kPa", 0, 5000),
                            Field.maybe("excavation_m", "m", 0, 100),
                            Field.maybe("excavation_depth_m", "m", 0, 20),
                            Field.maybeFlag("void_near")),
                    CranePlaceSums::outrigger),
            new Sum(
                    "crane_power",
                    "Distance to a live line",
                    List.of(
                            Field.rows("segments", 1, 60, SEGMENT),
                            Field.rows("conductors", 1, 40, SEGMENT),
                            Field.maybe("voltage_v", "V", 0, 2e6),
                            Field.need("reach_m", "m", 0, 30),
                            Field.maybe("sway_m", "m", 0, 15),
                            Field.maybeRows(
                                    "table",
                                    1,
                                    20,
                                    List.of(
                                            Field.need("up_to_v", "V", 1, 2e6),
                                            Field.need("clearance_m", "m", 0.1, 60))),
                            Field.flag("isolated")),
                    CranePlaceSums::power));

    private CranePlaceSums() {}

    private static Answer way(Input in) {
        SlewWay w = SlewWay.of(
                new SlewWay.Place(in.num("crane_x_m"), in.num("crane_y_m")),
                new SlewWay.Place(in.num("pick_x_m"), in.num("pick_y_m")),
                new SlewWay.Place(in.num("land_x_m"), in.num("land_y_m")),
                in.num("slew_rpm"),
                in.num("hook_line_m"),
                in.assumed("hook_line_m"),
                in.entries("blocked").stream()
                        .map(s -> new SlewWay.Sector(s.text("name"), s.num("from_deg"), s.num("to_deg")))
                        .toList());
        return new Answer()
                .put("radius_pick_m", w.radiusPickM())
                .put("radius_land_m", w.radiusLandM())
                .put("radius_max_m", w.radiusMaxM())
                .put("outswing_m", w.outswingM())
                .put("radius_used_m", w.radiusUsedM())
                .put("stop_swing_m", w.stopSwingM())
                .put("pick_deg", w.pickDeg())
                .put("land_deg", w.landDeg())
                .put("slew_cw_deg", w.slewCwDeg())
                .put("slew_ccw_deg", w.slewCcwDeg())
                .put("cw_blocked", w.cwBlocked())
                .put("ccw_blocked", w.ccwBlocked())
                .put("way", w.way().map(SlewWay.Turn::key))
                .told(w.remarks());
    }

    private static Answer landing(Input in) {
        LandingFit f = LandingFit.of(
                new LandingFit.Sides(in.num("zone_length_m"), in.num("zone_width_m")),
                new LandingFit.Sides(in.num("piece_length_m"), in.num("piece_width_m")),
                in.num("margin_m"),
                new LandingFit.Heights(in.opt("hang_m"), in.opt("clear_height_m")),
                in.flag("free_spin"));
        return new Answer()
                .put("parallel", f.parallel())
                .put("oblique", f.oblique())
                .put("full_turn", f.fullTurn())
                .put("height_ok", f.heightOk())
                .put("full_turn_width_m", f.fullTurnWidthM())
                .told(f.remarks());
    }

    private static Answer outrigger(Input in) {
        PadPressure p = PadPressure.of(
                new PadPressure.Leg(
                        in.opt("reaction_n"),
                        new PadPressure.Own(
                                in.opt("crane_mass_kg"),
                                new PadPressure.Place(in.num("cg_x_m"), in.num("cg_y_m")),
                                in.opt("load_kg"),
                                in.opt("hook_x_m"),
                                in.opt("hook_y_m"),
                                Optional.of(in)
                                        .filter(i -> !i.assumed("corners"))
                                        .map(i -> i.entries("corners").stream()
                                                .map(c -> new PadPressure.Place(c.num("x_m"), c.num("y_m")))
                                                .toList())),
                        in.opt("dynamic_factor")),
                new PadPressure.Pad(
                        in.num("pad_side_m"),
                        in.num("foot_side_m"),
                        in.opt("pad_thick_m"),
                        in.num("pad_mpa"),
                        in.num("pad_mass_kg")),
                new PadPressure.Ground(
                        in.maybeChoice(PadPressure.Soil.class, "soil"),
                        in.opt("soil_kpa"),
                        in.opt("excavation_m"),
                        in.opt("excavation_depth_m"),
                        in.maybeFlag("void_near")));
        return new Answer()
                .put("reaction_n", p.reactionN())
                .put("reactions_n", p.reactionsN())
                .put("side_effective_m", p.sideEffectiveM())
                .put("pressure_kpa", p.pressureKpa())
                .put("util", p.util())
                .put("side_needed_m", p.sideNeededM())
                .told(p.remarks());
    }

    private static List<LineDistance.Segment> segments(Input in, String name) {
        return in.entries(name).stream()
                .map(s -> new LineDistance.Segment(
                        s.text("name"),
                        s.num("ax_m"),
                        s.num("ay_m"),
                        s.num("az_m"),
                        s.num("bx_m"),
                        s.num("by_m"),
                        s.num("bz_m")))
                .toList();
    }

    private static Answer power(Input in) {
        LineDistance d = LineDistance.of(
                segments(in, "segments"),
                new LineDistance.Line(
                        segments(in, "conductors"),
                        in.opt("voltage_v"),
                        in.entries("table").stream()
                                .map(r -> new LineDistance.Clearance(r.num("up_to_v"), r.num("clearance_m")))
                                .toList(),
                        in.flag("isolated")),
                in.num("reach_m"),
                in.opt("sway_m"));
        return new Answer()
                .put("distance_m", d.distanceM())
                .put("required_m", d.requiredM())
                .put("margin_m", d.marginM())
                .put("nearest", d.nearest())
                .put("sway_m", d.swayM())
                .told(d.remarks());
    }
}
