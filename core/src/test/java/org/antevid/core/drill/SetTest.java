package org.antevid.core.drill;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What counts as right, and a round that is the same for everybody who takes it. */
class SetTest {
    /** One order that breaks no rule: each as soon as all before it are marked. */
    private static List<Integer> inOrder(Exercise e) {
        List<Integer> open = new ArrayList<>(IntStream.range(0, e.choices().size())
                .filter(i -> e.choices().get(i).right())
                .boxed()
                .toList());
        List<Integer> marked = new ArrayList<>();
        while (!open.isEmpty()) {
            Integer next = open.stream()
                    .filter(i -> marked.containsAll(e.choices().get(i).after()))
                    .findFirst()
                    .orElseThrow();
            marked.add(next);
            open.remove(next);
        }
        return marked;
    }

    @ParameterizedTest
    @EnumSource
    void theTruthIsRightAndAnythingElseIsNot(DrillKind kind) {
        for (int level = 1; level <= kind.levels(); level++) {
            for (int seed = 0; seed < 20; seed++) {
                Exercise e = Drills.of(kind, level, seed);
                List<Integer> truth = inOrder(e);
                assertThat(e.isRight(truth)).isTrue();
                for (int i = 0; i < e.choices().size(); i++) {
                    List<Integer> other = new ArrayList<>(truth);
                    if (!other.remove((Integer) i)) {
                        other.add(i);
                    }
                    assertThat(e.isRight(other)).isFalse();
                }
                List<Integer> backwards = new ArrayList<>(truth);
                Collections.reverse(backwards);
                boolean bound = truth.stream()
                        .anyMatch(i -> truth.containsAll(e.choices().get(i).after())
                                && !e.choices().get(i).after().isEmpty());
                if (e.way() == Answering.ORDER && bound) {
                    assertThat(e.isRight(backwards)).isFalse();
                } else if (e.way() != Answering.ORDER) {
                    assertThat(e.isRight(backwards)).isTrue();
                }
            }
        }
    }

    @ParameterizedTest
    @EnumSource
    void aSetIsTenAtALevelThatTheirKindHas(DrillKind kind) {
        List<Practice.Link> set = Practice.set(List.of(kind, DrillKind.BIND), 4, 7);
        assertThat(set).hasSize(Practice.ROUND).doesNotHaveDuplicates();
        assertThat(set)
                .allSatisfy(l -> assertThat(l.level()).isBetween(1, l.kind().levels()));
        assertThat(set).isEqualTo(Practice.set(List.of(kind, DrillKind.BIND), 4, 7));
    }
}
