package org.antevid.sums;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.tangle.beam.BeamWood;
import org.antevid.core.tangle.beam.Bind;
import org.antevid.core.tangle.beam.BindBest;
import org.antevid.core.tangle.beam.BindCut;
import org.antevid.core.tangle.beam.BindStep;
import org.antevid.core.tangle.beam.Clearance;
import org.antevid.core.tangle.beam.LyingStem;
import org.antevid.core.tangle.beam.Rope;
import org.antevid.core.tangle.beam.Severed;
import org.antevid.core.tangle.beam.SpringPole;
import org.antevid.core.tangle.beam.Squeeze;
import org.antevid.core.tangle.beam.Support;
import org.jspecify.annotations.Nullable;

/** Sums of a stem that lies or leans on supports, and of one bent into a bow. */
final class BeamSums {
    static final double DENSITY_KGM3 = 950;
    static final List<String> WOODS = MeasureSums.keys(BeamWood.values());
    private static final List<String> FLANKS = MeasureSums.keys(LyingStem.Flank.values());
    private static final int MOST_SUPPORTS = 10;
    private static final double CUT_END_M = 0.1;

    private static final List<Field> SUPPORT = List.of(
            Field.need("x_m", "m", 0, 60),
            Field.needChoice("kind", MeasureSums.keys(Support.Kind.values())),
            Field.choice("side", "below", MeasureSums.keys(Support.Side.values())),
            Field.with("gap_m", "m", -2, 2, 0),
            Field.maybe("k", "", Double.MIN_VALUE, 1e12),
            Field.maybe("mu", "", 0, 2),
            Field.maybeChoice("axial", MeasureSums.keys(Support.Axial.values())));

    private static final List<Field> ROPE = List.of(
            Field.need("x_m", "m", 0, 60),
            Field.need("force_N", "N", 0, 5e5),
            Field.with("dir_deg", "deg", -180, 180, 90));

    private static final List<Field> STEM = List.of(
            Field.need("length_m", "m", 0.5, 60),
            Field.need("butt_d_m", "m", 0.05, 3),
            Field.need("tip_d_m", "m", 0, 3),
            Field.with("density", "kg/m3", 300, 1400, DENSITY_KGM3),
            Field.with("allow_rel", "", 0, 1, 0),
            Field.choice("wood", "medium", WOODS),
            Field.with("angle_deg", "deg", -85, 85, 0),
            Field.entries("supports", 1, MOST_SUPPORTS, SUPPORT),
            Field.group("rope", ROPE),
            Field.pairs("clearance"),
            Field.maybe("under_clear_m", "m", 0, 10),
            Field.with("u_gap_m", "m", 0, 0.5, 0.02),
            Field.with("cross_slope_deg", "deg", 0, 60, 0),
            Field.maybeChoice("uphill", FLANKS),
            Field.maybeChoice("lateral_convex", FLANKS));

    static final List<Sum> ALL = List.of(
            new Sum(
                    "bind",
                    "Which side is squeezed, and what a cut does",
                    Stream.concat(STEM.stream(), Stream.of(Field.numbers("cuts_m")))
                            .toList(),
                    BeamSums::betweenBind,
                    BeamSums::bind),
            new Sum(
                    "bind_best",
                    "The best places to cut",
                    Stream.concat(STEM.stream(), Stream.of(Field.with("max_piece_kg", "kg", 10, 20000, 400)))
                            .toList(),
                    BeamSums::betweenStem,
                    BeamSums::best),
            new Sum(
                    "springpole",
                    "A stem bent into a bow",
                    List.of(
                            Field.need("d_m", "m", 0.02, 0.6),
                            Field.need("chord_m", "m", 0.5, 30),
                            Field.need("rise_m", "m", 0.01, 15),
                            Field.choice("wood", "medium", WOODS)),
                    BeamSums::bow));

    private BeamSums() {}

    private static List<Fault> betweenStem(Input in) {
        List<Fault> faults = new ArrayList<>();
        Optional<Double> length = in.opt("length_m");
        List<Input> supports = in.entries("supports");
        for (int i = 0; i < supports.size(); i++) {
            if (beyond(supports.get(i), length).isPresent()) {
                faults.add(new Fault(Refusal.SUPPORT_OUTSIDE_STEM, "supports[" + i + "].x_m"));
            }
        }
        in.group("rope").flatMap(r -> beyond(r, length)).ifPresent(why -> faults.add(new Fault(why, "rope.x_m")));
        if (in.opt("tip_d_m")
                .filter(t -> in.opt("butt_d_m").filter(b -> t > b).isPresent())
                .isPresent()) {
            faults.add(new Fault(Refusal.TIP_THICKER_THAN_BUTT, "tip_d_m_larger_than_butt"));
        }
        List<Double> at =
                supports.stream().flatMap(s -> s.opt("x_m").stream()).sorted().toList();
        for (int i = 1; i < at.size(); i++) {
            if (at.get(i) - at.get(i - 1) < LyingStem.NEAREST_M) {
                faults.add(new Fault(Refusal.SUPPORTS_TOO_CLOSE, "supports_closer_than_0.05"));
                break;
            }
        }
        return faults;
    }

    private static Optional<Refusal> beyond(Input place, Optional<Double> length) {
        return place.opt("x_m")
                .filter(x -> length.filter(l -> x > l).isPresent())
                .map(x -> Refusal.SUPPORT_OUTSIDE_STEM);
    }

    private static List<Fault> betweenBind(Input in) {
        List<Fault> faults = new ArrayList<>(betweenStem(in));
        Optional<Double> length = in.opt("length_m");
        if (in.numbers("cuts_m").stream()
                .anyMatch(x ->
                        x <= CUT_END_M || length.filter(l -> x >= l - CUT_END_M).isPresent())) {
            faults.add(new Fault(Refusal.CUT_AT_AN_END, "cuts_m"));
        }
        return faults;
    }

    private static LyingStem stem(Input in) {
        return new LyingStem(
                in.num("length_m"),
                in.num("butt_d_m"),
                in.num("tip_d_m"),
                in.num("density"),
                in.num("allow_rel"),
                in.choice(BeamWood.class, "wood"),
                in.num("angle_deg"),
                in.entries("supports").stream().map(BeamSums::support).toList(),
                in.group("rope").map(r -> new Rope(r.num("x_m"), r.num("force_N"), r.num("dir_deg"))),
                in.pairs("clearance").stream()
                        .map(p -> new Clearance.Point(p.get(0), p.get(1)))
                        .toList(),
                in.opt("under_clear_m"),
                in.num("u_gap_m"),
                in.num("cross_slope_deg"),
                in.maybeChoice(LyingStem.Flank.class, "uphill"),
                in.maybeChoice(LyingStem.Flank.class, "lateral_convex"));
    }

    private static Support support(Input s) {
        Support.Kind kind = s.choice(Support.Kind.class, "kind");
        return new Support(
                s.num("x_m"),
                kind,
                s.choice(Support.Side.class, "side"),
                s.num("gap_m"),
                s.opt("k").orElse(kind.stiffnessNm()),
                s.opt("mu").orElse(kind.mu()),
                s.maybeChoice(Support.Axial.class, "axial").orElse(kind.axial()));
    }

    private static Answer bind(Input in) {
        Bind b = Bind.of(stem(in), in.numbers("cuts_m"));
        return new Answer()
                .put("mass_kg", b.massKg())
                .put("reactions_N", b.reactionsN())
                .put("lifted", b.lifted())
                .put("moment_fixed_Nm", b.clampsNm())
                .put("U_J", b.bendingJ())
                .put("axial_mode", b.axialMode().key())
                .put("axial_util", b.axialUtil())
                .put("cuts", b.cuts().stream().map(BeamSums::cut).toList())
                .warn(b.warnings());
    }

    private static Map<String, @Nullable Object> cut(BindCut c) {
        Map<String, @Nullable Object> m = new LinkedHashMap<>();
        m.put("x_m", c.xM());
        m.put("height_m", c.heightM().orElse(null));
        m.put("d_m", c.section().dM());
        m.put("M_Nm", c.momentNm());
        m.put("M_range_Nm", List.of(c.lowNm(), c.highNm()));
        m.put("V_N", c.shearN());
        m.put("N_N", c.axialN());
        m.put("sigma_top", c.section().topPa());
        m.put("sigma_bottom", c.section().bottomPa());
        m.put("r", c.section().r());
        m.put("bind", c.section().squeeze().key());
        m.put("severity", c.severity().key());
        m.put("snap_left_rel", c.section().snapLeftRel());
        m.put("split_depth_rel", c.section().splitDepthRel().orElse(null));
        m.put("pinch", c.section().squeeze().pinch().key());
        m.put("closure_m", c.closureM().orElse(null));
        m.put("butt_part", part(c.buttPart()));
        m.put("tip_part", part(c.tipPart()));
        m.put("energy_elastic_J", c.elasticJ());
        m.put("energy_drop_J", c.dropJ().orElse(null));
        m.put("support_overload", c.overloaded());
        m.put("unloads", c.unloads());
        m.put("stand", c.stand().stream().map(BindCut.Stand::key).toList());
        m.put("flags", c.flags().stream().map(BindCut.Flag::key).toList());
        m.put("sequence", sequence(c.sequence()));
        return m;
    }

    private static Map<String, @Nullable Object> part(Severed p) {
        Map<String, @Nullable Object> m = new LinkedHashMap<>();
        m.put("mass_kg", p.massKg());
        m.put("supports", p.supports());
        m.put("act", p.act().key());
        m.put("face_move_m", p.faceMoveM().orElse(null));
        m.put("face_peak_m", p.facePeakM().orElse(null));
        m.put("face_rot", p.faceRotRad().orElse(null));
        m.put("far_move_m", p.farMoveM().orElse(null));
        m.put("pivot_x_m", p.pivotXM().orElse(null));
        m.put("phi", p.phiRad().orElse(null));
        m.put("energy_J", p.energyJ().orElse(null));
        m.put("U_after_J", p.bendingAfterJ().orElse(null));
        m.put("U_lost_J", p.act().rests() ? null : p.bendingLostJ());
        Map<String, Double> after = new LinkedHashMap<>();
        p.reactionAfterN().forEach((i, n) -> after.put(String.valueOf(i), n));
        m.put("R_after", after);
        return m;
    }

    /** @return each step as [code, side, depth in m] */
    static List<List<@Nullable Object>> sequence(List<BindStep> steps) {
        List<List<@Nullable Object>> all = new ArrayList<>();
        for (BindStep s : steps) {
            List<@Nullable Object> one = new ArrayList<>();
            one.add(s.action().key());
            one.add(s.side().map(Squeeze.Face::key).orElse(null));
            one.add(s.depthM().orElse(null));
            all.add(one);
        }
        return all;
    }

    private static Answer best(Input in) {
        BindBest b = BindBest.of(stem(in), in.num("max_piece_kg"));
        return new Answer()
                .put("best", b.best().stream().map(BeamSums::place).toList())
                .warn(b.warnings())
                .warn(b.best().isEmpty(), "NO_SAFE_HAND_CUT_POSITION");
    }

    private static Map<String, @Nullable Object> place(BindBest.Place p) {
        Map<String, @Nullable Object> m = new LinkedHashMap<>();
        m.put("x_m", p.xM());
        m.put("score", p.score());
        m.put("piece_kg", p.pieceKg());
        m.put("bind", p.squeeze().key());
        m.put("severity", p.severity().key());
        m.put("drop_m", p.dropM().orElse(null));
        return m;
    }

    private static Answer bow(Input in) {
        SpringPole p =
                SpringPole.of(in.num("d_m"), in.num("chord_m"), in.num("rise_m"), in.choice(BeamWood.class, "wood"));
        return new Answer()
                .put("energy_J", p.energyJ())
                .put("class", p.danger().key())
                .put("method", p.way().key())
                .put("sweep_radius_m", p.sweepM())
                .put("tip_speed_bound_m_s", p.tipSpeedMs())
                .put("radius_m", p.radiusM())
                .put("arc_m", p.arcM())
                .put("moment_Nm", p.momentNm())
                .put("strain", p.strain())
                .put("shave_where", SHAVE_WHERE)
                .warn(p.warnings());
    }

    /** Where a bow is shaved, as the open interface says it. */
    private static final String SHAVE_WHERE =
            "where the 45-degree line from the corner of the vertical through the foot and the level through the top "
                    + "meets the stem";
}
