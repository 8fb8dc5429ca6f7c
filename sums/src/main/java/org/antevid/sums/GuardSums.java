package org.antevid.sums;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.site.Spot;
import org.antevid.core.tangle.ControlLine;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.HungPull;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.Ways;
import org.jspecify.annotations.Nullable;

/** Sums of a stem that hangs: the ground that is closed, the pull that brings it down, the line that keeps its butt. */
final class GuardSums {
    static final List<Sum> ALL = List.of(
            new Sum(
                    "guard_ring",
                    "The closed ground of a stem that hangs, lies or stands tilted",
                    List.of(
                            Field.needChoice("state", MeasureSums.keys(GuardRing.State.values())),
                            Field.maybe("length_m", "m", 0.1, 120),
                            Field.with("slope_deg", "deg", 0, 60, 0),
                            Field.flag("spring_loaded"),
                            Field.flag("root_plate"),
                            Field.flag("bound"),
                            Field.maybe("plate_height_m", "m", 0.3, 10),
                            Field.with("plate_thick_m", "m", 0.05, 3, Pile.Stem.PLATE_THICK_M),
                            Field.maybe("bound_longest_m", "m", 0.1, 120),
                            Field.maybe("closure_m", "m", 0, 1000),
                            Field.maybe("closure_down_m", "m", 0, 1000),
                            Field.flag("closure_to_slope_foot")),
                    GuardSums::ring),
            new Sum(
                    "hung_pull",
                    "Bringing a hung stem down by its butt",
                    List.of(
                            Field.need("mass_kg", "kg", 1, 50000),
                            Field.maybe("mass_low_kg", "kg", 1, 50000),
                            Field.need("length_m", "m", 1, 60),
                            Field.need("stem_angle_deg", "deg", 0, 85),
                            Field.need("stem_az_deg", "deg", -360, 720),
                            Field.maybe("pull_az_deg", "deg", -360, 720),
                            Field.with("slope_deg", "deg", 0, 60, 0),
                            Field.maybe("slope_az_deg", "deg", -360, 720),
                            Field.with("mu_lo", "", 0.05, 1.5, HungPull.Drag.MU_LOW),
                            Field.with("mu_hi", "", 0.05, 1.5, HungPull.Drag.MU_HIGH),
                            Field.with("mu_fork", "", 0, 1, HungPull.Drag.MU_FORK),
                            Field.maybe("clamp", "", 1, 6),
                            Field.flag("locked_in_fork"),
                            Field.maybe("cg_m", "m", 0.1, 60),
                            Field.maybe("rest_m", "m", 0.5, 60),
                            Field.maybe("butt_d_m", "m", 0.02, 3),
                            Field.with("fork_d_m", "m", 0.01, 2, Pile.Stem.FORK_D_M),
                            Field.flag("machine"),
                            Field.flag("bound"),
                            Field.maybe("tractor_winch_N", "N", 0, 1e6),
                            Field.maybe("hand_winch_N", "N", 0, 1e6)),
                    GuardSums::betweenPull,
                    GuardSums::pull),
            new Sum(
                    "control_line",
                    "A line that keeps a butt from swinging",
                    List.of(
                            Field.need("anchor_x_m", "m", -500, 500),
                            Field.need("anchor_y_m", "m", -500, 500),
                            Field.need("tie_x_m", "m", -500, 500),
                            Field.need("tie_y_m", "m", -500, 500),
                            Field.with("anchor_h_m", "m", 0, 10, ControlLine.Line.ANCHOR_H_M),
                            Field.with("tie_h_m", "m", 0, 40, 0.5),
                            Field.need("line_m", "m", 0.5, 200),
                            Field.with("stretch_rel", "", 0, 0.4, ControlLine.Line.STRETCH),
                            Field.with("give_m", "m", 0, 2, ControlLine.Line.GIVE_M),
                            Field.with("tie_from_butt_m", "m", 0, 30, 0),
                            Field.maybe("rest_x_m", "m", -500, 500),
                            Field.maybe("rest_y_m", "m", -500, 500),
                            Field.maybe("rest_h_m", "m", 0, 60),
                            Field.maybe("rest_from_butt_m", "m", 0.5, 60),
                            Field.maybe("drive_N", "N", 0, 5e5),
                            Field.maybe("drive_az_deg", "deg", -360, 720),
                            Field.maybe("line_k_N_per_m", "", 100, 1e7),
                            Field.with("gamma", "", 1, 5, ControlLine.Line.GAMMA),
                            Field.maybe("person_x_m", "m", -500, 500),
                            Field.maybe("person_y_m", "m", -500, 500)),
                    GuardSums::betweenLine,
                    GuardSums::line));

    private GuardSums() {}

    private static Answer ring(Input in) {
        Optional<GuardRing.Closure> closure = in.opt("closure_m")
                .map(m ->
                        new GuardRing.Closure(m, in.opt("closure_down_m").orElse(m), in.flag("closure_to_slope_foot")));
        GuardRing r = GuardRing.of(new GuardRing.Ask(
                in.choice(GuardRing.State.class, "state"),
                in.opt("length_m"),
                in.num("slope_deg"),
                in.flag("spring_loaded"),
                in.flag("root_plate"),
                in.flag("bound"),
                in.opt("plate_height_m"),
                in.num("plate_thick_m"),
                in.opt("bound_longest_m"),
                closure));
        Answer answer = new Answer();
        fields(r).forEach(answer::put);
        return answer.put("guard_m", r.guardM())
                .put("guard_where", r.guardWhere().key())
                .put("closure_short_m", r.closure().flatMap(GuardRing.Closed::shortM))
                .put("closure_ok", r.closure().map(GuardRing.Closed::ok))
                .warn(r.warnings());
    }

    /** @return a ring as `release` and `guard_ring` name it alike */
    static Map<String, @Nullable Object> fields(GuardRing r) {
        Map<String, @Nullable Object> m = new LinkedHashMap<>();
        m.put("shape", r.shape().key());
        m.put("radius_m", r.radiusM().orElse(null));
        m.put("downslope_m", r.downslopeM().orElse(null));
        m.put("whole_slope", r.wholeSlope());
        m.put("strip_half_m", r.stripHalfM().orElse(null));
        m.put("plate_m", r.plateM().orElse(null));
        m.put("plate_front_m", r.plateFrontM().orElse(null));
        m.put("sweep_m", r.sweepM().orElse(null));
        m.put("envelope_m", r.envelopeM().orElse(null));
        m.put("not_known", r.notKnown().stream().map(GuardRing.Part::key).toList());
        return m;
    }

    private static List<Fault> betweenPull(Input in) {
        List<Fault> faults = new ArrayList<>();
        above(in, "mass_low_kg", in.opt("mass_kg")).ifPresent(faults::add);
        if (in.opt("slope_deg").filter(s -> s > 0).isPresent()
                && in.opt("slope_az_deg").isEmpty()) {
            faults.add(new Fault(Refusal.NEEDED, "slope_az_deg"));
        }
        above(in, "mu_lo", in.opt("mu_hi")).ifPresent(faults::add);
        above(in, "rest_m", in.opt("length_m")).ifPresent(faults::add);
        Optional<Double> rest = in.opt("rest_m").or(() -> in.opt("length_m").map(l -> HungPull.Drag.REST * l));
        if (in.opt("cg_m").filter(cg -> rest.filter(r -> cg >= r).isPresent()).isPresent()) {
            faults.add(new Fault(Refusal.ABOVE_THE_OTHER, "cg_m"));
        }
        return faults;
    }

    private static Optional<Fault> above(Input in, String name, Optional<Double> most) {
        return in.opt(name)
                .filter(v -> most.filter(m -> v > m).isPresent())
                .map(v -> new Fault(Refusal.ABOVE_THE_OTHER, name));
    }

    private static Answer pull(Input in) {
        boolean locked = in.flag("locked_in_fork");
        double length = in.num("length_m");
        HungPull p = HungPull.of(new HungPull.Drag(
                in.num("mass_kg"),
                in.opt("mass_low_kg").orElse(in.num("mass_kg")),
                in.num("stem_angle_deg"),
                in.num("stem_az_deg"),
                in.opt("pull_az_deg").orElse(in.num("stem_az_deg") + 180),
                in.num("slope_deg"),
                in.opt("slope_az_deg").orElse(0.0),
                in.num("mu_lo"),
                in.num("mu_hi"),
                in.num("mu_fork"),
                in.opt("clamp").orElse(locked ? HungPull.Drag.CLAMP_LOCKED : HungPull.Drag.CLAMP),
                locked,
                in.opt("cg_m").orElse(HungPull.Drag.CG * length),
                in.opt("rest_m").orElse(HungPull.Drag.REST * length),
                in.opt("butt_d_m"),
                in.num("fork_d_m"),
                in.flag("machine"),
                in.flag("bound"),
                in.opt("tractor_winch_N"),
                in.opt("hand_winch_N")));
        return new Answer()
                .put("off_axis_deg", p.offAxisDeg())
                .put("slope_along_deg", p.slopeAlongDeg())
                .put("fork_N", p.forkN())
                .put("F_lo_N", p.lowN())
                .put("F_hi_N", p.highN())
                .put("F_bound_N", p.boundN())
                .put("F_N", p.forceN())
                .put("rated_needed_N", p.ratedNeededN())
                .put("lever_N", p.ways().leverN())
                .put("ladder", p.ways().ladder().stream().map(Ways.Way::key).toList())
                .put("why_not", whyNot(p.ways()))
                .warn(p.warnings());
    }

    static Map<String, String> whyNot(Ways ways) {
        Map<String, String> out = new LinkedHashMap<>();
        for (Ways.Way way : Ways.Way.values()) {
            Optional.ofNullable(ways.whyNot().get(way)).ifPresent(r -> out.put(way.key(), r.key()));
        }
        return out;
    }

    private static final List<String> REST = List.of("rest_x_m", "rest_y_m", "rest_h_m", "rest_from_butt_m");

    private static final List<String> PLACES =
            List.of("anchor_x_m", "anchor_y_m", "tie_x_m", "tie_y_m", "anchor_h_m", "tie_h_m");

    private static double distance(Input in) {
        double plan = Math.hypot(in.num("tie_x_m") - in.num("anchor_x_m"), in.num("tie_y_m") - in.num("anchor_y_m"));
        return Math.hypot(plan, in.num("tie_h_m") - in.num("anchor_h_m"));
    }

    private static List<Fault> betweenLine(Input in) {
        List<Fault> faults = new ArrayList<>();
        boolean placed = PLACES.stream().allMatch(n -> in.opt(n).isPresent());
        if (placed
                && in.opt("line_m")
                        .filter(l -> distance(in) - l > ControlLine.SHORTER_M)
                        .isPresent()) {
            faults.add(new Fault(Refusal.LINE_SHORTER_THAN_DISTANCE, "line_m"));
        }
        if (REST.stream().anyMatch(n -> in.opt(n).isPresent())) {
            REST.stream().filter(n -> in.opt(n).isEmpty()).forEach(n -> faults.add(new Fault(Refusal.NEEDED, n)));
        }
        if (in.opt("rest_from_butt_m")
                .filter(l -> in.opt("rest_h_m").filter(h -> l < h).isPresent())
                .isPresent()) {
            faults.add(new Fault(Refusal.BEYOND_LENGTH, "rest_from_butt_m"));
        }
        if (in.opt("drive_N").isPresent() && in.opt("drive_az_deg").isEmpty()) {
            faults.add(new Fault(Refusal.NEEDED, "drive_az_deg"));
        }
        List<String> person = List.of("person_x_m", "person_y_m");
        if (person.stream().anyMatch(n -> in.opt(n).isPresent())) {
            person.stream().filter(n -> in.opt(n).isEmpty()).forEach(n -> faults.add(new Fault(Refusal.NEEDED, n)));
        }
        return faults;
    }

    private static Answer line(Input in) {
        ControlLine c = ControlLine.of(new ControlLine.Line(
                new Spot(in.num("anchor_x_m"), in.num("anchor_y_m")),
                in.num("anchor_h_m"),
                new Spot(in.num("tie_x_m"), in.num("tie_y_m")),
                in.num("tie_h_m"),
                in.num("line_m"),
                in.num("stretch_rel"),
                in.num("give_m"),
                in.num("tie_from_butt_m"),
                in.opt("rest_x_m")
                        .map(x -> new ControlLine.Rest(
                                new Spot(x, in.num("rest_y_m")), in.num("rest_h_m"), in.num("rest_from_butt_m"))),
                in.opt("drive_N"),
                in.opt("drive_az_deg"),
                in.opt("line_k_N_per_m"),
                in.num("gamma"),
                in.opt("person_x_m").map(x -> new Spot(x, in.num("person_y_m")))));
        Answer answer = new Answer()
                .put("distance_m", c.distanceM())
                .put("slack_m", c.slackM())
                .put("disc_radius_m", c.discM())
                .put("butt_radius_m", c.buttDiscM())
                .put("rest_reach_m", c.restReachM())
                .put("butt_move_max_m", c.buttMoveMaxM())
                .put("end_x_m", c.drive().map(d -> d.end().eastM()))
                .put("end_y_m", c.drive().map(d -> d.end().northM()))
                .put("swing_arc_deg", c.drive().map(ControlLine.Driven::swingDeg))
                .put("swing_arc_m", c.drive().map(ControlLine.Driven::swingM))
                .put("keep_off_N", c.drive().flatMap(ControlLine.Driven::keepOffN))
                .put("peak_N", c.drive().flatMap(ControlLine.Driven::peakN))
                .put("rated_needed_N", c.drive().flatMap(ControlLine.Driven::ratedNeededN));
        c.person().ifPresent(p -> answer.put("person_clear_m", p.clearM())
                .put("person_line_m", p.lineM())
                .put("person_ok", p.ok()));
        return answer.warn(c.warnings());
    }
}
