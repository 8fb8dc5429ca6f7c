package org.antevid.core.judge.crew;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.Samples;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.HouseRules;
import org.antevid.core.judge.Situation;
import org.junit.jupiter.api.Test;

class DayTimesTest {
    private static final List<Person> CREW = List.of(
            new Person("nadia", "Nadia Quill", Set.of(Competence.SAW)),
            new Person("sefa", "Sefa Marsh", Set.of(Competence.LOOKOUT, Competence.FIRST_AID)),
            new Person("oren", "Oren Pike", Set.of(Competence.LOOKOUT)));

    private static Step fell(int turn, int from, int to, String watches) {
        return new Step(
                "t" + turn,
                turn,
                Step.Kind.FELL,
                Optional.of("S" + turn),
                from,
                to,
                false,
                List.of(
                        new Step.Post(Role.CUTTER, "nadia", Optional.empty()),
                        new Step.Post(Role.LOOKOUT, watches, Optional.empty())));
    }

    private static Situation day(List<Person> people, Step... steps) {
        return new Situation(
                HouseRules.USUAL,
                Samples.site(),
                Optional.empty(),
                9,
                List.of(),
                Map.of(),
                List.of(),
                List.of(steps),
                people,
                "imre",
                List.of());
    }

    @Test
    void theOnlyCutterBindsAndTheIdleTimeIsFound() {
        Situation s = day(CREW, fell(1, 0, 30, "sefa"), fell(2, 50, 80, "oren"));
        DayRoster d = DayRoster.of(s);
        DayTimes times = DayTimes.of(d).orElseThrow();
        assertThat(times.endMin()).isEqualTo(80);
        assertThat(times.bounds().orElseThrow().lowestMin()).isEqualTo(60);
        assertThat(times.binds(d).orElseThrow().code()).isEqualTo(Binds.PERSONS);
        DayTimes.Shorter shorter = DayTimes.shorter(s, 300).orElseThrow();
        assertThat(shorter.endMin()).isEqualTo(60);
        assertThat(shorter.provenBest()).isTrue();
        assertThat(shorter.oneMore()).containsExactly(Map.entry(Competence.SAW, 30));
        List<Step> then = new ArrayList<>(s.steps());
        then.replaceAll(st -> shorter.steps().stream()
                .filter(o -> o.id().equals(st.id()))
                .findFirst()
                .orElse(st));
        assertThat(DayRoster.of(day(CREW, then.toArray(Step[]::new))).check().feasible())
                .isTrue();
    }

    @Test
    void aSecondSawSavesNothingWhereTheOrderBinds() {
        Step up = new Step(
                "up",
                2,
                Step.Kind.CROSSCUT,
                Optional.of("S1"),
                30,
                50,
                false,
                List.of(new Step.Post(Role.CUTTER, "nadia", Optional.empty())));
        Situation s = day(CREW, fell(1, 0, 30, "sefa"), up);
        DayRoster d = DayRoster.of(s);
        assertThat(DayTimes.of(d).orElseThrow().binds(d).orElseThrow().code()).isEqualTo(Binds.ORDER);
        assertThat(DayTimes.shorter(s, 300).orElseThrow().oneMore()).isEmpty();
    }

    @Test
    void timesThatNobodySaidAreOffByAThird() {
        assertThat(fell(1, 0, 30, "sefa").likely()).isEqualTo(new Step.Spread(21, 39));
        assertThat(DayTimes.of(DayRoster.of(day(CREW, fell(1, 0, 30, "sefa"))))
                        .orElseThrow()
                        .chain()
                        .likely80Min())
                .isEqualTo(33);
    }

    @Test
    void whatNobodyCanDoHasNoBoundAndNoShorterDay() {
        Situation s = day(CREW.subList(1, 3), fell(1, 0, 30, "sefa"));
        assertThat(DayTimes.of(DayRoster.of(s)).orElseThrow().bounds()).isEmpty();
        assertThat(DayTimes.shorter(s, 10)).isEmpty();
    }
}
