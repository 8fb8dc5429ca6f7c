package org.antevid.core.tangle;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What holds of every pile, over thousands of seeded ones. */
class PileLawsTest {
    private static final int PILES = 2000;
    private static final String TREE = "T";

    private static Pile.Stem stem(Random r, String id, double massShare) {
        Optional<Double> mass = r.nextInt(5) == 0 ? Optional.empty() : Optional.of(massShare * (50 + r.nextInt(1500)));
        return new Pile.Stem(
                id,
                r.nextInt(5) == 0 ? Optional.empty() : Optional.of(4.0 + r.nextInt(20)),
                mass,
                Optional.of(0.1 + 0.01 * r.nextInt(30)),
                Optional.empty(),
                r.nextInt(4) == 0,
                r.nextInt(6) == 0,
                r.nextInt(6) == 0,
                r.nextInt(8) == 0,
                Optional.of(1.5),
                0.8,
                r.nextInt(25),
                r.nextInt(25) - 12,
                0.6,
                0.2,
                Optional.of(1000.0 * r.nextInt(60)),
                Optional.of(500.0 * r.nextInt(40)));
    }

    private static List<Pile.Stem> stems(int seed, double massShare) {
        Random r = new Random(seed);
        int n = 2 + r.nextInt(7);
        List<Pile.Stem> stems = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            stems.add(stem(r, "A" + i, massShare));
        }
        return stems;
    }

    private static Pile.Relation relation(Random r, int n, boolean towardTree) {
        String a = "A" + r.nextInt(n);
        String b = towardTree ? TREE : "A" + r.nextInt(n);
        Pile.Type type = Pile.Type.values()[r.nextInt(Pile.Type.values().length)];
        return new Pile.Relation(
                a,
                type,
                b,
                Pile.Carries.values()[r.nextInt(Pile.Carries.values().length)],
                Pile.SeverFrom.values()[r.nextInt(Pile.SeverFrom.values().length)]);
    }

    private static List<Pile.Relation> relations(int seed, int n) {
        Random r = new Random(seed * 31L + 7);
        List<Pile.Relation> relations = new ArrayList<>();
        for (int i = 0; i < 2 + r.nextInt(2 * n); i++) {
            Pile.Relation next = relation(r, n, r.nextInt(5) == 0);
            if (!next.a().equals(next.b()) && relations.stream().noneMatch(next::same)) {
                relations.add(next);
            }
        }
        return relations;
    }

    private static Pile pile(List<Pile.Stem> stems, List<Pile.Relation> relations) {
        return new Pile(stems, Set.of(TREE), false, relations);
    }

    /** @return the ways of each stem's removal */
    private static Map<String, Ways> removals(Release release) {
        Map<String, Ways> ways = new HashMap<>();
        release.steps().stream().filter(s -> s.kind() != Release.Kind.SEVER_TIE).forEach(s -> ways.putAll(s.method()));
        return ways;
    }

    /** Written anew, from the relations alone: whoever goes has nothing left that bears on it, but in its own step. */
    private static void replay(Pile pile, Release release) {
        Set<String> gone = new HashSet<>();
        for (List<String> step : release.order()) {
            for (Pile.Relation r : pile.relations()) {
                boolean among = !r.a().equals(TREE) && !r.b().equals(TREE);
                if (among && step.contains(r.b()) && r.type() != Pile.Type.BOUND) {
                    assertThat(gone.contains(r.a()) || step.contains(r.a()))
                            .as("%s before %s", r.a(), r.b())
                            .isTrue();
                }
                if (among && r.type() == Pile.Type.BOUND) {
                    assertThat(step.contains(r.a())).isEqualTo(step.contains(r.b()));
                }
            }
            gone.addAll(step);
        }
        assertThat(gone).hasSize(pile.stems().size());
    }

    @Test
    void noOrderBreaksARelationAndTheListingIsNoMatter() {
        for (int seed = 0; seed < PILES; seed++) {
            List<Pile.Stem> stems = stems(seed, 1);
            List<Pile.Relation> relations = relations(seed, stems.size());
            Pile pile = pile(stems, relations);
            Release release = Release.of(pile);
            replay(pile, release);
            assertThat(Release.verifyOrder(pile, release.order())).isEmpty();
            List<Pile.Stem> shuffled = new ArrayList<>(stems);
            List<Pile.Relation> mixed = new ArrayList<>(relations);
            Collections.shuffle(shuffled, new Random(seed));
            Collections.shuffle(mixed, new Random(seed + 1L));
            assertThat(Release.of(pile(shuffled, mixed)).order())
                    .as("seed %d", seed)
                    .isEqualTo(release.order());
            assertThat(Release.of(pile(stems(seed, 3), relations)).order())
                    .as("masses are no matter, seed %d", seed)
                    .isEqualTo(release.order());
        }
    }

    /** Holding one of those the ring names opens it; only it may then come after what it bears on, let go before. */
    @Test
    void holdingOneThatTheRingNamesOpensItAndLeavesNoHandBeneathIt() {
        int opened = 0;
        for (int seed = 0; seed < PILES; seed++) {
            List<Pile.Stem> stems = stems(seed, 1);
            List<Pile.Relation> relations = relations(seed, stems.size());
            for (Release.Deadlock ring : Release.of(pile(stems, relations)).deadlocks()) {
                for (String id : ring.holdOneOf()) {
                    opened++;
                    opens(new Pile(stems, Set.of(TREE), false, relations, Set.of(id)), ring, id);
                }
            }
        }
        assertThat(opened).as("rings that were opened").isGreaterThan(100);
    }

    private static void opens(Pile held, Release.Deadlock ring, String id) {
        Release release = Release.of(held);
        assertThat(release.deadlocks()).noneMatch(d -> d.stems().contains(id));
        assertThat(Release.verifyOrder(held, release.order())).isEmpty();
        List<Release.Step> steps = release.steps();
        int letGo =
                first(steps, s -> s.kind() == Release.Kind.LET_GO && s.stems().contains(id));
        int removed = first(steps, s -> s.kind().removes() && s.stems().contains(id));
        assertThat(letGo).isBetween(0, removed - 1);
        for (Release.Step s : steps) {
            boolean before = s.kind().removes() && s.stems().stream().anyMatch(ring.stems()::contains);
            if (before && !s.stems().contains(id)) {
                assertThat(s.before())
                        .anyMatch(p ->
                                p.kind() == Preparation.Kind.HOLD && p.stem().equals(id));
            }
        }
        held.amongRemoved().stream()
                .filter(r -> r.type() != Pile.Type.BOUND
                        && r.a().equals(id)
                        && ring.stems().contains(r.b()))
                .forEach(r -> assertThat(removals(release).get(r.b()).ladder()).noneMatch(Ways.Way::byHand));
    }

    private static int first(List<Release.Step> steps, Predicate<Release.Step> which) {
        return IntStream.range(0, steps.size())
                .filter(i -> which.test(steps.get(i)))
                .findFirst()
                .orElse(-1);
    }

    /** What is held outside a ring changes nothing. */
    @Test
    void aHoldOutsideARingChangesNoOrder() {
        for (int seed = 0; seed < PILES; seed++) {
            List<Pile.Stem> stems = stems(seed, 1);
            List<Pile.Relation> relations = relations(seed, stems.size());
            Release release = Release.of(pile(stems, relations));
            Set<String> outside = new HashSet<>();
            stems.stream()
                    .map(Pile.Stem::id)
                    .filter(id -> release.deadlocks().stream()
                            .noneMatch(d -> d.stems().contains(id)))
                    .forEach(outside::add);
            assertThat(Release.of(new Pile(stems, Set.of(TREE), false, relations, outside)))
                    .as("seed %d", seed)
                    .isEqualTo(release);
        }
    }

    @Test
    void whatBearsOnAHungStemAtAnyDepthHasNoHandWay() {
        for (int seed = 0; seed < PILES; seed++) {
            List<Pile.Stem> stems = stems(seed, 1);
            Pile pile = pile(stems, relations(seed, stems.size()));
            Map<String, Set<String>> below = pile.restsOn();
            removals(Release.of(pile)).forEach((id, ways) -> {
                if (below.get(id).stream().anyMatch(b -> pile.stem(b).hung())) {
                    assertThat(ways.ladder()).noneMatch(Ways.Way::byHand);
                }
                assertThat(ways.ladder()).endsWith(Ways.Way.LEAVE_CORDON_MARK);
                assertThat(ways.ladder().size() + ways.whyNot().size()).isEqualTo(6);
            });
        }
    }

    @Test
    void aTieToWhatStaysLeavesTheMachineAndIsSeveredRightBefore() {
        for (int seed = 0; seed < PILES; seed++) {
            List<Pile.Stem> stems = stems(seed, 1);
            Pile pile = pile(stems, relations(seed, stems.size()));
            Release release = Release.of(pile);
            for (Pile.Relation tie :
                    pile.tiesToStanding(stems.stream().map(Pile.Stem::id).toList())) {
                assertThat(removals(release).get(tie.a()).ladder())
                        .noneMatch(Ways.Way::byHand)
                        .doesNotContain(Ways.Way.TRACTOR_WINCH_FROM_BEHIND);
                assertThat(release.steps())
                        .filteredOn(s -> s.kind() == Release.Kind.SEVER_TIE)
                        .anySatisfy(
                                s -> assertThat(s.tie().orElseThrow().same(tie)).isTrue());
            }
        }
    }

    @Test
    void knowingOneMoreDoubtfulRelationNeverAddsAHandOrWinchWay() {
        for (int seed = 0; seed < PILES; seed++) {
            List<Pile.Stem> stems = stems(seed, 1);
            List<Pile.Relation> relations = relations(seed, stems.size());
            Random r = new Random(seed * 17L);
            Pile.Relation more = relation(r, stems.size(), r.nextBoolean());
            if (more.a().equals(more.b()) || relations.stream().anyMatch(more::same)) {
                continue;
            }
            List<Pile.Relation> all = new ArrayList<>(relations);
            all.add(more);
            int at = seed;
            Map<String, Ways> before = removals(Release.of(pile(stems, relations)));
            removals(Release.of(pile(stems, all))).forEach((id, ways) -> assertThat(ways.ladder())
                    .as("seed %d, %s", at, id)
                    .isSubsetOf(before.get(id).ladder()));
        }
    }

    @Test
    void heavierNeverAddsAWay() {
        for (int seed = 0; seed < PILES; seed++) {
            List<Pile.Stem> stems = stems(seed, 1);
            List<Pile.Relation> relations = relations(seed, stems.size());
            Map<String, Ways> light = removals(Release.of(pile(stems, relations)));
            removals(Release.of(pile(stems(seed, 1.7), relations))).forEach((id, ways) -> assertThat(ways.ladder())
                    .isSubsetOf(light.get(id).ladder()));
        }
    }
}
