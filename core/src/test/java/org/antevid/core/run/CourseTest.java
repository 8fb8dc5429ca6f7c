package org.antevid.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import org.antevid.core.run.Happening.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Two people, one step, one path that is closed. */
class CourseTest {
    private static final Set<String> POSTED = Set.of("nadia", "sefa");
    private static final Set<String> ASKED = Set.of("path");
    private final List<Happening> all = new ArrayList<>();

    private long add(Kind kind, String who, String subject) {
        all.add(Happening.of(all.size() + 1, kind, who, subject));
        return all.size();
    }

    private void through(Kind kind, String subject, long seen) {
        all.add(new Happening(all.size() + 1, kind, "imre", subject, "", seen));
    }

    private Course course() {
        return Course.of(all);
    }

    private boolean going() {
        return course().going("step", POSTED, ASKED).isPresent();
    }

    private void allGreen() {
        add(Kind.SIGNAL_TRIED, "imre", "");
        add(Kind.READY, "nadia", "step");
        add(Kind.READY, "sefa", "step");
        add(Kind.STILL_SO, "sefa", "path");
    }

    @Test
    void aGoGoesWhenAllWasSeenByItsGiver() {
        allGreen();
        assertThat(going()).isFalse();
        through(Kind.GO, "step", 4);
        assertThat(going()).isTrue();
    }

    @Test
    void aHoldThatCrossesTheGoLeavesNoGoAlsoAfterTheLift() {
        allGreen();
        add(Kind.PRESSED, "sefa", "h1");
        through(Kind.GO, "step", 4);
        assertThat(going()).isFalse();
        through(Kind.LIFTED, "h1", 5);
        assertThat(course().standing()).isEmpty();
        assertThat(going()).isFalse();
        assertThat(course().ready("step")).isEmpty();
    }

    @Test
    void aPressThatCrossesTheLiftIsAHoldOfItsOwn() {
        long first = add(Kind.PRESSED, "sefa", "h1");
        add(Kind.PRESSED, "tove", "h2");
        through(Kind.LIFTED, "h1", first);
        assertThat(course().holds()).hasSize(2);
        assertThat(course().standing().orElseThrow().presses())
                .extracting(Happening::subject)
                .containsExactly("h2");
        through(Kind.LIFTED, "h2", 2);
        assertThat(course().standing()).isEmpty();
    }

    @Test
    void morePressesAreReceiptsOnTheOneHoldAndOneLiftEndsIt() {
        add(Kind.PRESSED, "sefa", "h1");
        add(Kind.PRESSED, "nadia", "h2");
        add(Kind.SEEN, "tove", "h1");
        add(Kind.STOPPED, "nadia", "h2");
        Hold hold = course().standing().orElseThrow();
        assertThat(hold.presses()).hasSize(2);
        assertThat(hold.receipts()).hasSize(2);
        through(Kind.LIFTED, "h1", hold.newest());
        assertThat(course().holds()).singleElement().satisfies(h -> assertThat(h.stands())
                .isFalse());
    }

    @Test
    void notReadyNotSoAnEndAndADoneEachTakeTheGoAway() {
        for (Kind ends : List.of(Kind.NOT_READY, Kind.NOT_SO, Kind.ENDED, Kind.DONE, Kind.PRESSED)) {
            all.clear();
            allGreen();
            through(Kind.GO, "step", 4);
            add(ends, "nadia", ends == Kind.NOT_READY ? "step" : ends == Kind.NOT_SO ? "path" : "x");
            assertThat(going()).as(ends.name()).isFalse();
        }
    }

    @Test
    void whoGetsReadyAgainNeedsANewGo() {
        allGreen();
        through(Kind.GO, "step", 4);
        add(Kind.NOT_READY, "nadia", "step");
        add(Kind.READY, "nadia", "step");
        assertThat(course().ready("step")).containsKeys("nadia", "sefa");
        assertThat(going()).as("the go was given before").isFalse();
        assertThat(course().openGo()).as("the watch ends it").isPresent();
        through(Kind.GO, "step", 7);
        assertThat(going()).isTrue();
    }

    @Test
    void aGoOfAnotherStepIsNoGo() {
        allGreen();
        through(Kind.GO, "other", 4);
        assertThat(going()).isFalse();
    }

    @Test
    void ticksAreTakenBackByUnticking() {
        all.add(new Happening(1, Kind.TICKED, "nadia", "step", "saw", 0));
        all.add(new Happening(2, Kind.TICKED, "sefa", "step", "saw", 0));
        assertThat(course().ticked("step").get("saw").personId()).isEqualTo("nadia");
        all.add(new Happening(3, Kind.UNTICKED, "sefa", "step", "saw", 0));
        assertThat(course().ticked("step")).isEmpty();
        assertThat(course().ticked("other")).isEmpty();
    }

    @Test
    void aHappeningWithoutAPlaceInTheOrderIsRefused() {
        assertThatThrownBy(() -> Happening.of(0, Kind.READY, "nadia", "step"))
                .isInstanceOf(IllegalArgumentException.class);
    }

    static LongStream seeds() {
        return LongStream.range(0, 400);
    }

    /**
     * Laws over random interleavings: a press is in exactly one hold; while one stands nothing goes; what went on had
     * everybody ready before it.
     */
    @ParameterizedTest
    @MethodSource("seeds")
    void noHoldIsLostAndNothingGoesWithoutItsReasons(long seed) {
        Random random = new Random(seed);
        Kind[] kinds = Kind.values();
        List<String> presses = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            Kind kind = kinds[random.nextInt(kinds.length)];
            String who = random.nextBoolean() ? "nadia" : "sefa";
            long seen = Math.max(0, all.size() - random.nextInt(4));
            switch (kind) {
                case GO -> through(Kind.GO, "step", seen);
                case LIFTED -> through(Kind.LIFTED, "", seen);
                case PRESSED -> presses.add("h" + add(kind, who, "h" + (all.size() + 1)));
                case STILL_SO, NOT_SO -> add(kind, who, "path");
                case DONE, ENDED -> {
                    if (random.nextInt(4) == 0) {
                        add(kind, who, "step");
                    }
                }
                default -> add(kind, who, "step");
            }
            Course c = course();
            assertThat(c.holds().stream().flatMap(h -> h.presses().stream()).map(Happening::subject))
                    .as("seed " + seed)
                    .containsExactlyInAnyOrderElementsOf(presses);
            assertThat(c.holds().stream().filter(Hold::stands).count()).isLessThanOrEqualTo(1);
            if (going()) {
                assertThat(c.standing()).as("seed " + seed).isEmpty();
                assertThat(c.ready("step")).as("seed " + seed).containsKeys("nadia", "sefa");
                assertThat(c.stillSo()).as("seed " + seed).containsKey("path");
                assertThat(c.openGo()).isPresent();
            }
        }
    }
}
