package org.antevid.core;

import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.antevid.core.lay.Dial;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;

/** Times what the leader waits for: one lay while turning, and the whole dial. Run with {@code ./antevid bench}. */
public final class LayBench {
    private LayBench() {
    }

    public static void main(String[] args) {
        Feature[] features = IntStream.range(0, 40).mapToObj(i -> Samples.target("t" + i, 20 + i % 8 * 9, i / 8 * 9 - 20, 1.5, 1 + i % 4)).toArray(Feature[]::new);
        Site site = Samples.site(features);
        var stem = Samples.oak("S1", new Spot(0, 0), List.of());
        report("one lay, 40 targets", 200, i -> LayPlan.of(stem, Samples.toward(i % 360, Samples.WINCH), site, LayPlan.Limits.USUAL));
        report("the dial, 40 targets", 10, i -> Dial.of(stem, Samples.toward(0, Samples.WINCH), site, LayPlan.Limits.USUAL));
    }

    private static void report(String what, int runs, IntFunction<?> work) {
        IntStream.range(0, runs).forEach(work::apply);
        double[] ms = IntStream.range(0, runs).mapToDouble(i -> {
            long start = System.nanoTime();
            work.apply(i);
            return (System.nanoTime() - start) / 1e6;
        }).sorted().toArray();
        System.out.printf("%s: median %.2f ms, 95 %% under %.2f ms, %d runs%n", what, ms[ms.length / 2], ms[(int) (ms.length * 0.95)], runs);
    }
}
