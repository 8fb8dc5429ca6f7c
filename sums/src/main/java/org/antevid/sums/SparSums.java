package org.antevid.sums;

import static org.antevid.sums.RopeFields.join;
import static org.antevid.sums.RopeFields.keys;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;
import org.antevid.core.takedown.spar.AloftGate;
import org.antevid.core.takedown.spar.BackGuy;
import org.antevid.core.takedown.spar.LineDownTrunk;
import org.antevid.core.takedown.spar.LinePath;
import org.antevid.core.takedown.spar.Point;
import org.antevid.core.takedown.spar.SparLoad;
import org.antevid.core.takedown.spar.SparSection;
import org.antevid.core.takedown.spar.TieIn;
import org.jspecify.annotations.Nullable;

/** Sums of the stem that is rigged on, what holds it and its climber. */
final class SparSums {
    private static final List<Field> WOOD = List.of(
            Field.need("diameter_m", "m", 0.03, 4).usual(0.08, 2),
            Field.maybe("wall_m", "m", 0.001, 2),
            Field.flag("solid"),
            Field.flag("split"),
            Field.with("opening_deg", "deg", 0, 300, 0),
            Field.with("condition", "", 0, 1, 0.7));

    private static final Field STRENGTH = Field.choice("strength", "weak", keys(SparSection.Strength.values()));
    private static final Field SWAY = Field.with("sway_factor", "", 1, 3, 1.5);
    private static final Field LINE = Field.need("line_n", "N", 0, 1e7);

    private static final List<Field> PLACE = List.of(
            Field.need("x_m", "m", -200, 200), Field.need("y_m", "m", -200, 200), Field.need("z_m", "m", -50, 120));

    private static final List<Field> NODE =
            join(PLACE, List.of(Field.flag("on_stem"), Field.with("efficiency", "", 0.05, 1, 1)));

    private static final List<Field> MASS =
            join(PLACE, List.of(Field.need("mass_kg", "kg", 0, 50_000), Field.flag("person")));

    private static final List<Field> FORCE = join(
            PLACE,
            List.of(
                    Field.need("fx_n", "N", -1e6, 1e6),
                    Field.need("fy_n", "N", -1e6, 1e6),
                    Field.need("fz_n", "N", -1e6, 1e6)));

    static final List<Sum> ALL = List.of(
            new Sum(
                    "rig_section",
                    "What a section of the stem bears",
                    join(WOOD, List.of(STRENGTH, Field.with("safety_factor", "", 1, 20, 3))),
                    SparSums::section),
            new Sum(
                    "rig_stem",
                    "Bending of the stem that is rigged on",
                    List.of(
                            LINE,
                            SWAY,
                            Field.rows("path", 2, 12, NODE),
                            Field.rows("masses", 0, 20, MASS),
                            Field.rows("forces", 0, 10, FORCE),
                            Field.with("lean_deg", "deg", 0, 60, 0),
                            Field.with("lean_to_deg", "deg", -360, 720, 0),
                            Field.rows("sections", 1, 20, join(List.of(Field.need("height_m", "m", 0, 100)), WOOD)),
                            STRENGTH,
                            Field.with("safety_factor", "", 1, 20, 3)),
                    SparSums::stem),
            new Sum(
                    "rig_redirect",
                    "Leading the line down the trunk",
                    List.of(
                            LINE,
                            SWAY,
                            Field.with("efficiency", "", 0.05, 1, 1),
                            Field.need("block_height_m", "m", 0.5, 60),
                            Field.with("block_offset_m", "m", 0, 5, 0.3),
                            Field.need("section_height_m", "m", 0, 60),
                            Field.with("lead_deg", "deg", 0, 89, 45),
                            Field.choice("lead_side", "load", keys(LineDownTrunk.Side.values())),
                            Field.with("redirect_height_m", "m", 0, 60, 1),
                            Field.with("trunk_offset_m", "m", 0, 3, 0.25)),
                    SparSums::redirect),
            new Sum(
                    "rig_guy",
                    "A back guy on a turned plate",
                    List.of(
                            LINE,
                            SWAY,
                            Field.with("efficiency_high", "", 0.05, 1, 1),
                            Field.need("block_height_m", "m", 0.5, 60),
                            Field.with("block_offset_m", "m", -5, 15, 0.3),
                            Field.with("leg_load_deg", "deg", -90, 90, 0),
                            Field.with("leg_brake_deg", "deg", -90, 90, 0),
                            Field.need("tree_mass_kg", "kg", 1, 200_000),
                            Field.need("cg_height_m", "m", 0.2, 60),
                            Field.need("tilt_deg", "deg", 0, 40),
                            Field.with("lean_before_deg", "deg", 0, 30, 0),
                            Field.choice("carry", "full", keys(BackGuy.Carries.values())),
                            Field.with("wind_moment_nm", "N m", 0, 5e6, 0),
                            Field.need("guy_height_m", "m", 0.5, 60),
                            Field.need("anchor_distance_m", "m", 1, 200),
                            Field.with("anchor_height_m", "m", -20, 40, 0.3),
                            Field.with("off_plane_deg", "deg", 0, 90, 0),
                            Field.with("gamma", "", 1, 5, 1.5),
                            Field.with("pretension_n", "N", 0, 1e6, 0),
                            Field.maybe("guy_ea_n", "N", 1000, 1e9),
                            Field.maybe("guy_allow_n", "N", 1, 1e7),
                            Field.with("plate_rise_m", "m", 0, 5, 0),
                            Field.flag("people_on_tree"),
                            Field.flag("machine_holds"),
                            Field.flag("guy_proven")),
                    SparSums::guy),
            new Sum(
                    "rig_climber",
                    "A climber's tie-in and place",
                    join(
                            List.of(
                                    Field.with("climber_kg", "kg", 40, 200, 120).usual(60, 150),
                                    Field.needChoice("tie", keys(TieIn.Tie.values())),
                                    Field.need("line_m", "m", 0.3, 120),
                                    Field.with("slack_m", "m", 0, 3, 0.5),
                                    Field.with("ea_n", "N", 10_000, 1e7, 100_000),
                                    Field.with("pull_deg", "deg", 0, 80, 0),
                                    Field.need("anchor_height_m", "m", 0.2, 100),
                                    Field.with("anchor_offset_m", "m", 0, 10, 0.2),
                                    Field.need("anchor_diameter_m", "m", 0.02, 3),
                                    Field.maybe("feet_height_m", "m", 0, 100),
                                    Field.with("neck_above_feet_m", "m", 0.8, 2, 1.45),
                                    Field.maybe("cut_height_m", "m", 0, 100),
                                    Field.flag("cutting"),
                                    Field.number("attachments", 0, 5),
                                    Field.needFlag("way_down"),
                                    Field.maybe("rigging_height_m", "m", 0, 100),
                                    Field.numberRows("defect_heights_m", "m", 0, 20, 0, 100),
                                    Field.with("section_height_m", "m", 0, 100, 0)),
                            WOOD,
                            List.of(STRENGTH, Field.with("safety_factor", "", 1, 20, 5))),
                    SparSums::climber),
            new Sum(
                    "dismantle_gate",
                    "The questions before a cut aloft",
                    join(
                            List.of(Field.needChoice("work", keys(AloftGate.Work.values()))),
                            Stream.of(AloftGate.Asked.values())
                                    .map(q -> Field.maybeFlag(key(q)))
                                    .toList()),
                    SparSums::gate));

    private SparSums() {}

    private static String key(Enum<?> e) {
        return e.name().toLowerCase(Locale.ROOT);
    }

    private static SparSection.Wood wood(Input in) {
        return new SparSection.Wood(
                in.num("diameter_m"),
                in.opt("wall_m"),
                in.flag("solid"),
                in.flag("split"),
                in.num("opening_deg"),
                in.num("condition"));
    }

    private static SparSection.Strength strength(Input in) {
        return in.choice(SparSection.Strength.class, "strength");
    }

    private static Answer section(Input in) {
        Remarks remarks = new Remarks().when(in.assumed("condition"), Remark.ASSUMED, "condition");
        SparSection s = SparSection.of(wood(in), strength(in), in.num("safety_factor"), remarks, "");
        return new Answer()
                .put("section_modulus_m3", s.shape().map(SparSection.Shape::sectionModulusM3))
                .put("area_m2", s.shape().map(SparSection.Shape::areaM2))
                .put("ratio", s.shape().map(SparSection.Shape::ratio))
                .put("stress_allow_mpa", s.stressAllowMpa())
                .put("moment_allow_nm", s.momentAllowNm())
                .told(remarks.told());
    }

    private static Point place(Input in) {
        return new Point(in.num("x_m"), in.num("y_m"), in.num("z_m"));
    }

    private static Answer stem(Input in) {
        SparLoad l = SparLoad.of(
                new LinePath(
                        in.num("line_n"),
                        in.entries("path").stream()
                                .map(n -> new LinePath.Node(place(n), n.flag("on_stem"), n.num("efficiency")))
                                .toList(),
                        in.num("sway_factor")),
                in.entries("masses").stream()
                        .map(m -> new SparLoad.Mass(place(m), m.num("mass_kg"), m.flag("person")))
                        .toList(),
                in.entries("forces").stream()
                        .map(f -> new SparLoad.Force(place(f), new Point(f.num("fx_n"), f.num("fy_n"), f.num("fz_n"))))
                        .toList(),
                new SparLoad.Spar(in.num("lean_deg"), in.num("lean_to_deg")),
                in.entries("sections").stream()
                        .map(s -> new SparLoad.Section(s.num("height_m"), wood(s), s.assumed("condition")))
                        .toList(),
                strength(in),
                in.num("safety_factor"));
        return new Answer()
                .put("rows", l.rows().stream().map(SparSums::row).toList())
                .put("weakest", l.weakest())
                .put("util", l.util())
                .put("block_n", l.blockN())
                .put("line_end_n", l.lineEndN())
                .told(l.remarks());
    }

    private static Map<String, @Nullable Object> row(SparLoad.Row r) {
        Map<String, @Nullable Object> row = new LinkedHashMap<>();
        row.put("height_m", r.heightM());
        row.put("moment_nm", r.momentNm());
        row.put("torsion_nm", r.torsionNm());
        row.put("axial_n", r.axialN());
        row.put("stress_mpa", r.stressMpa().orElse(null));
        row.put("stress_allow_mpa", r.stressAllowMpa());
        row.put("util", r.util().orElse(null));
        return row;
    }

    private static Answer redirect(Input in) {
        LineDownTrunk l = LineDownTrunk.of(new LineDownTrunk.Rigged(
                in.num("line_n"),
                in.num("sway_factor"),
                in.num("efficiency"),
                in.num("block_height_m"),
                in.num("block_offset_m"),
                in.num("section_height_m"),
                in.num("lead_deg"),
                in.choice(LineDownTrunk.Side.class, "lead_side"),
                in.num("redirect_height_m"),
                in.num("trunk_offset_m")));
        return new Answer()
                .put("moment_away_nm", l.momentAwayNm())
                .put("moment_down_nm", l.momentDownNm())
                .put("moment_redirected_nm", l.momentRedirectedNm())
                .put("reduction_rel", l.reductionRel())
                .told(l.remarks());
    }

    private static Answer guy(Input in) {
        BackGuy g = BackGuy.of(
                new BackGuy.Rigged(
                        in.num("line_n"),
                        in.num("sway_factor"),
                        in.num("efficiency_high"),
                        in.num("block_height_m"),
                        in.num("block_offset_m"),
                        in.num("leg_load_deg"),
                        in.num("leg_brake_deg")),
                new BackGuy.Tree(
                        in.num("tree_mass_kg"),
                        in.num("cg_height_m"),
                        in.num("tilt_deg"),
                        in.num("lean_before_deg"),
                        in.choice(BackGuy.Carries.class, "carry"),
                        in.num("wind_moment_nm"),
                        in.num("plate_rise_m")),
                new BackGuy.Guy(
                        in.num("guy_height_m"),
                        in.num("anchor_distance_m"),
                        in.num("anchor_height_m"),
                        in.num("off_plane_deg"),
                        in.num("gamma"),
                        in.num("pretension_n"),
                        in.opt("guy_ea_n"),
                        in.opt("guy_allow_n")),
                new BackGuy.Held(in.flag("people_on_tree"), in.flag("machine_holds"), in.flag("guy_proven")));
        return new Answer()
                .put("rigging_moment_nm", g.riggingMomentNm())
                .put("lean_moment_nm", g.leanMomentNm())
                .put("arm_m", g.armM())
                .put("guy_angle_deg", g.guyAngleDeg())
                .put("guy_length_m", g.guyLengthM())
                .put("guy_needed_n", g.guyNeededN())
                .put("guy_n", g.guyN())
                .put("press_n", g.pressN())
                .put("unheld_side_nm", g.unheldSideNm())
                .put("plate_turn_deg", g.plateTurnDeg())
                .put("top_move_m", g.topMoveM())
                .put("anchor_moment_nm", g.anchorMomentNm())
                .told(g.remarks());
    }

    private static Answer climber(Input in) {
        TieIn t = TieIn.of(
                new TieIn.Climber(
                        in.num("climber_kg"),
                        in.assumed("climber_kg"),
                        in.num("line_m"),
                        in.num("slack_m"),
                        in.num("ea_n"),
                        in.assumed("ea_n"),
                        in.num("pull_deg")),
                new TieIn.Anchor(
                        in.choice(TieIn.Tie.class, "tie"),
                        in.num("anchor_height_m"),
                        in.num("anchor_offset_m"),
                        in.num("anchor_diameter_m")),
                new TieIn.Position(
                        in.opt("feet_height_m"),
                        in.num("neck_above_feet_m"),
                        in.opt("cut_height_m"),
                        in.flag("cutting"),
                        in.whole("attachments"),
                        in.flag("way_down"),
                        in.opt("rigging_height_m"),
                        in.numbers("defect_heights_m")),
                in.num("section_height_m"),
                wood(in),
                in.assumed("condition"),
                strength(in),
                in.num("safety_factor"));
        return new Answer()
                .put("peak_n", t.peakN())
                .put("anchor_n", t.anchorN())
                .put("moment_nm", t.momentNm())
                .put("stress_mpa", t.stressMpa())
                .put("util", t.util())
                .told(t.remarks());
    }

    private static Answer gate(Input in) {
        Map<AloftGate.Asked, Boolean> answers = new EnumMap<>(AloftGate.Asked.class);
        for (AloftGate.Asked q : AloftGate.Asked.values()) {
            in.maybeFlag(key(q)).ifPresent(yes -> answers.put(q, yes));
        }
        AloftGate g = AloftGate.of(in.choice(AloftGate.Work.class, "work"), answers);
        return new Answer()
                .put("go", g.go())
                .put("asked", g.asked().stream().map(SparSums::key).toList())
                .told(g.remarks());
    }
}
