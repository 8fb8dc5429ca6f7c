package org.antevid.core.crew;

import static org.antevid.core.Samples.PEOPLE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Test;

class CrewCheckTest {
    private static Step step(String id, int from, int to, Step.Post... posts) {
        return new Step(id, 1, Step.Kind.FELL, Optional.of("S1"), from, to, false, List.of(posts));
    }

    private static Step.Post post(Role role, String person) {
        return new Step.Post(role, person, Optional.empty());
    }

    @Test
    void aWellStaffedStepHasNoViolation() {
        assertThat(CrewCheck.of(
                        List.of(step("a", 0, 30, post(Role.CUTTER, "nadia"), post(Role.LOOKOUT, "sefa"))), PEOPLE))
                .isEmpty();
    }

    @Test
    void missingCompetenceIsNamedInWords() {
        assertThat(CrewCheck.of(List.of(step("a", 0, 30, post(Role.CUTTER, "sefa"))), PEOPLE))
                .singleElement()
                .satisfies(v -> {
                    assertThat(v.code()).isEqualTo(CrewFault.NOT_COMPETENT);
                    assertThat(v.person()).isEqualTo("Sefa Marsh");
                    assertThat(v.competence()).contains(Competence.SAW);
                    assertThat(v.role()).contains(Role.CUTTER);
                });
    }

    @Test
    void touchingTimesDoNotOverlapButOneMinuteDoes() {
        Step first = step("a", 0, 30, post(Role.CUTTER, "nadia"));
        assertThat(CrewCheck.of(List.of(first, step("b", 30, 60, post(Role.CUTTER, "nadia"))), PEOPLE))
                .isEmpty();
        assertThat(CrewCheck.of(List.of(first, step("b", 29, 60, post(Role.CUTTER, "nadia"))), PEOPLE))
                .extracting(CrewCheck.Violation::code)
                .containsExactly(CrewFault.TWO_PLACES);
    }

    @Test
    void twoRolesInOneStepAreTwoPlaces() {
        assertThat(CrewCheck.of(
                        List.of(step("a", 0, 30, post(Role.LOOKOUT, "sefa"), post(Role.GROUND, "sefa"))), PEOPLE))
                .extracting(CrewCheck.Violation::code)
                .containsExactly(CrewFault.TWICE_IN_STEP);
    }

    @Test
    void everyViolationIsListedAndNoneHidesAnother() {
        List<CrewCheck.Violation> all = CrewCheck.of(
                List.of(step(
                        "a", 0, 30, post(Role.CUTTER, "sefa"), post(Role.LOOKOUT, "sefa"), post(Role.WINCH, "nobody"))),
                PEOPLE);
        assertThat(all)
                .extracting(CrewCheck.Violation::code)
                .containsExactlyInAnyOrder(CrewFault.NOT_COMPETENT, CrewFault.TWICE_IN_STEP, CrewFault.UNKNOWN_PERSON);
    }

    @Test
    void aStepThatEndsBeforeItStartsIsRefused() {
        assertThatThrownBy(() -> step("a", 30, 30))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("ENDS_BEFORE_START");
    }
}
