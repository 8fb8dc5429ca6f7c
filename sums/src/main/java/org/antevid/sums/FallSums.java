package org.antevid.sums;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.antevid.core.lay.FallZone;
import org.antevid.core.lay.spread.SightMiss;
import org.antevid.core.message.Arg;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.retreat.FallTime;
import org.antevid.core.retreat.LeavingCutter;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.jspecify.annotations.Nullable;

/** Sums of lay, zone, fall and retreat. */
final class FallSums {
    static final List<Sum> ALL = List.of(
            new Sum(
                    "sight_miss",
                    "What an error along the hinge does at the tip",
                    List.of(
                            Field.need("error_mm", "mm", 0, 300),
                            Field.need("hinge_length_m", "m", 0.05, 4),
                            Field.need("length_m", "m", 1, 120)),
                    FallSums::sightMiss),
            new Sum(
                    "fall_zone",
                    "Reach, throw and exclusion ring",
                    List.of(
                            Field.need("lay_deg", "deg", -360, 720),
                            Field.with("stump_e_m", "m", -1e7, 1e7, 0),
                            Field.with("stump_n_m", "m", -1e7, 1e7, 0),
                            Field.need("height_m", "m", 1, 120),
                            Field.with("sigma_height_m", "m", 0, 30, 1),
                            Field.with("cut_height_m", "m", 0, 6, 0.2),
                            Field.need("crown_radius_m", "m", 0, 25),
                            Field.with("crown_spread", "", 1, 2, 1.15),
                            Field.need("k2_s2", "1/s2", 0.02, 20),
                            Field.with("slope_deg", "deg", 0, 60, 0).usual(0, 35),
                            Field.with("downhill_deg", "deg", -360, 720, 0),
                            Field.with("close_deg", "deg", 10, 120, 45),
                            Field.with("restitution", "", 0, 0.8, 0.3),
                            Field.with("mu", "", 0.05, 1.2, 0.45),
                            Field.with("slide_keep", "", 0, 1, 0.5),
                            Field.with("exclusion_lengths", "", 1, 5, 2).usual(2, 5),
                            Field.need("cg_m", "m", 0.3, 80),
                            Field.with("sigma_lay_deg", "deg", 0, 90, 3),
                            Field.choice("limbs", "branched", MeasureSums.keys(FallZone.Limbs.values()))),
                    FallSums::fallZone),
            new Sum(
                    "fall_time",
                    "Time until the tree is down",
                    List.of(
                            Field.need("k2_s2", "1/s2", 0.02, 20),
                            Field.need("inertia_kgm2", "kg m2", 1, 1e9),
                            Field.with("start_deg", "deg", 0.05, 60, 1),
                            Field.with("notice_deg", "deg", 0, 20, 0.6),
                            Field.with("slope_along_deg", "deg", -60, 60, 0),
                            Field.with("hinge_Nm", "N m", 0, 5e6, 0),
                            Field.with("hinge_end_share", "", 0, 1, 0.3),
                            Field.with("close_deg", "deg", 1, 120, 45),
                            Field.with("drag_Nms2", "N m s2", 0, 1e8, 0),
                            Field.with("length_m", "m", 1, 120, 20),
                            Field.maybe("forward_Nm", "N m", -1e8, 1e8)),
                    FallSums::fallTime),
            new Sum(
                    "escape",
                    "Ways out for the cutter",
                    List.of(
                            Field.need("lay_deg", "deg", -360, 720),
                            Field.need("height_m", "m", 1, 120),
                            Field.with("slope_deg", "deg", 0, 60, 0),
                            Field.with("downhill_deg", "deg", -360, 720, 0),
                            Field.maybe("lean_azimuth_deg", "deg", -360, 720),
                            Field.maybe("t_fast_s", "s", 0, 60),
                            Field.with("speed_ms", "m/s", 0.2, 5, 1.5),
                            Field.with("react_s", "s", 0, 10, 1),
                            Field.with("clear_m", "m", 0.5, 30, 3),
                            Field.choice("ground", "litter", MeasureSums.keys(EscapeRoutes.Footing.values())),
                            Field.with("min_distance_m", "m", 1, 60, 6),
                            Field.with("distance_ratio", "", 0, 2, 0.25),
                            Field.with("corridor_m", "m", 0.5, 5, 1.5),
                            Field.list("obstacles")),
                    FallSums::escape));

    private FallSums() {}

    private static Answer sightMiss(Input in) {
        SightMiss m = SightMiss.of(in.num("error_mm"), in.num("hinge_length_m"), in.num("length_m"));
        return new Answer()
                .put("angle_deg", m.angleDeg())
                .put("miss_m", m.missM())
                .put("mm_for_1m_miss", m.mmFor1mMiss());
    }

    /** The zone is computed at the origin and moved, because the interface allows national grid coordinates. */
    private static Answer fallZone(Input in) {
        FallZone z = FallZone.of(new FallZone.Fall(
                in.num("lay_deg"),
                new Spot(0, 0),
                new Estimate(in.num("height_m"), in.num("sigma_height_m")),
                in.num("cut_height_m"),
                in.num("crown_radius_m"),
                in.num("crown_spread"),
                in.num("k2_s2"),
                new Ground(in.num("slope_deg"), in.num("downhill_deg")),
                in.num("close_deg"),
                in.num("restitution"),
                in.num("mu"),
                in.num("slide_keep"),
                in.num("exclusion_lengths"),
                in.num("cg_m"),
                in.num("sigma_lay_deg"),
                in.choice(FallZone.Limbs.class, "limbs")));
        return new Answer()
                .put("length_m", z.lengthM())
                .put("slope_along_deg", z.slopeAlongDeg())
                .put("map_reach_m", z.mapReachM())
                .put("design_reach_m", z.designReachM())
                .put("tip_e_m", in.num("stump_e_m") + z.tip().eastM())
                .put("tip_n_m", in.num("stump_n_m") + z.tip().northM())
                .put("tip_speed_ms", z.tipSpeedMs())
                .put("throw_m", z.throwM())
                .put("slide_m", z.slideM())
                .put("butt_kick_m", z.buttKickM())
                .put("butt_zone_m", z.buttZoneM())
                .put("swath_half_m", z.swathHalfM())
                .put("swath_half_95_m", z.swathHalf95M())
                .put("exclusion_m", z.exclusionM())
                .put("downhill_unbounded", z.downhillUnbounded())
                .put("open_from_deg", z.open().map(FallZone.Open::fromDeg))
                .put("open_to_deg", z.open().map(FallZone.Open::toDeg))
                .warn(z.warnings());
    }

    private static Answer fallTime(Input in) {
        FallTime t = FallTime.of(new FallTime.Fall(
                in.num("k2_s2"),
                in.num("inertia_kgm2"),
                in.num("start_deg"),
                in.num("notice_deg"),
                in.num("slope_along_deg"),
                in.num("hinge_Nm"),
                in.num("hinge_end_share"),
                in.num("close_deg"),
                in.num("drag_Nms2"),
                in.num("length_m"),
                in.opt("forward_Nm")));
        return new Answer()
                .put("start_used_deg", t.startUsedDeg())
                .put("stalled", t.stalled())
                .put("balance_deg", t.balanceDeg())
                .put("t_total_s", t.totalS())
                .put("t_after_notice_s", t.afterNoticeS())
                .put("t_fast_s", t.fastS())
                .put("t_close_s", t.closeS())
                .put("omega_end", t.omegaEnd())
                .put("tip_speed_ms", t.tipSpeedMs())
                .put("tip_speed_fast_ms", t.tipSpeedFastMs())
                .warn(t.warnings());
    }

    private static Answer escape(Input in) {
        EscapeRoutes r = EscapeRoutes.of(new LeavingCutter(
                in.num("lay_deg"),
                in.num("height_m"),
                new Ground(in.num("slope_deg"), in.num("downhill_deg")),
                in.opt("lean_azimuth_deg"),
                in.opt("t_fast_s"),
                in.num("speed_ms"),
                in.num("react_s"),
                in.num("clear_m"),
                in.choice(EscapeRoutes.Footing.class, "ground"),
                in.num("min_distance_m"),
                in.num("distance_ratio"),
                in.num("corridor_m"),
                obstacles(in.list("obstacles"))));
        Answer answer = new Answer()
                .put("required_m", r.requiredM())
                .put("routes", r.routes().stream().map(FallSums::route).toList())
                .put("best_side", r.best().map(b -> b.side().key()))
                .put("best_azimuth_deg", r.best().map(b -> b.way().orElseThrow().azimuthDeg()))
                .put("margin_s", r.marginS())
                .put("distance_reached_m", r.reachedM());
        return answer.warn(r.warnings());
    }

    private static Map<String, Object> route(EscapeRoutes.Route r) {
        Map<String, Object> m = new LinkedHashMap<>();
        m.put("open", r.open());
        m.put("side", r.side().key());
        m.put("rel_deg", r.way().map(EscapeRoutes.Way::relDeg).orElse(null));
        m.put("azimuth_deg", r.way().map(EscapeRoutes.Way::azimuthDeg).orElse(null));
        m.put("slope_up", r.way().map(EscapeRoutes.Way::slopeUp).orElse(null));
        m.put("walk_s", r.way().map(EscapeRoutes.Way::walkS).orElse(null));
        m.put("blocked_by", r.blockedBy().stream().map(FallSums::name).toList());
        r.way().ifPresent(w -> {
            m.put("score", w.score());
            m.put("margin_s", w.marginS().orElse(null));
        });
        return m;
    }

    static List<EscapeRoutes.Obstacle> obstacles(List<?> raw) {
        List<EscapeRoutes.Obstacle> obstacles = new ArrayList<>();
        for (int i = 0; i < raw.size(); i++) {
            obstacles.add(obstacle(raw.get(i), "obstacles[" + i + "]"));
        }
        return obstacles;
    }

    private static EscapeRoutes.Obstacle obstacle(Object raw, String field) {
        try {
            Map<?, ?> o = Input.object(raw);
            Input.requireKnown(o, List.of("id", "e", "n", "r", "polygon"), field + ".");
            String id = String.valueOf(o.get("id"));
            if (o.get("polygon") instanceof List<?> corners) {
                return new EscapeRoutes.Obstacle(
                        id,
                        Shape.polygon(corners.stream()
                                .map(c -> (List<?>) Objects.requireNonNullElse(c, List.of()))
                                .map(c -> new Spot(number(c.get(0)), number(c.get(1))))
                                .toList()));
            }
            return new EscapeRoutes.Obstacle(
                    id, Shape.disc(new Spot(number(o.get("e")), number(o.get("n"))), number(o.get("r"))));
        } catch (ClassCastException | IndexOutOfBoundsException | RefusedInput e) {
            if (e instanceof RefusedInput r && r.faults().get(0).code().equals("UNKNOWN_FIELD")) {
                throw r;
            }
            throw new RefusedInput(Refusal.BAD_OBSTACLE, field);
        }
    }

    private static double number(@Nullable Object raw) {
        if (raw instanceof Number n) {
            return n.doubleValue();
        }
        throw new ClassCastException("no number");
    }

    /** Obstacles of a sum go by the names they came with. */
    private static String name(Arg obstacle) {
        return obstacle instanceof Arg.Name n ? n.text() : String.valueOf(obstacle);
    }
}
