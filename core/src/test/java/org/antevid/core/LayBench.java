package org.antevid.core;

import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
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
import org.antevid.core.stem.StemReading;
import org.antevid.core.takedown.drop.FreeDrop;
import org.antevid.core.takedown.pieces.Aloft;
import org.antevid.core.takedown.pieces.Below;
import org.antevid.core.takedown.pieces.Cut;
import org.antevid.core.takedown.pieces.CutFigure;
import org.antevid.core.takedown.pieces.Gear;
import org.antevid.core.takedown.pieces.Limb;
import org.antevid.core.takedown.pieces.Proposal;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.core.takedown.pieces.Way;

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
        takenDown(stem);
    }

    /** Thirty limbs, each in two pieces: 60 on a lowering line, and the fewest that are proposed. */
    private static void takenDown(StemReading stem) {
        List<Limb> limbs = IntStream.range(0, 30)
                .mapToObj(i -> new Limb("L" + i, 6 + i / 4.0, 0.12, 4, (i * 37) % 360, 30, false))
                .toList();
        List<Cut> cuts = limbs.stream()
                .flatMap(l -> Stream.of(2.0, 0.0)
                        .map(at -> new Cut(
                                Optional.of(l.id()),
                                at,
                                Way.LET_RUN,
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty())))
                .toList();
        Gear gear = new Gear(
                part(62_000),
                part(45_000),
                part(40_000),
                part(20_000),
                Optional.empty(),
                8,
                200,
                0.3,
                Optional.empty());
        Below below = new Below(FreeDrop.Surface.TURF, 3, 8, 10);
        CutFigure figure = CutFigure.of(stem, limbs);
        Aloft aloft = Aloft.of(stem);
        report("60 pieces of a tree taken down", 40, i -> TakeDown.of(figure, aloft, cuts, gear, below));
        report("pieces proposed for 30 limbs and a stem", 10, i -> Proposal.of(figure, aloft, gear, below));
    }

    private static Optional<Gear.Part> part(double strengthN) {
        return Optional.of(new Gear.Part("part", strengthN, true, Optional.empty()));
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
