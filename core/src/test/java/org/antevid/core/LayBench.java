package org.antevid.core;

import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.dial.Dial;
import org.antevid.core.lay.rehearsal.Rehearsal;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.StandingTree;

/** Times what the leader waits for: one lay while turning, and the whole dial. Run with {@code ./antevid bench}. */
public final class LayBench {
    private LayBench() {}

    public static void main(String[] args) {
        Feature[] features = IntStream.range(0, 60)
                .mapToObj(i -> i % 3 > 0
                        ? Samples.target("t" + i, 20 + i % 8 * 9, i / 8 * 9 - 20, 1.5, 1 + i % 4)
                        : house("h" + i, i % 10 * 9 - 45, i / 10 * 12 - 30, 1 + i % 4))
                .toArray(Feature[]::new);
        List<StandingTree> trees = IntStream.range(0, 40)
                .mapToObj(i -> new StandingTree("n" + i, new Spot(i % 8 * 7 - 25, i / 8 * 9 - 22), 18, 3, 0.4))
                .toList();
        Site site = Samples.site(features).with(trees);
        var stem = Samples.oak("S1", new Spot(0, 0), List.of());
        report(
                "one lay, 60 targets, 40 neighbours",
                300,
                i -> LayPlan.of(stem, Samples.toward(i % 360, Samples.WINCH), site, LayPlan.Limits.USUAL));
        report(
                "all 360 lays, 60 targets, 40 neighbours",
                60,
                i -> Dial.of(stem, Samples.toward(0, Samples.WINCH), site, LayPlan.Limits.USUAL));
        LayPlan plan = LayPlan.of(stem, Samples.toward(0, Samples.WINCH), site, LayPlan.Limits.USUAL);
        report("a cut card with its steps, line and measures", 300, i -> {
            CutPlan card = CutPlan.of(plan, site);
            return List.of(card.steps(), card.measures());
        });
        report("the five types of cut side by side, 60 targets", 60, i -> CutPlan.of(plan, site)
                .types(site));
        report(
                "a rehearsal of 10,000 falls, 60 targets",
                30,
                i -> Rehearsal.of(
                        plan, new Rehearsal.WhatIf(9, Optional.of(30.0), Rehearsal.Corner.LEFT, 0.02), 10_000, i));
    }

    private static Feature house(String id, double east, double north, int worth) {
        return new Feature(
                id,
                id,
                FeatureKind.OTHER,
                Shape.polygon(List.of(
                        new Spot(east, north),
                        new Spot(east + 6, north + 1),
                        new Spot(east + 5, north + 6),
                        new Spot(east - 1, north + 5))),
                worth,
                false,
                Protection.NONE,
                "",
                false);
    }

    /** What was made last: a machine that sees an answer nobody reads may leave the work out. */
    private static volatile Object made = "";

    private static void report(String what, int runs, IntFunction<?> work) {
        IntStream.range(0, runs).forEach(i -> made = work.apply(i));
        double[] ms = IntStream.range(0, runs)
                .mapToDouble(i -> {
                    long start = System.nanoTime();
                    made = work.apply(i);
                    return (System.nanoTime() - start) / 1e6;
                })
                .sorted()
                .toArray();
        System.out.printf(
                "%s: median %.2f ms, 95 %% under %.2f ms, %d runs%n",
                what, ms[ms.length / 2], ms[(int) (ms.length * 0.95)], runs);
    }
}
