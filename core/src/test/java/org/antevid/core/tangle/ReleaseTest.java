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
                Optional.of(16.0),
                Optional.of(400.0),
                Optional.of(0.25),
                Optional.empty(),
                hung,
                false,
                plate,
                false,
                Optional.of(1.5),
                1,
                6,
                6,
                0.6,
                0.2,
                Optional.of(20000.0),
                Optional.of(16000.0));
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
                .allSatisfy(m -> assertThat(m.ladder()).endsWith(Ways.Way.LEAVE_CORDON_MARK)));
    }

    @Test
    void aHungStemInAStandingTreeClosesTwoLengthsAndKeepsItsSupport() {
        Release r = Release.of(
                pile(false, List.of(stem("S2", true, false)), new Pile.Relation("S2", Pile.Type.RESTS_ON, "T")));
        GuardRing zone = r.steps().get(0).zone().get("S2");
        // 2 x 16 m, downhill widened by slope: 32 (1 + 6/15) = 44.8 m; strip max(5, 16/4) = 5 m
        assertThat(zone.radiusM()).contains(32.0);
        assertThat(zone.downslopeM().orElseThrow()).isEqualTo(44.8);
        assertThat(zone.stripHalfM()).contains(5.0);
        assertThat(r.forbidden())
                .contains(Release.Forbidden.CUT_THE_SUPPORTING_TREE, Release.Forbidden.WORK_OR_WALK_BENEATH_HUNG_STEM);
        // F = 400 g (0.6 cos 6 + sin 6) = 2752 N; 1.5 F = 4.1 kN, so both winches will do
        assertThat(r.steps().get(0).method().get("S2").ladder())
                .startsWith(Ways.Way.TRACTOR_WINCH_FROM_BEHIND, Ways.Way.HAND_WINCH_AWAY_FROM_LAY);
    }

    @Test
    void takingTheTopStemOffAPlateSecuresThePlateInThatStep() {
        Release r = Release.of(pile(
                false,
                List.of(stem("A", false, false), stem("B", false, true)),
                new Pile.Relation("A", Pile.Type.RESTS_ON, "B")));
        assertThat(r.steps().get(0).before()).extracting(Preparation::label).containsExactly("secure_plate:B");
        assertThat(r.steps().get(0).changes()).extracting(Effect::label).containsExactly("opens:B", "unloads:B");
        assertThat(r.steps().get(1).before()).extracting(Preparation::label).containsExactly("secure_plate:B");
    }

    @Test
    void boundStemsAreMachineOnly() {
        Release r = Release.of(pile(
                true,
                List.of(stem("A", false, false), stem("B", false, false)),
                new Pile.Relation("A", Pile.Type.BOUND, "B")));
        assertThat(r.steps()).hasSize(1);
        assertThat(r.steps().get(0).method().get("A").ladder())
                .containsExactly(Ways.Way.MACHINE_WITH_CAB, Ways.Way.LEAVE_CORDON_MARK);
    }

    @Test
    void aStemLyingOnAHungOneIsNotReachedByHand() {
        Release r = Release.of(pile(
                false,
                List.of(stem("A", false, false), stem("B", true, false)),
                new Pile.Relation("A", Pile.Type.RESTS_ON, "B")));
        Ways m = r.steps().get(0).method().get("A");
        assertThat(m.whyNot()).containsEntry(Ways.Way.HAND_WINCH_AWAY_FROM_LAY, Ways.Reason.LIES_ON_A_HUNG_STEM);
        assertThat(m.ladder()).doesNotContain(Ways.Way.HAND_WINCH_AWAY_FROM_LAY, Ways.Way.ROTATE_WITH_LEVER);
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
