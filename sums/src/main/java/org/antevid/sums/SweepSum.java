package org.antevid.sums;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.spread.LaySpread;
import org.antevid.core.lay.sweep.Arcs;
import org.antevid.core.lay.sweep.Around;
import org.antevid.core.lay.sweep.Block;
import org.antevid.core.lay.sweep.CoveredTarget;
import org.antevid.core.lay.sweep.FellingMethod;
import org.antevid.core.lay.sweep.JudgedLay;
import org.antevid.core.lay.sweep.LyingTree;
import org.antevid.core.lay.sweep.Neighbour;
import org.antevid.core.lay.sweep.Precondition;
import org.antevid.core.lay.sweep.StruckTarget;
import org.antevid.core.lay.sweep.Sweep;
import org.antevid.core.lay.sweep.SweptTree;
import org.antevid.core.lay.sweep.Weakness;
import org.antevid.core.lay.sweep.Window;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.site.Ground;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.CutChoice;
import org.antevid.core.stump.Oval;
import org.antevid.core.stump.School;

/** The sum of all 360 lays. */
final class SweepSum {
    static final Sum SWEEP = new Sum(
            "lay_sweep",
            "All 360 lays judged",
            List.of(
                    Field.need("height_m", "m", 1, 120),
                    Field.with("sigma_height_m", "m", 0, 30, 1),
                    Field.with("cut_height_m", "m", 0, 6, 0.2),
                    Field.need("crown_radius_m", "m", 0.1, 25),
                    Field.need("crown_base_m", "m", 0, 110),
                    Field.need("d_cut_m", "m", 0.05, 5),
                    Field.need("dbh_m", "m", 0.05, 5),
                    Field.choice("genus", "unknown", MeasureSums.GENERA),
                    Field.choice("condition", "sound", MeasureSums.CONDITIONS),
                    Field.need("mass_kg", "kg", 5, 200000),
                    Field.need("cg_m", "m", 0.3, 80),
                    Field.with("moment_e_Nm", "N m", -1e8, 1e8, 0),
                    Field.with("moment_n_Nm", "N m", -1e8, 1e8, 0),
                    Field.with("sigma_moment_Nm", "N m", 0, 1e8, 0),
                    Field.with("tip_off_e_m", "m", -30, 30, 0),
                    Field.with("tip_off_n_m", "m", -30, 30, 0),
                    Field.choice("school", "open_face", MeasureSums.keys(School.values())),
                    Field.choice("skill", "trained", MeasureSums.keys(LaySpread.Skill.values())),
                    Field.with("slope_deg", "deg", 0, 60, 0),
                    Field.with("downhill_deg", "deg", -360, 720, 0),
                    Field.maybe("back_capacity_Nm", "N m", 0, 1e8),
                    Field.with("guy_capacity_Nm", "N m", 0, 1e8, 0),
                    Field.maybe("t_fast_s", "s", 0, 60),
                    Field.with("throw_share", "", 0, 1, 0.1),
                    Field.with("hangup_limit", "", 0.05, 1, 0.5),
                    Field.choice("ground", "litter", MeasureSums.keys(EscapeRoutes.Footing.values())),
                    Field.with("flare", "", 1, 1.5, 1),
                    Field.list("targets"),
                    Field.list("neighbours"),
                    Field.list("obstacles"),
                    Field.list("history")),
            SweepSum::sweep);

    private SweepSum() {}

    private static Answer sweep(Input in) {
        Condition wood = in.choice(Condition.class, "condition");
        SweptTree tree = new SweptTree(
                new Estimate(in.num("height_m"), in.num("sigma_height_m")),
                in.num("cut_height_m"),
                in.num("crown_radius_m"),
                in.num("crown_base_m"),
                in.num("d_cut_m"),
                in.num("dbh_m"),
                in.choice(Species.class, "genus").wood(),
                Oval.round(in.num("d_cut_m")),
                in.num("flare"),
                lay -> wood,
                in.num("mass_kg"),
                in.num("mass_kg"),
                in.num("cg_m"),
                in.num("moment_e_Nm"),
                in.num("moment_n_Nm"),
                in.num("sigma_moment_Nm"),
                0,
                in.num("tip_off_e_m"),
                in.num("tip_off_n_m"),
                Weakness.NONE);
        LyingTree lying = Sweep.lying(tree);
        LyingTree thrown = lying.longer(lying.lengthM() * (1 + in.num("throw_share")));
        Optional<Double> given = in.opt("back_capacity_Nm");
        FellingMethod method = new FellingMethod(
                in.choice(School.class, "school"),
                CutChoice.BY_THE_RULE,
                2.5,
                CutCard.MovedBy.LEAN,
                LaySpread.Cutter.of(
                        in.choice(LaySpread.Skill.class, "skill"), LaySums.numbers(in.list("history"), "history")),
                (lay, card, back) -> Optional.of(
                        given.orElseGet(() -> Means.wedgesNm(tree.massKg(), tree.cgM(), card.behindHingeM()))),
                (lay, side) -> in.num("guy_capacity_Nm"),
                (lay, card, strapped, forward, back) ->
                        new EscapeRoutes.Clock(in.opt("t_fast_s"), EscapeRoutes.Clock.REACT_S),
                0,
                0,
                0,
                in.num("throw_share"),
                in.num("hangup_limit"),
                in.choice(EscapeRoutes.Footing.class, "ground"),
                0,
                0,
                Sweep.LEAST_AWAY_M);
        Sweep sweep = new Sweep(
                tree,
                method,
                new Around(
                        new Ground(in.num("slope_deg"), in.num("downhill_deg")),
                        targets(in.list("targets"), lying, thrown),
                        neighbours(in.list("neighbours")),
                        FallSums.obstacles(in.list("obstacles")),
                        tree.height().value()));
        List<JudgedLay> rows = sweep.all();
        List<Window> windows = Window.of(rows);
        List<String> warnings = new ArrayList<>();
        if (!sweep.touching().isEmpty()) {
            warnings.add("CROWNS_TOUCH_STANDING");
        }
        if (windows.isEmpty()) {
            warnings.add("NO_LAY_AVAILABLE");
        }
        if (windows.stream().anyMatch(Window::narrow)) {
            warnings.add("WINDOW_NARROW");
        }
        return new Answer()
                .put("windows", windows.stream().map(SweepSum::window).toList())
                .put("best_deg", windows.stream().findFirst().map(Window::bestDeg))
                .put("back_capacity_Nm", rows.get(0).back().capacityNm())
                .put("blocked_count", (int)
                        rows.stream().filter(JudgedLay::blocked).count())
                .put("rows", rows.stream().map(SweepSum::row).toList())
                .warn(warnings, w -> w);
    }

    private static Map<String, Object> window(Window w) {
        Map<String, Object> m = new LinkedHashMap<>();
        m.put("from_deg", w.fromDeg());
        m.put("to_deg", w.toDeg());
        m.put("width_deg", w.widthDeg());
        m.put("best_deg", w.bestDeg());
        m.put("best_score", w.bestScore());
        m.put("edge_deg", w.edgeDeg().orElse(null));
        m.put("edge_sigmas", w.edgeSigmas().orElse(null));
        return m;
    }

    /** As the open interface has named it from its beginning. */
    private static String code(Block b) {
        if (b instanceof Block.TargetStruck t) {
            return "TARGET:" + t.target();
        } else if (b instanceof Block.NoSideControl) {
            return "NO_SIDE_CONTROL";
        } else if (b instanceof Block.HangsUp) {
            return "HANG_UP";
        } else if (b instanceof Block.SitsBack) {
            return "BACK_MOMENT";
        } else if (b instanceof Block.NoWayOut) {
            return "NO_ESCAPE";
        } else if (b instanceof Block.BarTooShort) {
            return "BAR_TOO_SHORT";
        } else if (b instanceof Block.SplitsUp) {
            return "BARBER_CHAIR";
        }
        throw new IllegalStateException("no such block: " + b);
    }

    private static String code(Precondition c) {
        if (c instanceof Precondition.Protect p) {
            return "MITIGATE:" + p.target();
        } else if (c instanceof Precondition.MoreMeans) {
            return "BACK_MOMENT";
        } else if (c instanceof Precondition.CutAs a) {
            return "CUT:" + a.advice().key();
        }
        throw new IllegalStateException("no such precondition: " + c);
    }

    private static Map<String, Object> row(JudgedLay r) {
        Map<String, Object> m = new LinkedHashMap<>();
        m.put("az", (int) r.layDeg());
        m.put("blocks", r.blocks().stream().map(SweepSum::code).toList());
        m.put("conditions", r.conditions().stream().map(SweepSum::code).toList());
        Map<String, Object> cost = new LinkedHashMap<>();
        cost.put("targets", r.cost().targets());
        cost.put("hangup", r.cost().hangUp());
        cost.put("side", r.cost().side());
        cost.put("back", r.cost().back());
        cost.put("slope", r.cost().slope());
        cost.put("escape", r.cost().escape());
        m.put("cost", cost);
        m.put("score", r.score());
        m.put("forward_Nm", r.lean().forwardNm());
        m.put("side_Nm", r.lean().sideNm());
        m.put("utilisation", r.control().use());
        m.put("with_guy", r.control().withGuy());
        m.put("bias_deg", r.control().spread().biasDeg().orElse(null));
        m.put("sigma_deg", r.control().spread().sigmaDeg().orElse(null));
        m.put(
                "strikes",
                r.strikes().stream()
                        .map(s -> List.of(s.id(), s.strike().decision()))
                        .toList());
        m.put("strike_details", r.strikes().stream().map(SweepSum::strike).toList());
        m.put("hangup", r.hangUps().chance());
        m.put("slope_deg", r.ways().slopeDeg());
        m.put("escape_open", (int) r.ways().escape().routes().stream()
                .filter(EscapeRoutes.Route::open)
                .count());
        return m;
    }

    private static Map<String, Object> strike(StruckTarget s) {
        Map<String, Object> m = new LinkedHashMap<>();
        m.put("id", s.id());
        m.put("class", s.worth());
        m.put("p", s.strike().decision());
        m.put("p_controlled", s.strike().controlled());
        m.put("p_total", s.strike().total());
        m.put("p_decision", s.strike().decision());
        return m;
    }

    private static List<CoveredTarget> targets(List<?> raw, LyingTree lying, LyingTree thrown) {
        List<CoveredTarget> targets = new ArrayList<>();
        for (int i = 0; i < raw.size(); i++) {
            String at = "targets[" + i + "]";
            RefusedInput bad = new RefusedInput(Refusal.BAD_TARGET, at);
            if (!(raw.get(i) instanceof Map<?, ?> t)
                    || !(t.get("class") instanceof Number worth)
                    || worth.doubleValue() != worth.intValue()
                    || worth.intValue() < 1
                    || worth.intValue() > 4) {
                throw bad;
            }
            Input.requireKnown(t, List.of("id", "class", "mitigable", "polygon", "e", "n", "radius_m"), at + ".");
            boolean mitigable = Boolean.TRUE.equals(t.get("mitigable")) || "yes".equals(t.get("mitigable"));
            targets.add(new CoveredTarget(
                    String.valueOf(t.get("id")),
                    worth.intValue(),
                    mitigable,
                    covering(t, lying, bad),
                    covering(t, thrown, bad)));
        }
        return targets;
    }

    private static Arcs covering(Map<?, ?> t, LyingTree tree, RefusedInput bad) {
        if (t.get("polygon") instanceof List<?> corners) {
            try {
                return tree.covering(LaySums.outline(corners, "polygon"), true);
            } catch (RefusedInput e) {
                throw bad;
            }
        }
        if (!(t.get("e") instanceof Number e)
                || !(t.get("n") instanceof Number n)
                || t.get("radius_m") != null && !(t.get("radius_m") instanceof Number)) {
            throw bad;
        }
        double radius = t.get("radius_m") == null ? 0 : ((Number) t.get("radius_m")).doubleValue();
        if (!(radius >= 0) || !Double.isFinite(e.doubleValue() + n.doubleValue() + radius)) {
            throw bad;
        }
        return tree.covering(e.doubleValue(), n.doubleValue(), radius);
    }

    private static List<Neighbour> neighbours(List<?> raw) {
        List<Neighbour> neighbours = new ArrayList<>();
        for (int i = 0; i < raw.size(); i++) {
            List<Fault> unknown = List.of();
            try {
                Map<?, ?> n = Input.object(raw.get(i));
                unknown = Input.unknown(
                        n, List.of("id", "e", "n", "height_m", "crown_radius_m", "dbh_m"), "neighbours[" + i + "].");
                neighbours.add(new Neighbour(
                        String.valueOf(n.get("id")),
                        number(n, "e"),
                        number(n, "n"),
                        number(n, "height_m"),
                        number(n, "crown_radius_m"),
                        number(n, "dbh_m")));
            } catch (ClassCastException | RefusedInput e) {
                throw unknown.isEmpty()
                        ? new RefusedInput(Refusal.BAD_NEIGHBOUR, "neighbours[" + i + "]")
                        : new RefusedInput(unknown);
            }
            if (!unknown.isEmpty()) {
                throw new RefusedInput(unknown);
            }
        }
        return neighbours;
    }

    private static double number(Map<?, ?> m, String key) {
        if (m.get(key) instanceof Number n) {
            return n.doubleValue();
        }
        throw new ClassCastException(key + " is no number");
    }
}
