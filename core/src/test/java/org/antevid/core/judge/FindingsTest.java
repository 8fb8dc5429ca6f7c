package org.antevid.core.judge;

import static org.antevid.core.Samples.PEOPLE;
import static org.antevid.core.Samples.WINCH;
import static org.antevid.core.Samples.hungRing;
import static org.antevid.core.Samples.oak;
import static org.antevid.core.Samples.site;
import static org.antevid.core.Samples.situation;
import static org.antevid.core.Samples.stem;
import static org.antevid.core.Samples.target;
import static org.antevid.core.Samples.toward;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import org.antevid.core.Told;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.all.Findings;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.junit.jupiter.api.Test;

class FindingsTest {
    private static final Spot HERE = new Spot(0, 0);

    private static Situation.StemFacts facts(StemReading s, double lay, Means means, Site site, boolean fixed) {
        return new Situation.StemFacts(
                s,
                Optional.of(LayPlan.of(s, toward(lay, means), site, LayPlan.Limits.USUAL)),
                fixed,
                fixed ? Optional.of(Shape.disc(HERE, 5)) : Optional.empty());
    }

    private static List<Finding> oneStem(double lay, Means means, Feature... features) {
        Site site = site(features);
        return Findings.of(situation(
                site, List.of(facts(oak("S1", HERE, List.of()), lay, means, site, true)), List.of(), List.of()));
    }

    private static Situation hungSituation(List<Step> steps) {
        StemReading s2 = stem("S2", new Spot(30, 0), StemState.HUNG, Optional.empty(), Condition.UNRELIABLE, List.of());
        Site site = site();
        return situation(
                site,
                List.of(
                        facts(oak("S1", HERE, List.of()), 0, WINCH, site, true),
                        new Situation.StemFacts(s2, Optional.empty(), false, Optional.empty()),
                        new Situation.StemFacts(
                                oak("S3", new Spot(30, 10), List.of()), Optional.empty(), false, Optional.empty())),
                List.of(new Situation.Hang(
                        "S2",
                        List.of("S3"),
                        Shape.line(List.of(new Spot(30, 0), new Spot(30, 20))).grown(5),
                        hungRing(20),
                        Shape.disc(new Spot(30, 0), 40))),
                steps);
    }

    private static Step step(String id, int turn, Step.Kind kind, String stem, int from, Step.Post... posts) {
        return new Step(id, turn, kind, Optional.of(stem), from, from + 30, false, List.of(posts));
    }

    private static final Step.Post[] FELLERS = {
        new Step.Post(Role.CUTTER, "nadia", Optional.empty()),
        new Step.Post(Role.LOOKOUT, "sefa", Optional.of(new Spot(-60, 0)))
    };
    private static final Step.Post[] WINCHERS = {
        new Step.Post(Role.WINCH, "tove", Optional.of(new Spot(60, -30))),
        new Step.Post(Role.LOOKOUT, "sefa", Optional.of(new Spot(-60, 0)))
    };

    @Test
    void aFanOnABridgeIsAStopAndAReachOnlyIsANote() {
        assertThat(oneStem(0, WINCH, target("bridge", 0, 18, 2, 4)))
                .anyMatch(f -> f.severity() == Severity.STOP
                        && Told.says(f, "STRIKE")
                        && Told.text(f, "target").equals("bridge"));
        List<Finding> beside = oneStem(0, WINCH, target("bridge", 15, 0, 2, 4));
        assertThat(beside).noneMatch(f -> f.severity() == Severity.STOP);
        assertThat(beside).anyMatch(f -> f.severity() == Severity.NOTE && Told.says(f, "WITHIN_REACH"));
    }

    @Test
    void withoutControlEverythingInTheCircleIsAStop() {
        assertThat(oneStem(180, Means.of(Means.Kind.NOTHING), target("bridge", 15, 0, 2, 4)))
                .anyMatch(f -> f.severity() == Severity.STOP && Told.says(f, "ANY_WAY"));
    }

    @Test
    void whatMayBeHitIsNoStopAndLittleWorthIsACaution() {
        Feature compost = new Feature(
                "c",
                "compost",
                FeatureKind.COMPOST,
                Shape.disc(new Spot(0, 18), 2),
                1,
                true,
                Protection.NONE,
                "",
                false);
        assertThat(oneStem(0, WINCH, compost)).noneMatch(f -> f.key().startsWith("fan:"));
        assertThat(oneStem(0, WINCH, target("bed", 0, 18, 2, 1)))
                .anyMatch(f -> f.key().startsWith("touched:")
                        && f.severity() == Severity.CAUTION
                        && Told.number(f, "chance") > 0.9);
    }

    @Test
    void protectionCountsOnlyWhenDone() {
        Feature planned = new Feature(
                "h",
                "hives",
                FeatureKind.BEEHIVES,
                Shape.disc(new Spot(0, 18), 2),
                2,
                false,
                Protection.MOVE,
                "Oren Pike",
                false);
        Feature done = new Feature(
                "h",
                "hives",
                FeatureKind.BEEHIVES,
                Shape.disc(new Spot(0, 18), 2),
                2,
                false,
                Protection.MOVE,
                "Oren Pike",
                true);
        assertThat(oneStem(0, WINCH, planned)).anyMatch(f -> f.severity() == Severity.STOP);
        assertThat(oneStem(0, WINCH, done)).noneMatch(f -> f.severity() == Severity.STOP);
    }

    @Test
    void peopleInTheRingNeedSomebodyNamed() {
        Feature boat = new Feature(
                "b", "boat", FeatureKind.BOAT, Shape.disc(new Spot(-30, 0), 3), 3, false, Protection.EMPTY, "", false);
        Feature named = new Feature(
                "b",
                "boat",
                FeatureKind.BOAT,
                Shape.disc(new Spot(-30, 0), 3),
                3,
                false,
                Protection.EMPTY,
                "Oren Pike",
                false);
        assertThat(oneStem(0, WINCH, boat)).anyMatch(f -> f.key().equals("people:b") && f.severity() == Severity.STOP);
        assertThat(oneStem(0, WINCH, named))
                .anyMatch(f -> f.key().equals("people:b") && f.severity() == Severity.CAUTION);
    }

    @Test
    void everyKindOfDefectHasAConsequenceThatSaysWhatClearsIt() {
        for (DefectKind kind : DefectKind.values()) {
            StemReading s = oak("S1", HERE, List.of(new Defect("d", kind, 3, 4, 0, "")));
            List<Finding> found = Findings.of(situation(
                    site(),
                    List.of(new Situation.StemFacts(s, Optional.empty(), false, Optional.empty())),
                    List.of(),
                    List.of()));
            assertThat(found).as(kind.name()).anyMatch(f -> f.key().startsWith("defect:S1"));
        }
    }

    @Test
    void theTreeThatHoldsAHungOneIsNotCutFirst() {
        assertThat(Findings.of(hungSituation(List.of(step("a", 1, Step.Kind.FELL, "S3", 0, FELLERS)))))
                .anyMatch(f -> f.severity() == Severity.STOP && Told.says(f, "SUPPORT_CUT") && f.about("S3"));
        assertThat(Findings.of(hungSituation(List.of(
                        step("a", 1, Step.Kind.RELEASE, "S2", 0, WINCHERS),
                        step("b", 2, Step.Kind.FELL, "S3", 30, FELLERS)))))
                .noneMatch(f -> Told.says(f, "SUPPORT_CUT"));
    }

    @Test
    void nobodyStandsBeneathAndNothingIsFelledInsideItsRingBefore() {
        Step.Post beneath = new Step.Post(Role.WINCH, "tove", Optional.of(new Spot(31, 10)));
        assertThat(Findings.of(hungSituation(List.of(step("a", 1, Step.Kind.RELEASE, "S2", 0, beneath, WINCHERS[1])))))
                .anyMatch(f -> f.severity() == Severity.STOP && Told.says(f, "STANDS_BENEATH") && f.about("S2"));
        assertThat(Findings.of(hungSituation(List.of(step("a", 1, Step.Kind.FELL, "S1", 0, FELLERS)))))
                .anyMatch(f -> f.severity() == Severity.STOP && Told.says(f, "HUNG_IN_RING") && f.about("S1"));
        assertThat(Findings.of(hungSituation(List.of(
                        step("a", 1, Step.Kind.RELEASE, "S2", 0, WINCHERS),
                        step("b", 2, Step.Kind.FELL, "S1", 30, FELLERS[0], FELLERS[1], WINCHERS[0])))))
                .noneMatch(f -> f.severity() == Severity.STOP);
        assertThat(Findings.of(hungSituation(List.of(
                        step("a", 1, Step.Kind.RELEASE, "S2", 0, WINCHERS),
                        step("b", 2, Step.Kind.FELL, "S1", 30, FELLERS)))))
                .as("a line with nobody at it")
                .anyMatch(f -> f.severity() == Severity.STOP && f.key().equals("atline:b"));
    }

    @Test
    void aSecondOpinionIsTakenByACompetentPersonWhoNeitherPlansNorCuts() {
        Situation s = hungSituation(List.of(step("a", 1, Step.Kind.RELEASE, "S2", 0, WINCHERS)));
        Finding hung = Findings.of(s).stream()
                .filter(f -> f.key().equals("hung:S2"))
                .findFirst()
                .orElseThrow();
        assertThat(hung.severity()).isEqualTo(Severity.SECOND_OPINION);
        assertThatCode(() -> SecondOpinion.require(s, hung, person("wilma"))).doesNotThrowAnyException();
        assertThatThrownBy(() -> SecondOpinion.require(s, hung, person("imre")))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("PLANNER");
        assertThatThrownBy(() -> SecondOpinion.require(s, hung, person("sefa"))).hasMessageContaining("NOT_COMPETENT");
        Person winchAndHung = new Person("tove", "Tove Arkwright", new HashSet<>(Arrays.asList(Competence.values())));
        assertThatThrownBy(() -> SecondOpinion.require(s, hung, winchAndHung)).hasMessageContaining("CUTTER");
    }

    private static Person person(String id) {
        return PEOPLE.stream().filter(p -> p.id().equals(id)).findFirst().orElseThrow();
    }

    @Test
    void findingsComeWorstFirstAndAStopCannotBeCleared() {
        List<Finding> found = new ArrayList<>(
                oneStem(180, Means.of(Means.Kind.NOTHING), target("bridge", 15, 0, 2, 4), target("bed", 0, 10, 1, 1)));
        assertThat(found).extracting(Finding::severity).isSorted();
        Finding stop = found.get(0);
        assertThat(stop.severity()).isEqualTo(Severity.STOP);
        assertThatThrownBy(() -> stop.clearedBy(new Clearance.Note("me", 0))).isInstanceOf(IllegalStateException.class);
    }

    @Test
    void aStepWithoutItsPeopleAndTwoPlacesAtOnceAreStops() {
        Step alone = step("a", 1, Step.Kind.FELL, "S1", 0, FELLERS[0]);
        Step twice = step("b", 2, Step.Kind.CROSSCUT, "S1", 15, new Step.Post(Role.CUTTER, "nadia", Optional.empty()));
        List<Finding> found = Findings.of(hungSituation(List.of(alone, twice)));
        assertThat(found)
                .anyMatch(f -> f.severity() == Severity.STOP
                        && Told.says(f, "POST_EMPTY")
                        && Told.text(f, "role").equals("LOOKOUT"));
        assertThat(found).anyMatch(f -> f.severity() == Severity.STOP && Told.says(f, "R01_PERSON_DOUBLE"));
    }

    /** What is read before a step: what is said of the job, of places, of the step and its stem; no other stem's. */
    @Test
    void aFindingConcernsTheStepItIsAboutAndTheOnesOfItsStem() {
        Step step = new Step("a", 1, Step.Kind.FELL, Optional.of("S1"), 0, 30, false, List.of());
        Step other = new Step("b", 2, Step.Kind.FELL, Optional.of("S2"), 30, 60, false, List.of());
        assertThat(Finding.of(RuleId.TODAY, Severity.CAUTION, "S1").concerns(step))
                .isTrue();
        assertThat(Finding.of(RuleId.TODAY, Severity.CAUTION, "S2").concerns(step))
                .isFalse();
        assertThat(Finding.of(RuleId.TODAY, Severity.CAUTION, step).concerns(step))
                .isTrue();
        assertThat(Finding.of(RuleId.TODAY, Severity.CAUTION, other).concerns(step))
                .isFalse();
        assertThat(Finding.ofJob(RuleId.TODAY, Severity.CAUTION).concerns(step)).isTrue();
    }
}
