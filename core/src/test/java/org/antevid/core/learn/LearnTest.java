package org.antevid.core.learn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.core.lay.Means;
import org.antevid.core.learn.LessonState.Decision;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.Deviation;
import org.antevid.core.outcome.Explanation;
import org.antevid.core.outcome.Fall;
import org.antevid.core.outcome.Foreseen;
import org.antevid.core.outcome.MeasuredBy;
import org.antevid.core.outcome.SectorFound;
import org.antevid.core.outcome.StumpReading;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Species;
import org.antevid.core.stump.School;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LearnTest {
    private static final Foreseen LAY_90 =
            new Foreseen(90, Optional.of(0.0), Optional.of(3.0), Optional.of(0.0), Optional.of(20.0), 0.4, 0.05);

    private static Explanation stump(double fellDeg, double leftM, double rightM) {
        StumpReading s =
                StumpReading.ofHinge(Optional.of(leftM), Optional.of(rightM), Optional.of(0.4), Optional.empty());
        Deviation d = Deviation.of(LAY_90, new Fall(fellDeg, 20, Optional.of(MeasuredBy.TAPE)));
        return Explanation.of(LAY_90, d, s);
    }

    /** Only what was decided counts, in its order; what may not follow changes nothing. */
    @Test
    void aLessonStandsByADecisionAndIsNeverProposedAgain() {
        assertThat(LessonState.after(List.of())).isEqualTo(LessonState.PROPOSED);
        assertThat(LessonState.after(List.of(Decision.APPROVED))).isEqualTo(LessonState.STANDS);
        assertThat(LessonState.after(List.of(Decision.DECLINED, Decision.APPROVED)))
                .isEqualTo(LessonState.DECLINED);
        assertThat(LessonState.after(List.of(Decision.RETIRED))).isEqualTo(LessonState.PROPOSED);
        assertThat(LessonState.after(List.of(Decision.APPROVED, Decision.RETIRED, Decision.APPROVED)))
                .isEqualTo(LessonState.RETIRED);
    }

    @Test
    void whatIsUnusedForAYearAsksToBeRetired() {
        assertThat(LessonState.STANDS.asksToRetire(365)).isFalse();
        assertThat(LessonState.STANDS.asksToRetire(366)).isTrue();
        assertThat(LessonState.PROPOSED.asksToRetire(4000)).isFalse();
    }

    /** Law: each part that is said only narrows; nothing said fits everything. */
    @Test
    void sayingMoreNeverFitsMore() {
        Random random = new Random(7);
        for (int i = 0; i < 2000; i++) {
            Matches.Work w = new Matches.Work(
                    one(random, Species.values()),
                    maybe(random, Condition.values()),
                    maybe(random, Means.Kind.values()),
                    maybe(random, School.values()),
                    Set.of());
            Matches m = new Matches(
                    maybe(random, Species.values()),
                    maybe(random, Condition.values()),
                    maybe(random, Means.Kind.values()),
                    maybe(random, School.values()),
                    Optional.empty());
            assertThat(Matches.ALL.fits(w)).isTrue();
            Stream.of(
                            new Matches(Optional.empty(), m.wood(), m.means(), m.school(), Optional.empty()),
                            new Matches(m.species(), Optional.empty(), m.means(), m.school(), Optional.empty()),
                            new Matches(m.species(), m.wood(), Optional.empty(), m.school(), Optional.empty()),
                            new Matches(m.species(), m.wood(), m.means(), Optional.empty(), Optional.empty()))
                    .filter(wider -> m.fits(w))
                    .forEach(wider -> assertThat(wider.fits(w)).isTrue());
        }
    }

    /** Not knowing the species or the means yet hides no lesson. */
    @Test
    void whatIsNotKnownYetRulesNothingOut() {
        Matches poplarByWedges = new Matches(
                Optional.of(Species.POPULUS),
                Optional.empty(),
                Optional.of(Means.Kind.WEDGES),
                Optional.empty(),
                Optional.empty());
        assertThat(poplarByWedges.fits(new Matches.Work(
                        Species.UNKNOWN, Optional.of(Condition.SOUND), Optional.empty(), Optional.empty(), Set.of())))
                .isTrue();
        assertThat(poplarByWedges.fits(new Matches.Work(
                        Species.QUERCUS, Optional.of(Condition.SOUND), Optional.empty(), Optional.empty(), Set.of())))
                .isFalse();
        assertThat(poplarByWedges.fits(new Matches.Work(
                        Species.POPULUS,
                        Optional.of(Condition.SOUND),
                        Optional.of(Means.Kind.LEVER),
                        Optional.empty(),
                        Set.of())))
                .isFalse();
    }

    @Test
    void woodThatNobodyKnowsHidesNoLesson() {
        Matches decayed = new Matches(
                Optional.empty(), Optional.of(Condition.DECAYED), Optional.empty(), Optional.empty(), Optional.empty());
        assertThat(decayed.fits(new Matches.Work(
                        Species.FAGUS, Optional.empty(), Optional.empty(), Optional.empty(), Set.of())))
                .isTrue();
        assertThat(decayed.fits(new Matches.Work(
                        Species.FAGUS, Optional.of(Condition.SOUND), Optional.empty(), Optional.empty(), Set.of())))
                .isFalse();
    }

    /** A cause the stump agrees with comes first; one that points the other way does not stand. */
    @Test
    void aCauseSaysWhatStandsBehindIt() {
        List<Support> thinLeft = Support.of(stump(99, 0.04, 0.057), Optional.of(Control.KEPT), StumpReading.NONE);
        assertThat(thinLeft.get(0).cause()).isEqualTo(CauseKind.HINGE_UNEVEN);
        assertThat(thinLeft.get(0).stands()).isTrue();
        assertThat(thinLeft).extracting(Support::cause).containsExactlyInAnyOrder(CauseKind.values());
        Support against = Support.of(stump(99, 0.057, 0.04), Optional.of(Control.KEPT), StumpReading.NONE).stream()
                .filter(s -> s.cause() == CauseKind.HINGE_UNEVEN)
                .findFirst()
                .orElseThrow();
        assertThat(against.stands()).isFalse();
        assertThat(against.share().orElseThrow().says()).isEqualTo(Explanation.Says.OTHER_WAY);
        assertThat(Support.of(stump(86, 0.05, 0.05), Optional.of(Control.HUNG), StumpReading.NONE)
                        .get(0)
                        .cause())
                .isEqualTo(CauseKind.CROWN_CAUGHT);
    }

    /** Law: mirrored, the stump says the same of the same causes. */
    @Test
    void aMirroredFallHasTheSameCauses() {
        Random random = new Random(11);
        for (int i = 0; i < 300; i++) {
            double off = random.nextDouble() * 12;
            double left = 0.03 + random.nextDouble() * 0.04;
            double right = 0.03 + random.nextDouble() * 0.04;
            assertThat(Support.of(stump(90 + off, left, right), Optional.empty(), StumpReading.NONE).stream()
                            .map(s -> s.cause() + " " + s.stands()))
                    .containsExactlyElementsOf(
                            Support.of(stump(90 - off, right, left), Optional.empty(), StumpReading.NONE).stream()
                                    .map(s -> s.cause() + " " + s.stands())
                                    .toList());
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = CauseKind.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"OTHER"})
    void everyCauseThatIsNamedOffersALesson(CauseKind cause) {
        assertThat(cause.ideas()).isNotEmpty();
    }

    @Test
    void aLessonIsASentenceOrWords() {
        assertThatThrownBy(() ->
                        new Lesson("1", Optional.empty(), " ", "", Becomes.REMINDER, Matches.ALL, Optional.empty()))
                .isInstanceOf(RefusedInput.class);
        Lesson l = new Lesson(
                "1", Optional.of(LessonIdea.SAY_IT_BACK), "", "Quern", Becomes.CHECK, Matches.ALL, Optional.empty());
        assertThat(l.check().key()).isEqualTo("lesson-1");
        assertThat(l.check().says().args()).containsKey("idea");
    }

    private static <T> T one(Random random, T[] of) {
        return of[random.nextInt(of.length)];
    }

    private static <T> Optional<T> maybe(Random random, T[] of) {
        return random.nextBoolean() ? Optional.of(one(random, of)) : Optional.empty();
    }

    /** What the wood looks like stands behind a cause; of the part behind the hinge it says nothing of the hinge. */
    @Test
    void shortFibresOfTheHingeStandBehindAHingeThatWentEarly() {
        assertThat(standing(new SectorFound(SectorFound.Sector.HINGE_LEFT, SectorFound.Fibre.SHORT)))
                .contains(CauseKind.HINGE_GONE_EARLY);
        assertThat(standing(new SectorFound(SectorFound.Sector.BACK_LEFT, SectorFound.Fibre.SHORT)))
                .doesNotContain(CauseKind.HINGE_GONE_EARLY);
        assertThat(standing(new SectorFound(SectorFound.Sector.HINGE_LEFT, SectorFound.Fibre.LONG)))
                .doesNotContain(CauseKind.HINGE_GONE_EARLY);
        assertThat(standing(new SectorFound(SectorFound.Sector.BACK_RIGHT, SectorFound.Fibre.DECAYED)))
                .contains(CauseKind.WOOD_WEAKER);
    }

    private static List<CauseKind> standing(SectorFound seen) {
        StumpReading read = StumpReading.NONE.looking(List.of(seen), Optional.empty());
        return Support.of(stump(92, 0.05, 0.05), Optional.of(Control.KEPT), read).stream()
                .filter(Support::stands)
                .map(Support::cause)
                .toList();
    }

    /** It is told where the fault is recorded, and nowhere else. */
    @Test
    void aLessonOfAFaultIsToldWhereAStemHasIt() {
        Matches m = new Matches(
                Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(DefectKind.CAVITY));
        assertThat(m.fits(work(Set.of(DefectKind.CAVITY, DefectKind.CRACK)))).isTrue();
        assertThat(m.fits(work(Set.of(DefectKind.CRACK)))).isFalse();
        assertThat(m.fits(work(Set.of()))).isFalse();
    }

    private static Matches.Work work(Set<DefectKind> defects) {
        return new Matches.Work(Species.FAGUS, Optional.empty(), Optional.empty(), Optional.empty(), defects);
    }
}
