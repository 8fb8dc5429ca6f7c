package org.antevid.core.judge.crew;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import org.antevid.core.Samples;
import org.antevid.core.assist.Kit;
import org.antevid.core.assist.Rig;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.CrewFault;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Proof;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.WorkDay;
import org.antevid.core.crew.roster.RosterRule;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.HouseRules;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemReading;
import org.junit.jupiter.api.Test;

class StaffingTest {
    private static final long TODAY = 20_000;
    private static final Person NADIA = person("nadia", Competence.SAW, Competence.GROUND);
    private static final Person SEFA = person("sefa", Competence.LOOKOUT, Competence.GROUND, Competence.FIRST_AID);
    private static final Person OREN = person("oren", Competence.GROUND);
    private static final Person TOVE = person("tove", Competence.SAW);
    private static final List<Person> CREW = List.of(NADIA, SEFA, OREN, TOVE);

    private static Person person(String id, Competence... competences) {
        return new Person(
                id,
                id,
                Set.of(competences),
                List.of(competences).stream().map(c -> proof(c, TODAY)).toList(),
                Person.Presence.WHOLE_DAY);
    }

    private static Proof proof(Competence c, long validTo) {
        return new Proof(c, OptionalLong.of(validTo), Optional.of(0.8), false);
    }

    private static Step fell(String id, int turn, String stem, int from, int to, Step.Post... posts) {
        return new Step(id, turn, Step.Kind.FELL, Optional.of(stem), from, to, false, List.of(posts));
    }

    private static Step.Post post(Role role, String person) {
        return new Step.Post(role, person, Optional.of(new Spot(-60, -60)));
    }

    private static Situation situation(List<Person> people, WorkDay day, EmergencyCard card, Step... steps) {
        Situation.Circumstances good = Situation.Circumstances.GOOD;
        List<StemReading> oaks =
                List.of(Samples.oak("S1", new Spot(0, 0), List.of()), Samples.oak("S2", new Spot(300, 0), List.of()));
        return new Situation(
                HouseRules.USUAL,
                Samples.site(),
                Optional.empty(),
                9,
                oaks.stream()
                        .map(r -> new Situation.StemFacts(r, Optional.empty(), false, Optional.empty()))
                        .toList(),
                Map.of(),
                List.of(),
                List.of(steps),
                people,
                "imre",
                List.of(),
                new Situation.Circumstances(
                                good.ahead(),
                                good.ground(),
                                good.light(),
                                good.load(),
                                good.permits(),
                                card,
                                good.access(),
                                good.machines(),
                                good.chosen())
                        .on(day));
    }

    private static List<Finding> found(List<Person> people, Step... steps) {
        return found(people, new WorkDay(TODAY, OptionalInt.of(600)), steps);
    }

    private static List<Finding> found(List<Person> people, WorkDay day, Step... steps) {
        return new Staffing()
                .check(situation(people, day, EmergencyCard.EMPTY, steps))
                .toList();
    }

    private static List<Code> said(List<Finding> all) {
        return all.stream().map(Finding::says).toList();
    }

    private static List<Person> with(Person other) {
        List<Person> all = new ArrayList<>(
                CREW.stream().filter(p -> !p.id().equals(other.id())).toList());
        all.add(other);
        return all;
    }

    private static final Step WELL = fell("a", 1, "S1", 0, 30, post(Role.CUTTER, "nadia"), post(Role.LOOKOUT, "sefa"));

    @Test
    void aWellStaffedStepByProvenPeopleRaisesNothing() {
        assertThat(found(CREW, WELL)).isEmpty();
    }

    @Test
    void whoCannotDoAPostIsNamedWithThePost() {
        assertThat(found(CREW, fell("a", 1, "S1", 0, 30, post(Role.CUTTER, "sefa"), post(Role.LOOKOUT, "sefa"))))
                .extracting(Finding::says)
                .contains(RosterRule.R02_COMPETENCE, CrewFault.TWICE_IN_STEP);
    }

    @Test
    void onePersonInTwoStepsIsTwoPlacesFromTheFirstSharedMinute() {
        Step touching = fell("b", 2, "S2", 30, 60, post(Role.CUTTER, "nadia"), post(Role.LOOKOUT, "oren"));
        Step shared = fell("b", 2, "S2", 29, 60, post(Role.CUTTER, "nadia"), post(Role.LOOKOUT, "oren"));
        assertThat(said(found(CREW, WELL, touching))).doesNotContain(RosterRule.R01_PERSON_DOUBLE);
        assertThat(said(found(CREW, WELL, shared))).contains(RosterRule.R01_PERSON_DOUBLE);
    }

    @Test
    void whoWatchesDoesNothingElse() {
        Step shared = fell("b", 2, "S2", 10, 60, post(Role.CUTTER, "tove"), post(Role.LOOKOUT, "sefa"));
        assertThat(said(found(CREW, WELL, shared))).containsExactly(RosterRule.R10_LOOKOUT);
    }

    @Test
    void anEmptyPostSaysWhetherAnybodyHereCouldFillIt() {
        Step alone = fell("a", 1, "S1", 0, 30, post(Role.CUTTER, "nadia"));
        assertThat(found(CREW, alone)).singleElement().satisfies(f -> {
            assertThat(f.rule()).isEqualTo(RuleId.POST_EMPTY);
            assertThat(f.severity()).isEqualTo(Severity.STOP);
            assertThat(f.args().get("nobody")).isEqualTo(Arg.flag(false));
        });
        assertThat(found(List.of(NADIA, OREN, person("ada", Competence.FIRST_AID)), alone))
                .filteredOn(f -> f.rule() == RuleId.POST_EMPTY)
                .singleElement()
                .satisfies(f -> assertThat(f.args().get("nobody")).isEqualTo(Arg.flag(true)));
    }

    @Test
    void aProofHoldsToItsLastDayAndStopsTheNext() {
        Person last = new Person(
                "nadia", "nadia", NADIA.competences(), List.of(proof(Competence.SAW, TODAY)), NADIA.presence());
        Person over = new Person(
                "nadia", "nadia", NADIA.competences(), List.of(proof(Competence.SAW, TODAY - 1)), NADIA.presence());
        assertThat(found(with(last), WELL)).isEmpty();
        assertThat(said(found(with(over), WELL))).containsExactly(RosterRule.R20_COMPETENCE_EXPIRED);
    }

    @Test
    void aCutThickerThanTheProofStops() {
        Person thin = new Person(
                "nadia",
                "nadia",
                NADIA.competences(),
                List.of(new Proof(Competence.SAW, OptionalLong.of(TODAY), Optional.of(0.38), false)),
                NADIA.presence());
        assertThat(said(found(with(thin), WELL))).containsExactly(RosterRule.R22_DIAMETER_LIMIT);
    }

    @Test
    void whoLearnsHasSomebodyOfTheirOwnBeside() {
        Person learner = new Person(
                "nadia",
                "nadia",
                NADIA.competences(),
                List.of(new Proof(Competence.SAW, OptionalLong.of(TODAY), Optional.of(0.8), true)),
                NADIA.presence());
        Person teacher = person("tove", Competence.SAW, Competence.SUPERVISE);
        assertThat(said(found(with(learner), WELL))).containsExactly(RosterRule.R23_TRAINEE_UNSUPERVISED);
        List<Person> taught = new ArrayList<>(with(learner));
        taught.replaceAll(p -> p.id().equals("tove") ? teacher : p);
        assertThat(found(taught, WELL)).isEmpty();
    }

    @Test
    void whoLeavesAtNoonIsMissedByTheStepsAfter() {
        Person noon = NADIA.here(new Person.Presence(0, OptionalInt.of(20)));
        assertThat(said(found(with(noon), WELL))).containsExactly(RosterRule.R09_AVAILABILITY);
    }

    @Test
    void aFirstAiderWhoCutsIsASecondOpinionAndNoneIsAStopUnlessTheCardNamesOne() {
        Person nobody = person("sefa", Competence.LOOKOUT);
        assertThat(found(with(nobody), WELL)).singleElement().satisfies(f -> {
            assertThat(f.says()).isEqualTo(RosterRule.R24_FIRST_AIDER_CUTTING);
            assertThat(f.severity()).isEqualTo(Severity.STOP);
        });
        List<Person> cuts = new ArrayList<>(with(nobody));
        cuts.replaceAll(p -> p.id().equals("nadia") ? person("nadia", Competence.SAW, Competence.FIRST_AID) : p);
        assertThat(found(cuts, WELL)).singleElement().satisfies(f -> assertThat(f.severity())
                .isEqualTo(Severity.SECOND_OPINION));
        EmergencyCard named = new EmergencyCard("-", "-", "-", "-", "Sefa Marsh", "-", "-", "-");
        WorkDay day = new WorkDay(TODAY, OptionalInt.of(600));
        assertThat(new Staffing().check(situation(with(nobody), day, named, WELL)))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.rule()).isEqualTo(RuleId.CREW_NOT_KNOWN);
                    assertThat(f.severity()).isEqualTo(Severity.NOTE);
                });
    }

    @Test
    void whoCutsAndIsNamedOnTheCardIsASecondOpinionWhoIsNotIsANote() {
        List<Person> cuts = new ArrayList<>(with(person("sefa", Competence.LOOKOUT)));
        cuts.replaceAll(p -> p.id().equals("nadia") ? person("nadia", Competence.SAW, Competence.FIRST_AID) : p);
        WorkDay day = new WorkDay(TODAY, OptionalInt.of(600));
        EmergencyCard nadias = new EmergencyCard("-", "-", "-", "-", "Nadia", "-", "-", "-");
        EmergencyCard sefas = new EmergencyCard("-", "-", "-", "-", "sefa", "-", "-", "-");
        assertThat(new Staffing().check(situation(cuts, day, nadias, WELL)))
                .extracting(Finding::severity)
                .containsExactly(Severity.SECOND_OPINION);
        assertThat(new Staffing().check(situation(cuts, day, sefas, WELL)))
                .extracting(Finding::severity)
                .containsExactly(Severity.NOTE);
    }

    @Test
    void nobodyWorksAlone() {
        Person all = person("imre", Competence.SAW, Competence.LOOKOUT, Competence.FIRST_AID);
        Step alone = fell("a", 1, "S1", 0, 30, post(Role.CUTTER, "imre"));
        assertThat(said(found(List.of(all), alone))).contains(RosterRule.R26_WORKING_ALONE);
    }

    @Test
    void whatEndsAfterDarkIsASecondOpinionAndWhatIsNotKnownIsOneNote() {
        assertThat(found(CREW, new WorkDay(TODAY, OptionalInt.of(29)), WELL))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.says()).isEqualTo(RosterRule.R30_AFTER_LIGHT);
                    assertThat(f.severity()).isEqualTo(Severity.SECOND_OPINION);
                });
        Person unproven = new Person("nadia", "nadia", NADIA.competences());
        assertThat(found(with(unproven), new WorkDay(TODAY, OptionalInt.empty()), WELL))
                .singleElement()
                .satisfies(f -> assertThat(f.rule()).isEqualTo(RuleId.CREW_NOT_KNOWN));
    }

    /** S1 is pulled over with the blue line; the kit of the house says what is known of it. */
    private static Situation pulled(WorkDay.Inspected... kit) {
        Rig rig = new Rig(
                Rig.Tie.TIED,
                0,
                1,
                0.9,
                2,
                Optional.of(new Kit.Rope("blue line", 48000, Optional.empty())),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Rig.PullBegin.STRAP_RELEASED);
        Means line = new Means(
                Means.Kind.HAND_LINE,
                Optional.of(8.0),
                Optional.of(45.0),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                0,
                rig);
        StemReading oak = Samples.oak("S1", new Spot(0, 0), List.of());
        Situation s = situation(CREW, new WorkDay(TODAY, OptionalInt.of(600), List.of(kit)), EmergencyCard.EMPTY, WELL);
        return s.with(new Situation.StemFacts(
                oak,
                Optional.of(LayPlan.of(oak, Samples.toward(0, line), Samples.site(), LayPlan.Limits.USUAL)),
                true,
                Optional.empty()));
    }

    @Test
    void kitThatIsOverdueOrWithdrawnStopsWhatItIsTakenForAndUnknownIsANote() {
        WorkDay.Inspected good = new WorkDay.Inspected("blue line", OptionalLong.of(TODAY), false);
        WorkDay.Inspected overdue = new WorkDay.Inspected("blue line", OptionalLong.of(TODAY - 1), false);
        WorkDay.Inspected away = new WorkDay.Inspected("blue line", OptionalLong.of(TODAY + 100), true);
        WorkDay.Inspected unknown = new WorkDay.Inspected("blue line", OptionalLong.empty(), false);
        assertThat(new Staffing().check(pulled(good))).isEmpty();
        assertThat(new Staffing().check(pulled(overdue)))
                .extracting(Finding::says)
                .containsExactly(RosterRule.R21_KIT_EXPIRED);
        assertThat(new Staffing().check(pulled(away)))
                .extracting(Finding::says)
                .containsExactly(RosterRule.R21_KIT_EXPIRED);
        assertThat(new Staffing().check(pulled(unknown)))
                .extracting(Finding::rule)
                .containsExactly(RuleId.CREW_NOT_KNOWN);
    }

    @Test
    void whatIsDoneToOneStemGoesInTurn() {
        Step crosscut = new Step(
                "b", 2, Step.Kind.CROSSCUT, Optional.of("S1"), 20, 40, false, List.of(post(Role.CUTTER, "tove")));
        assertThat(found(CREW, WELL, crosscut)).singleElement().satisfies(f -> {
            assertThat(f.says()).isEqualTo(RosterRule.R04_PRECEDENCE);
            assertThat(f.args().get("earliest")).isEqualTo(Arg.count(30));
        });
    }

    @Test
    void whatIsDoneIsNoLongerLookedAt() {
        Step done = new Step("a", 1, Step.Kind.FELL, Optional.of("S1"), 0, 30, true, List.of());
        assertThat(found(CREW, done)).isEmpty();
    }

    @Test
    void aStepThatEndsBeforeItStartsIsRefused() {
        assertThatThrownBy(() -> fell("a", 1, "S1", 30, 30))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("ENDS_BEFORE_START");
    }

    @Test
    void whoLeavesBeforeTheyComeIsRefused() {
        assertThatThrownBy(() -> new Person.Presence(60, OptionalInt.of(60)))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("toMin");
    }

    @Test
    void peopleAndPostsAloneKnowNothingOfTheGround() {
        Step other = fell("b", 2, "S1", 10, 40, post(Role.CUTTER, "tove"), post(Role.LOOKOUT, "imre"));
        assertThat(DayRoster.ofPosts(List.of(WELL, other), CREW, new WorkDay(TODAY, OptionalInt.of(600)))
                        .check()
                        .breaches())
                .extracting(b -> b.rule())
                .containsExactly(RosterRule.R13_UNKNOWN_PERSON);
    }
}
