package org.antevid.core.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Exercises of every kind over a thousand seeds, level by level. */
class DrillsTest {
    private static final int SEEDS = 1000;

    static Stream<Arguments> levels() {
        return Stream.of(DrillKind.values()).flatMap(k -> Stream.iterate(1, l -> l <= k.levels(), l -> l + 1)
                .map(l -> Arguments.of(k, l)));
    }

    @ParameterizedTest
    @MethodSource("levels")
    void eachHasAnAnswerAndTheAnswersVary(DrillKind kind, int level) {
        Map<String, Integer> right = new java.util.TreeMap<>();
        int seeds = SEEDS / kind.levels();
        for (long seed = 0; seed < seeds; seed++) {
            Exercise e = Drills.of(kind, level, seed);
            assertThat(e.seed()).isEqualTo(seed);
            assertThat(e.level()).isEqualTo(level);
            if (e.way() == Answering.ONE) {
                assertThat(e.choices().stream().filter(Exercise.Choice::right)).hasSize(1);
            } else {
                assertThat(e.choices()).anyMatch(Exercise.Choice::right);
            }
            assertThat(e.choices()).noneMatch(c -> c.right() && c.abstains());
            assertThat(e.choices().stream().filter(c -> c.right() && c.alone()).count())
                    .as("what says something of all the others is right alone")
                    .isIn(
                            0L,
                            e.choices().stream().filter(Exercise.Choice::right).count());
            if (e.way() == Answering.ORDER && e.choices().stream().noneMatch(c -> c.right() && c.alone())) {
                assertThat(inOrder(e)).as("seed %d", seed).isTrue();
            }
            assertThat(e.truth()).extracting(Exercise.Fact::told).contains(Exercise.Told.NUMBER, Exercise.Told.RULE);
            right.merge(
                    e.choices().stream()
                            .filter(Exercise.Choice::right)
                            .map(c -> c.says().toString() + c.after())
                            .sorted()
                            .toList()
                            .toString(),
                    1,
                    Integer::sum);
        }
        assertThat(right).as("no answer is right all the time").hasSizeGreaterThan(1);
        assertThat(right.values()).allMatch(n -> n < 0.9 * seeds);
    }

    /** Each time one is free: everything it waits for has been taken. */
    private static boolean inOrder(Exercise e) {
        List<Integer> left = new ArrayList<>(IntStream.range(0, e.choices().size())
                .filter(i -> e.choices().get(i).right())
                .boxed()
                .toList());
        while (left.removeIf(i -> e.choices().get(i).after().stream().noneMatch(left::contains))) {
            if (left.isEmpty()) {
                return true;
            }
        }
        return false;
    }

    @Test
    void theSameLinkIsTheSameExercise() {
        for (DrillKind kind : DrillKind.values()) {
            assertThat(Drills.of(kind, 1, 412)).isEqualTo(Drills.of(kind, 1, 412));
            assertThat(Drills.of(kind, 1, 412)).isNotEqualTo(Drills.of(kind, 1, 413));
        }
    }

    @Test
    void whatIsTooNearToCallIsThrownAway() {
        Map<DrillKind, Integer> thrown = new EnumMap<>(DrillKind.class);
        for (DrillKind kind : DrillKind.values()) {
            for (long seed = 0; seed < 60; seed++) {
                thrown.merge(kind, Drills.of(kind, 1, seed).thrownAway(), Integer::sum);
            }
        }
        assertThat(thrown.values()).allMatch(n -> n > 0);
    }

    @Test
    void knowingItAndBeingRightIsWorthMostAndBoastingCosts() {
        assertThat(Sure.KNOW.points(true)).isGreaterThan(Sure.THINK.points(true));
        assertThat(Sure.THINK.points(true)).isGreaterThan(Sure.GUESS.points(true));
        assertThat(Sure.GUESS.points(true)).isEqualTo(Sure.GUESS.points(false));
        assertThat(Sure.KNOW.points(false)).isCloseTo(-0.8, within(0.01));
        assertThat(Sure.THINK.points(false)).isGreaterThan(Sure.KNOW.points(false));
    }

    @Test
    void aLevelThatIsNotThereIsRefused() {
        assertThatThrownBy(() -> Drills.of(DrillKind.LEAN, 9, 1)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> Drills.of(DrillKind.LEAN, 1, -1)).isInstanceOf(RefusedInput.class);
    }
}
