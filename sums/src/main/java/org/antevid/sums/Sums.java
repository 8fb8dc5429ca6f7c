package org.antevid.sums;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** All sums by name. */
public final class Sums {
    private static final Map<String, Sum> ALL = new LinkedHashMap<>();

    private static final Map<String, Question> ASKED = new HashMap<>();

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
        add(Question.WHAT_HANGS, List.of(ReleaseSum.RELEASE));
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

    private Sums() {}

    public static Optional<Sum> named(String name) {
        return Optional.ofNullable(ALL.get(name));
    }

    public static List<Sum> all() {
        return List.copyOf(ALL.values());
    }
}
