package org.antevid.core.judge.crew;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.antevid.core.Samples;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.roster.Breach;
import org.antevid.core.crew.roster.RosterRule;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.HouseRules;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.site.Spot;
import org.junit.jupiter.api.Test;

class MendTest {
    private static final Person NADIA = new Person("nadia", "Nadia Quill", Set.of(Competence.SAW));
    private static final Person SEFA =
            new Person("sefa", "Sefa Marsh", Set.of(Competence.LOOKOUT, Competence.GROUND, Competence.FIRST_AID));
    private static final Person OREN = new Person("oren", "Oren Pike", Set.of(Competence.GROUND));
    private static final Person ADA = new Person("ada", "Ada Thorn", Set.of(Competence.LOOKOUT));
    private static final List<Person> CREW = List.of(NADIA, SEFA, OREN);

    private static Step.Post post(Role role, String person) {
        return new Step.Post(role, person, Optional.of(new Spot(-60, -60)));
    }

    private static Step fell(String id, int turn, String stem, int from, int to, Step.Post... posts) {
        return new Step(id, turn, Step.Kind.FELL, Optional.of(stem), from, to, false, List.of(posts));
    }

    private static Situation situation(List<Person> people, List<Step> steps) {
        return new Situation(
                HouseRules.USUAL,
                Samples.site(),
                Optional.empty(),
                9,
                List.of(),
                Map.of(),
                List.of(),
                steps,
                people,
                "imre",
                List.of());
    }

    @Test
    void whoHasTheHandsFreeTakesTheSecondTaskOfWhoWatches() {
        Step fell = fell("a", 1, "S1", 0, 30, post(Role.CUTTER, "nadia"), post(Role.LOOKOUT, "sefa"));
        Step guard =
                new Step("b", 2, Step.Kind.CLEAR, Optional.of("S2"), 10, 20, false, List.of(post(Role.GROUND, "sefa")));
        List<Person> four = List.of(NADIA, SEFA, OREN, ADA);
        assertThat(Mend.of(situation(four, List.of(fell, guard)), List.of()))
                .singleElement()
                .satisfies(m -> {
                    assertThat(m.says().code()).isEqualTo(MendWords.GIVE);
                    assertThat(m.says().args().get("person")).isEqualTo(Arg.name("Oren Pike"));
                    assertThat(m.says().args().get("was")).isEqualTo(Arg.name("Sefa Marsh"));
                    assertThat(m.says().args().get("rest")).isEqualTo(Arg.terms(List.of(Role.LOOKOUT)));
                    assertThat(m.steps()).singleElement().satisfies(st -> {
                        assertThat(st.id()).isEqualTo("b");
                        assertThat(st.posts())
                                .containsExactly(new Step.Post(
                                        Role.GROUND,
                                        "oren",
                                        guard.posts().get(0).stand()));
                    });
                });
    }

    @Test
    void whoAreInEachOthersPartsChangePlaces() {
        Step crossed = fell("a", 1, "S1", 0, 30, post(Role.CUTTER, "sefa"), post(Role.LOOKOUT, "nadia"));
        assertThat(Mend.of(situation(CREW, List.of(crossed)), List.of()))
                .extracting(m -> m.says().code())
                .containsOnly(MendWords.SWAP);
    }

    @Test
    void whereNobodyElseCanItIsDoneLaterWithAllThatWaitsForIt() {
        Step first = fell("a", 1, "S1", 0, 30, post(Role.CUTTER, "nadia"), post(Role.LOOKOUT, "sefa"));
        Step second = fell("b", 2, "S2", 20, 50, post(Role.CUTTER, "nadia"), post(Role.LOOKOUT, "ada"));
        Step up = new Step(
                "c", 3, Step.Kind.CROSSCUT, Optional.of("S2"), 50, 60, false, List.of(post(Role.CUTTER, "nadia")));
        List<Person> four = List.of(NADIA, SEFA, OREN, ADA);
        assertThat(Mend.of(situation(four, List.of(first, second, up)), List.of()))
                .singleElement()
                .satisfies(m -> {
                    assertThat(m.says().code()).isEqualTo(MendWords.LATER);
                    assertThat(m.steps()).extracting(Step::startMin).containsExactly(30, 60);
                });
    }

    @Test
    void whereNobodyHereCanSomebodyOfTheHouseComes() {
        Step alone = fell("a", 1, "S1", 0, 30, post(Role.CUTTER, "nadia"));
        Person aid = new Person("sefa", "Sefa Marsh", Set.of(Competence.FIRST_AID));
        assertThat(Mend.of(situation(List.of(NADIA, aid), List.of(alone)), List.of(OREN, ADA)))
                .singleElement()
                .satisfies(m -> {
                    assertThat(m.says().code()).isEqualTo(MendWords.BRING);
                    assertThat(m.brings()).contains(ADA);
                    assertThat(m.findings()).singleElement().asString().contains("post");
                });
        assertThat(Mend.of(situation(List.of(NADIA, aid), List.of(alone)), List.of(OREN)))
                .isEmpty();
    }

    @Test
    void ofTwoMissingOneIsAStepOnTheWay() {
        Step empty = fell("a", 1, "S1", 0, 30);
        assertThat(Mend.of(situation(CREW, List.of(empty)), List.of()))
                .singleElement()
                .satisfies(m -> {
                    assertThat(m.says().args().get("person")).isEqualTo(Arg.name("Nadia Quill"));
                    assertThat(m.findings()).hasSize(2);
                });
    }

    /** Law: what is proposed mends what it says it mends, and breaks nothing. */
    @Test
    void nothingThatMendsBreaksAnything() {
        Random random = new Random(7);
        List<Person> all = List.of(NADIA, SEFA, OREN, ADA);
        int proposed = 0;
        for (int round = 0; round < 60; round++) {
            List<Step> steps = new ArrayList<>();
            for (int i = 0; i < 3; i++) {
                int from = random.nextInt(60);
                steps.add(fell(
                        "t" + i,
                        i + 1,
                        "S" + random.nextInt(3),
                        from,
                        from + 10 + random.nextInt(30),
                        post(Role.CUTTER, all.get(random.nextInt(4)).id()),
                        post(Role.LOOKOUT, all.get(random.nextInt(4)).id())));
            }
            Situation s = situation(all, steps);
            Set<Object> before = broken(s);
            for (Mend m : Mend.of(s, List.of())) {
                proposed++;
                List<Step> then = new ArrayList<>(steps);
                then.replaceAll(st -> m.steps().stream()
                        .filter(o -> o.id().equals(st.id()))
                        .findFirst()
                        .orElse(st));
                Set<Object> after = broken(situation(all, then));
                assertThat(before).containsAll(after);
                assertThat(after.size()).isLessThan(before.size());
            }
        }
        assertThat(proposed).isGreaterThan(40);
    }

    private static Set<Object> broken(Situation s) {
        Set<Object> all = new HashSet<>();
        for (Breach b : DayRoster.of(s).check().breaches()) {
            all.add(List.of(b.rule(), Set.copyOf(b.duties()), Set.copyOf(b.hands())));
        }
        return all;
    }

    @Test
    void whatIsMendedIsAFindingOfTheSameKey() {
        Step crossed = fell("a", 1, "S1", 0, 30, post(Role.CUTTER, "sefa"), post(Role.LOOKOUT, "nadia"));
        Situation s = situation(CREW, List.of(crossed));
        List<String> keys = new Staffing().check(s).map(Finding::key).toList();
        assertThat(Mend.of(s, List.of()).stream().flatMap(m -> m.findings().stream()))
                .isSubsetOf(keys)
                .isNotEmpty();
        assertThat(DayRoster.of(s).check().breaches()).extracting(Breach::rule).contains(RosterRule.R02_COMPETENCE);
    }
}
