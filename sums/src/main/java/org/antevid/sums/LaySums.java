package org.antevid.sums;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.antevid.core.lay.spread.LaySpread;
import org.antevid.core.lay.spread.PastWork;
import org.antevid.core.lay.spread.ReleaseDrift;
import org.antevid.core.lay.sweep.Arcs;
import org.antevid.core.lay.sweep.LyingTree;
import org.antevid.core.lay.sweep.Strike;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.Condition;

/** Sums of how a lay spreads and what the lying tree covers. */
final class LaySums {
    private static final List<Field> STRIKE = List.of(
            Field.need("length_m", "m", 0.5, 200),
            Field.need("crown_base_m", "m", 0, 150),
            Field.need("stem_half_m", "m", 0.02, 5),
            Field.need("crown_half_m", "m", 0.02, 40),
            Field.need("lay_deg", "deg", -360, 720),
            Field.with("bias_deg", "deg", -90, 90, 0),
            Field.need("sigma_deg", "deg", 0, 90),
            Field.with("p_gross", "", 0, 1, 0.005));

    static final List<Sum> ALL = List.of(
            new Sum(
                    "lay_spread",
                    "How far the lay spreads and drifts",
                    List.of(
                            Field.choice("skill", "trained", MeasureSums.keys(LaySpread.Skill.values())),
                            Field.need("hinge_length_m", "m", 0.03, 4),
                            Field.need("hinge_thick_m", "m", 0.005, 0.5),
                            Field.with("notch_sigma_mm", "mm", 0, 100, 8),
                            Field.with("uneven_sigma_mm", "mm", 0, 100, 5),
                            Field.with("side_util", "", -20, 20, 0),
                            Field.with("sigma_side_util", "", 0, 20, 0.1),
                            Field.with("tip_side_m", "m", -30, 30, 0),
                            Field.need("length_m", "m", 1, 120),
                            Field.choice("condition", "sound", MeasureSums.CONDITIONS),
                            Field.with("prior_weight", "", 1, 100, 8),
                            Field.list("history")),
                    LaySums::spread),
            new Sum(
                    "release_drift",
                    "A hinge that lets go early",
                    List.of(
                            Field.need("length_m", "m", 1, 120),
                            Field.need("k2_s2", "1/s2", 0.02, 20),
                            Field.with("start_deg", "deg", 0.05, 60, 1),
                            Field.need("release_deg", "deg", 0.05, 120),
                            Field.need("tip_side_m", "m", -30, 30)),
                    LaySums::release),
            new Sum(
                    "strike_point",
                    "Chance to strike a point or disc",
                    with(
                            Field.need("e_m", "m", -1e4, 1e4),
                            Field.need("n_m", "m", -1e4, 1e4),
                            Field.with("radius_m", "m", 0, 200, 0)),
                    LaySums::point),
            new Sum(
                    "strike_sector",
                    "Chance to fall into a sector",
                    with(Field.need("from_deg", "deg", -360, 720), Field.need("to_deg", "deg", -360, 720)),
                    LaySums::sector),
            new Sum(
                    "strike_polygon",
                    "Chance to strike an area",
                    with(
                            Field.list("polygon"),
                            Field.with("sigma_length_m", "m", 0, 30, 0),
                            Field.with("samples", "", 1, 1e6, 4000),
                            Field.with("seed", "", 0, 4294967295.0, 12345)),
                    LaySums::polygon));

    private LaySums() {}

    private static List<Field> with(Field... more) {
        List<Field> all = new ArrayList<>(STRIKE);
        all.addAll(List.of(more));
        return all;
    }

    private static Answer spread(Input in) {
        LaySpread s = LaySpread.of(
                new LaySpread.Cutter(
                        in.choice(LaySpread.Skill.class, "skill"),
                        in.num("notch_sigma_mm"),
                        in.num("uneven_sigma_mm"),
                        numbers(in.list("history"), "history"),
                        in.num("prior_weight"),
                        PastWork.NONE),
                new LaySpread.Hinge(
                        in.num("hinge_length_m"),
                        in.num("hinge_thick_m"),
                        in.num("side_util"),
                        in.num("sigma_side_util"),
                        in.num("tip_side_m"),
                        in.num("length_m"),
                        in.choice(Condition.class, "condition")));
        Map<String, Object> parts = new LinkedHashMap<>();
        parts.put("gunning_deg", s.gunningDeg());
        parts.put("notch_deg", s.notchDeg());
        parts.put("uneven_deg", s.unevenDeg());
        parts.put("sawyer_deg", s.sawyerDeg());
        parts.put("side_wind_deg", s.sideWindDeg());
        parts.put("model_deg", s.modelDeg());
        return new Answer()
                .put("controlled", s.controlled())
                .put("components", parts)
                .put("bias_geometry_deg", s.biasGeometryDeg())
                .put("bias_hinge_deg", s.biasHingeDeg())
                .put("bias_deg", s.biasDeg())
                .put("sigma_deg", s.sigmaDeg())
                .put("p_gross", s.lostChance())
                .put("half_width_95_m", s.half95M())
                .warn(s.warnings());
    }

    static List<Double> numbers(List<?> raw, String field) {
        List<Double> numbers = new ArrayList<>();
        for (Object o : raw) {
            if (!(o instanceof Number n) || !Double.isFinite(n.doubleValue())) {
                throw new RefusedInput(Refusal.NO_LIST_OF_NUMBERS, field);
            }
            numbers.add(n.doubleValue());
        }
        return numbers;
    }

    private static Answer release(Input in) {
        ReleaseDrift r = ReleaseDrift.of(
                in.num("length_m"), in.num("k2_s2"), in.num("start_deg"), in.num("release_deg"), in.num("tip_side_m"));
        return new Answer()
                .put("hinged_deg", r.hingedDeg())
                .put("final_deg", r.finalDeg())
                .put("extra_deg", r.extraDeg())
                .put("extra_tip_m", r.extraTipM())
                .warn(r.warnings());
    }

    private static LyingTree tree(Input in, double lengthM) {
        return new LyingTree(
                lengthM, Math.min(in.num("crown_base_m"), lengthM), in.num("stem_half_m"), in.num("crown_half_m"));
    }

    private static Strike strike(Input in, Arcs covering) {
        return Strike.of(covering, in.num("lay_deg"), in.num("bias_deg"), in.num("sigma_deg"), in.num("p_gross"));
    }

    private static Answer point(Input in) {
        double e = in.num("e_m");
        double n = in.num("n_m");
        Strike s = strike(in, tree(in, in.num("length_m")).covering(e, n, in.num("radius_m")));
        double distance = Math.hypot(e, n);
        double off = distance > 0 ? Azimuth.turn(in.num("lay_deg"), Azimuth.of(e, n)) : 0;
        return chances(s)
                .put("in_reach", s.inReach())
                .put("distance_m", distance)
                .put("off_lay_deg", off == 180 ? -180.0 : off);
    }

    private static Answer chances(Strike s) {
        return new Answer()
                .put("p_controlled", s.controlled())
                .put("p_total", s.total())
                .put("p_decision", s.decision())
                .put("circle_share", s.circleShare());
    }

    private static Answer sector(Input in) {
        double from = in.num("from_deg");
        double to = in.num("to_deg");
        double width = to - from >= 360 ? 360 : Azimuth.normal(to - from);
        Strike s = strike(in, width > 0 ? Arcs.union(List.of(new Arcs.Arc(from, width))) : Arcs.NONE);
        return new Answer()
                .put("p_controlled", s.controlled())
                .put("p_total", s.total())
                .put("p_decision", s.decision())
                .put("width_deg", width);
    }

    private static Answer polygon(Input in) {
        double[][] outline = outline(in.list("polygon"), "polygon");
        double length = in.num("length_m");
        double sigma = in.num("sigma_length_m");
        Strike s = strike(in, tree(in, length + Estimate.Z95 * sigma).covering(outline, true));
        Strike.HitCount drawn = Strike.HitCount.of(
                tree(in, length),
                sigma,
                outline,
                in.num("lay_deg") + in.num("bias_deg"),
                in.num("sigma_deg"),
                (int) in.num("samples"),
                (int) (long) in.num("seed"));
        return chances(s)
                .put("in_reach", s.inReach())
                .put("mc_p", drawn.share())
                .put("mc_hits", drawn.hits())
                .put("mc_se", drawn.standardError());
    }

    /** @throws RefusedInput {@code BAD_POLYGON} for fewer than three corners or anything but pairs of numbers */
    static double[][] outline(List<?> raw, String field) {
        List<double[]> corners = new ArrayList<>();
        for (Object o : raw) {
            if (!(o instanceof List<?> p)
                    || p.size() != 2
                    || !(p.get(0) instanceof Number e)
                    || !(p.get(1) instanceof Number n)
                    || !Double.isFinite(e.doubleValue())
                    || !Double.isFinite(n.doubleValue())) {
                throw new RefusedInput(Refusal.NO_CORNERS, field);
            }
            corners.add(new double[] {e.doubleValue(), n.doubleValue()});
        }
        if (corners.size() < 3) {
            throw new RefusedInput(Refusal.TOO_FEW_CORNERS, field);
        }
        return corners.toArray(double[][]::new);
    }
}
