package org.antevid.core.lay.dial;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.concurrent.ForkJoinPool;
import java.util.stream.LongStream;
import org.antevid.core.Samples;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemReading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** All directions at once: complete, in order, and of one mind with single lays and coarser dials. */
class DialTest {
    private static final StemReading OAK = Samples.oak("S1", new Spot(0, 0), java.util.List.of());

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 8);
    }

    private static Site place(long seed) {
        Random r = new Random(seed);
        return Samples.site(java.util.stream.IntStream.range(0, 5)
                .mapToObj(i -> Samples.target(
                        "t" + i,
                        60 * r.nextDouble() - 30,
                        60 * r.nextDouble() - 30,
                        1 + r.nextDouble(),
                        1 + r.nextInt(4)))
                .toArray(Feature[]::new));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theRunsGoOnceRoundWithoutAGap(long seed) {
        Dial d = Dial.of(OAK, Samples.toward(0, Samples.WINCH), place(seed), LayPlan.Limits.USUAL);
        assertThat(d.runs().get(0).fromDeg()).isZero();
        assertThat(d.runs().get(d.runs().size() - 1).toDeg()).isEqualTo(360);
        for (int i = 1; i < d.runs().size(); i++) {
            assertThat(d.runs().get(i).fromDeg())
                    .as("seed %d", seed)
                    .isEqualTo(d.runs().get(i - 1).toDeg());
        }
        assertThat(d.degrees(Dial.State.BLOCKED) + d.degrees(Dial.State.COSTLY) + d.degrees(Dial.State.OPEN))
                .isEqualTo(360);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aCoarseDialIsOfTheSameMindButForItsStep(long seed) {
        Dial fine = Dial.of(OAK, Samples.toward(0, Samples.WINCH), place(seed), LayPlan.Limits.USUAL);
        Dial coarse = Dial.of(OAK, Samples.toward(0, Samples.WINCH), place(seed), LayPlan.Limits.USUAL, 6);
        int edges = fine.runs().size();
        assertThat(Math.abs(fine.degrees(Dial.State.BLOCKED) - coarse.degrees(Dial.State.BLOCKED)))
                .as("seed %d", seed)
                .isLessThanOrEqualTo(6.0 * edges);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anotherTargetNeverFreesALay(long seed) {
        Site less = place(seed);
        Feature[] more = java.util.stream.Stream.concat(
                        less.features().stream(), java.util.stream.Stream.of(Samples.target("new", 12, 9, 2, 4)))
                .toArray(Feature[]::new);
        double before = Dial.of(OAK, Samples.toward(0, Samples.WINCH), less, LayPlan.Limits.USUAL, 6)
                .degrees(Dial.State.BLOCKED);
        double after = Dial.of(OAK, Samples.toward(0, Samples.WINCH), Samples.site(more), LayPlan.Limits.USUAL, 6)
                .degrees(Dial.State.BLOCKED);
        assertThat(after).as("seed %d", seed).isGreaterThanOrEqualTo(before);
    }

    @Test
    void anEmptyPlaceIsOpenAllRoundForAStemThatIsHeld() {
        Dial d = Dial.of(OAK, Samples.toward(0, Samples.WINCH), Samples.site(), LayPlan.Limits.USUAL);
        assertThat(d.degrees(Dial.State.OPEN)).isEqualTo(360);
        assertThat(d.widest(Dial.State.OPEN)).isPresent();
        assertThat(d.widest(Dial.State.BLOCKED)).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void itSaysTheSameHoweverManyProcessorsShareIt(long seed) throws Exception {
        ForkJoinPool alone = new ForkJoinPool(1);
        ForkJoinPool shared = new ForkJoinPool(4);
        try {
            Dial one = alone.submit(() -> dial(seed)).get();
            for (int i = 0; i < 5; i++) {
                assertThat(shared.submit(() -> dial(seed)).get())
                        .as("seed %d", seed)
                        .isEqualTo(one);
            }
        } finally {
            alone.shutdown();
            shared.shutdown();
        }
    }

    private static Dial dial(long seed) {
        return Dial.of(OAK, Samples.toward(0, Samples.WINCH), place(seed), LayPlan.Limits.USUAL);
    }
}
