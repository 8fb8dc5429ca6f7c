package org.antevid.core.brief;

import static org.antevid.core.brief.BriefedPlans.NADIA;
import static org.antevid.core.brief.BriefedPlans.OREN;
import static org.antevid.core.brief.BriefedPlans.SEFA;
import static org.antevid.core.brief.BriefedPlans.TOVE;
import static org.antevid.core.brief.BriefedPlans.plan;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CuesTest {
    private static List<Cue> cues(PlanDocument plan, Role role) {
        return Cues.of(plan, plan.steps().get(0), role);
    }

    private static final PlanDocument WINCHED = plan(Means.Kind.MACHINE_LINE, Step.Kind.FELL, NADIA, SEFA, TOVE);

    @Test
    void whoPullsIsToldThePretensionThenTheArmThenWhatNeverStartsIt() {
        assertThat(cues(WINCHED, Role.WINCH))
                .extracting(c -> c.says().code())
                .containsExactly(
                        Cue.Words.PRETENSION, Cue.Words.PULL_ON_ARM, Cue.Words.NEVER_BEFORE, Cue.Words.HOLD_THE_LINE);
        Cue pull = cues(WINCHED, Role.WINCH).get(1);
        assertThat(pull.sign()).isEqualTo(Cue.Sign.ARM_SWUNG);
        assertThat(pull.says().args().get("cutter")).isEqualTo(Arg.name("Nadia Quill"));
        assertThat(pull.says().args().get("lay")).isEqualTo(ReadBack.heading(58));
        assertThat(cues(WINCHED, Role.WINCH).get(0).says().args()).containsKey("pretension");
    }

    @Test
    void whatIsSaidToOneIsSaidToTheOther() {
        assertThat(cues(WINCHED, Role.CUTTER))
                .extracting(Cue::sign)
                .containsExactly(Cue.Sign.THREE_SHORT, Cue.Sign.ARM_SWUNG, Cue.Sign.ARMS_CROSSED);
        assertThat(cues(WINCHED, Role.CUTTER).get(1).says().args().get("puller"))
                .isEqualTo(Arg.name("Tove Arkwright"));
        assertThat(cues(WINCHED, Role.LOOKOUT))
                .extracting(c -> c.says().code())
                .containsExactly(Cue.Words.WATCH_ANSWER, Cue.Words.WATCH_STOP, Cue.Words.WATCH_ALL_CLEAR);
    }

    @Test
    void withWedgesNothingIsPulledAndWhoKeepsTheWayShutWaitsForTheLookout() {
        PlanDocument wedged = plan(Means.Kind.WEDGES, Step.Kind.FELL, NADIA, SEFA, OREN);
        assertThat(cues(wedged, Role.CUTTER)).extracting(c -> c.says().code()).containsExactly(Cue.Words.CUTTER_CALLS);
        assertThat(cues(wedged, Role.GROUND)).extracting(c -> c.says().code()).containsExactly(Cue.Words.STAY_SHUT);
        assertThat(Cues.giver(wedged, wedged.steps().get(0), Role.GROUND)).isEmpty();
    }

    @Test
    void whatHangsIsPulledOnTheSignOfWhoWatches() {
        PlanDocument hung = plan(Means.Kind.WEDGES, Step.Kind.RELEASE, SEFA, TOVE);
        assertThat(cues(hung, Role.WINCH))
                .extracting(c -> c.says().code())
                .containsExactly(Cue.Words.PULL_ON_WATCH, Cue.Words.NEVER_BEFORE, Cue.Words.HOLD_THE_LINE);
        assertThat(cues(hung, Role.LOOKOUT)).extracting(c -> c.says().code()).contains(Cue.Words.WATCH_PULL);
        assertThat(Cues.giver(hung, hung.steps().get(0), Role.WINCH)).contains(SEFA);
    }

    /** Law: nobody acts on a sign that the one who gives it is not told of. */
    @ParameterizedTest
    @EnumSource(Means.Kind.class)
    void everySignThatIsActedOnIsGiven(Means.Kind means) {
        PlanDocument plan = plan(means, Step.Kind.FELL, NADIA, SEFA, TOVE, OREN);
        List<Cue.Sign> given = Stream.of(Role.CUTTER, Role.LOOKOUT)
                .flatMap(r -> cues(plan, r).stream())
                .map(Cue::sign)
                .toList();
        List<Cue> acted = new ArrayList<>();
        Stream.of(Role.GROUND)
                .flatMap(r -> cues(plan, r).stream())
                .filter(c -> c.sign() == Cue.Sign.ARM_SWUNG || c.sign() == Cue.Sign.ARMS_CROSSED)
                .forEach(acted::add);
        assertThat(given).containsAll(acted.stream().map(Cue::sign).toList());
    }

    @Test
    void ownPartIsReadBackFirst() {
        List<ReadBack.Question> asked = ReadBack.of(WINCHED, "tove", 5);
        assertThat(asked)
                .extracting(q -> q.asked().code())
                .containsExactly(BriefWords.ASK_WHO_SIGNS, BriefWords.ASK_STALL, BriefWords.ASK_WAY_OUT);
        ReadBack.Question who = asked.get(0);
        assertThat(who.choices().get(who.right())).isEqualTo(Arg.name("Nadia Quill"));
        assertThat(who.choices()).contains(Arg.name("Sefa Marsh")).doesNotContain(Arg.name("Tove Arkwright"));
        ReadBack.Question stalls = asked.get(1);
        assertThat(stalls.choices().get(stalls.right())).isEqualTo(Arg.said(Message.of(BriefWords.HOLD_AND_STAY)));
    }
}
