package org.antevid.sums;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** All sums by name. */
public final class Sums {
    private static final Map<String, Sum> ALL = new LinkedHashMap<>();

    private static final Map<String, Question> ASKED = new HashMap<>();

    /** What somebody who opens a sum wants to read first; of the others it is the first number. */
    private static final Map<String, String> MAIN = Map.ofEntries(
            Map.entry("tree_mass", "mass_kg"),
            Map.entry("lean_plumb", "lean_deg"),
            Map.entry("crown_offset", "offset_m"),
            Map.entry("wind_load", "force_N"),
            Map.entry("effective_lean", "effective_lean_deg"),
            Map.entry("sight_miss", "miss_m"),
            Map.entry("fall_zone", "exclusion_m"),
            Map.entry("fall_time", "t_total_s"),
            Map.entry("lay_spread", "sigma_deg"),
            Map.entry("release_drift", "final_deg"),
            Map.entry("strike_point", "p_decision"),
            Map.entry("strike_sector", "p_decision"),
            Map.entry("strike_polygon", "p_decision"),
            Map.entry("lay_sweep", "best_deg"),
            Map.entry("strap", "ratio"),
            Map.entry("cuts", "hinge_thick_m"),
            Map.entry("wedges", "lift_needed_m"),
            Map.entry("pull_line", "tension_N"),
            Map.entry("guard_ring", "envelope_m"),
            Map.entry("hung_pull", "rated_needed_N"),
            Map.entry("control_line", "butt_move_max_m"),
            Map.entry("springpole", "energy_J"),
            Map.entry("limb_bind", "energy_elastic_J"),
            Map.entry("rootplate_fallen", "min_stub_m"),
            Map.entry("plate_set_back", "expected_N"),
            Map.entry("rootplate_tilted", "phi_hi_deg"),
            Map.entry("sectionlog", "mass_high_kg"),
            Map.entry("rig_peak", "peak_n"),
            Map.entry("rig_maxmass", "mass_plan_max_kg"),
            Map.entry("rig_maxlog", "length_max_m"),
            Map.entry("rig_letrun", "peak_n"),
            Map.entry("rig_capstan", "wraps_use"),
            Map.entry("rig_section", "moment_allow_nm"),
            Map.entry("rig_stem", "util"),
            Map.entry("rig_links", "util"),
            Map.entry("rig_guy", "guy_needed_n"),
            Map.entry("drop_topout", "pull_needed_n"),
            Map.entry("crane_chart", "capacity_kg"),
            Map.entry("crane_pick", "util"),
            Map.entry("crane_mass", "high"),
            Map.entry("crane_pretension", "show_kg"),
            Map.entry("crane_sling", "leg_n"),
            Map.entry("crane_radius", "radius_used_m"),
            Map.entry("crane_wind", "wind_allowed_ms"),
            Map.entry("crane_tagline", "hold_n"),
            Map.entry("crane_outrigger", "pressure_kpa"),
            Map.entry("crew_check", "makespan"),
            Map.entry("crew_bounds", "lb"),
            Map.entry("crew_schedule", "makespan"),
            Map.entry("side_guy", "tension_N"));

    static {
        add(Question.HOW_BIG, MeasureSums.ALL);
        add(Question.HOW_IT_LEANS, LeanSums.ALL);
        add(Question.HOW_SOUND, HollowSums.ALL);
        add(Question.HOW_IT_FALLS, FallSums.ALL);
        add(Question.WHERE_IT_LIES, LaySums.ALL);
        add(Question.WHERE_IT_LIES, List.of(SweepSum.SWEEP));
        add(Question.HOW_HEAVY, WoodSums.ALL);
        add(Question.HOW_TO_CUT, List.of(CutSum.CUTS));
        add(Question.WHAT_BRINGS_IT_OVER, HelpSums.ALL);
        add(Question.HOW_HEAVY, List.of(PieceSum.PIECE));
        add(Question.WHAT_HANGS, List.of(ReleaseSum.RELEASE));
        add(Question.WHAT_HANGS, GuardSums.ALL);
        add(Question.WHAT_IS_SQUEEZED, BeamSums.ALL);
        add(Question.WHAT_IS_SQUEEZED, List.of(LimbSum.LIMB));
        add(Question.WHAT_THE_PLATE_DOES, PlateSums.ALL);
        add(Question.WHAT_THE_PLATE_DOES, List.of(LeanCurveSum.CURVE));
        add(Question.WHAT_THE_ROPES_BEAR, RopeSums.ALL);
        add(Question.WHAT_THE_STEM_BEARS, SparSums.ALL);
        add(Question.WHAT_FALLS_FREE, DropSums.ALL);
        add(Question.WHAT_THE_CRANE_LIFTS, CraneSums.ALL);
        add(Question.WHAT_THE_CRANE_LIFTS, CranePlaceSums.ALL);
        add(Question.WHO_DOES_WHAT_WHEN, CrewSums.ALL);
    }

    private static void add(Question question, List<Sum> sums) {
        sums.forEach(s -> {
            ALL.put(s.name(), s);
            ASKED.put(s.name(), question);
        });
    }

    /** @return what somebody wants to know who opens this sum */
    public static Question question(Sum sum) {
        return ASKED.getOrDefault(sum.name(), Question.HOW_BIG);
    }

    /** @return name of the number a sum is about, where its answer has one */
    static Optional<String> main(Sum sum, Map<String, @Nullable Object> answer) {
        return Optional.ofNullable(MAIN.get(sum.name()))
                .filter(name -> answer.get(name) instanceof Number)
                .or(() -> answer.entrySet().stream()
                        .filter(e -> e.getValue() instanceof Number)
                        .map(Map.Entry::getKey)
                        .findFirst());
    }

    private Sums() {}

    public static Optional<Sum> named(String name) {
        return Optional.ofNullable(ALL.get(name));
    }

    public static List<Sum> all() {
        return List.copyOf(ALL.values());
    }
}
