package org.antevid.core.tangle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ReleaseTest {
    private static Pile.Stem stem(String id, boolean hung, boolean plate) {
        return new Pile.Stem(
                id,
                16,
                400,
                0.25,
                Optional.empty(),
                hung,
                false,
                plate,
                Optional.of(1.5),
                6,
                false,
                Optional.of(20000.0),
                Optional.of(16000.0),
                0.6);
    }

    private static Pile pile(boolean machine, List<Pile.Stem> stems, Pile.Relation... relations) {
        return new Pile(stems, Set.of("T"), machine, List.of(relations));
    }

    static IntStream seeds() {
        return IntStream.range(0, 100);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyOrderKeepsEveryRule(int seed) {
        Random random = new Random(seed);
        int n = 2 + random.nextInt(7);
        List<Pile.Stem> stems = IntStream.range(0, n)
                .mapToObj(i -> stem("A" + i, random.nextBoolean(), random.nextInt(4) == 0))
                .toList();
        List<Pile.Relation> relations = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            for (int k = i + 1; k < n; k++) {
                if (random.nextInt(3) == 0) {
                    relations.add(new Pile.Relation(
                            "A" + i, random.nextInt(5) == 0 ? Pile.Type.BOUND : Pile.Type.RESTS_ON, "A" + k));
                }
            }
        }
        Pile pile = new Pile(stems, Set.of(), false, relations);
        Release release = Release.of(pile);
        assertThat(Release.verifyOrder(pile, release.order()))
                .as("seed %d", seed)
                .isEmpty();
        assertThat(release.order().stream().flatMap(List::stream).distinct().count())
                .as("seed %d", seed)
                .isEqualTo(n);
        assertThat(release.steps()).allSatisfy(s -> assertThat(s.method().values())
                .allSatisfy(m -> assertThat(m.ladder()).endsWith(Method.Way.LEAVE_CORDON_MARK)));
    }

    @Test
    void aHungStemInAStandingTreeClosesTwoLengthsAndKeepsItsSupport() {
        Release r = Release.of(
                pile(false, List.of(stem("S2", true, false)), new Pile.Relation("S2", Pile.Type.RESTS_ON, "T")));
        KeepOut zone = r.steps().get(0).zone().get("S2");
        // 2 x 16 m, widened by slope: 32 (1 + 6/15) = 44.8 m; strip max(5, 16/4) = 5 m
        assertThat(zone.radiusM().orElseThrow()).isEqualTo(44.8);
        assertThat(zone.stripHalfM()).contains(5.0);
        assertThat(r.forbidden()).contains("cut_the_supporting_tree", "work_or_walk_beneath_hung_stem");
        // F = 400 g (0.6 cos 6 + sin 6) = 2752 N; 1.5 F = 4.1 kN, so both winches will do
        assertThat(r.steps().get(0).method().get("S2").ladder())
                .startsWith(Method.Way.TRACTOR_WINCH_FROM_BEHIND, Method.Way.HAND_WINCH_AWAY_FROM_LAY);
    }

    @Test
    void takingTheTopStemOffAPlateSecuresThePlateInThatStep() {
        Release r = Release.of(pile(
                false,
                List.of(stem("A", false, false), stem("B", false, true)),
                new Pile.Relation("A", Pile.Type.RESTS_ON, "B")));
        assertThat(r.steps().get(0).before()).containsExactly("secure_plate:B");
        assertThat(r.steps().get(0).changes()).contains("unloads:B", "opens:B");
    }

    @Test
    void boundStemsAreMachineOnly() {
        Release r = Release.of(pile(
                true,
                List.of(stem("A", false, false), stem("B", false, false)),
                new Pile.Relation("A", Pile.Type.BOUND, "B")));
        assertThat(r.steps()).hasSize(1);
        assertThat(r.steps().get(0).method().get("A").ladder())
                .containsExactly(Method.Way.MACHINE_WITH_CAB, Method.Way.LEAVE_CORDON_MARK);
    }

    @Test
    void aStemLyingOnAHungOneIsNotReachedByHand() {
        Release r = Release.of(pile(
                false,
                List.of(stem("A", false, false), stem("B", true, false)),
                new Pile.Relation("A", Pile.Type.RESTS_ON, "B")));
        Method m = r.steps().get(0).method().get("A");
        assertThat(m.notes()).contains("lies_on_a_hung_stem");
        assertThat(m.ladder()).doesNotContain(Method.Way.HAND_WINCH_AWAY_FROM_LAY, Method.Way.ROTATE_WITH_LEVER);
    }

    @Test
    void aPileThatCannotBeIsRefusedAsAWhole() {
        assertThatThrownBy(() -> pile(false, List.of(stem("A", false, false), stem("A", false, false))))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("DUPLICATE");
        assertThatThrownBy(() ->
                        pile(false, List.of(stem("A", false, false)), new Pile.Relation("A", Pile.Type.BOUND, "A")))
                .hasMessageContaining("SELF_RELATION");
    }
}
