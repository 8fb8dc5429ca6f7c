package org.antevid.core.brief;

import static org.antevid.core.brief.BriefedPlans.NADIA;
import static org.antevid.core.brief.BriefedPlans.OREN;
import static org.antevid.core.brief.BriefedPlans.SEFA;
import static org.antevid.core.brief.BriefedPlans.TOVE;
import static org.antevid.core.brief.BriefedPlans.plan;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.antevid.core.brief.TalkCard.Part;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Work;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Message;
import org.antevid.core.run.Surprise;
import org.antevid.core.site.EmergencyCard;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The briefing as it is held: ten cards, all of the frozen plan. */
class TalkTest {
    private static final PlanDocument WINCHED = plan(Means.Kind.MACHINE_LINE, Step.Kind.FELL, NADIA, SEFA, TOVE);

    private static TalkCard card(PlanDocument plan, Part part, Message... dangers) {
        return Talk.of(plan, plan.steps().get(0), List.of(dangers)).stream()
                .filter(c -> c.part() == part)
                .findFirst()
                .orElseThrow();
    }

    private static List<Code> heads(PlanDocument plan, Part part, Message... dangers) {
        return card(plan, part, dangers).lines().stream()
                .map(l -> l.head().code())
                .toList();
    }

    @Test
    void thereIsACardForEachPartInTheOrderItIsTold() {
        assertThat(Talk.of(WINCHED, WINCHED.steps().get(0), List.of()))
                .extracting(TalkCard::part)
                .containsExactly(Part.values());
    }

    @Test
    void whatKillsHereNamesTheRingTheLineAndWhatWasFound() {
        Message found = Message.of(Surprise.FACE_ROTTEN);
        assertThat(heads(WINCHED, Part.KILLS, found))
                .containsExactly(TalkWords.RING, TalkWords.UNDER_TENSION, Surprise.FACE_ROTTEN);
        assertThat(heads(plan(Means.Kind.WEDGES, Step.Kind.FELL, NADIA, SEFA), Part.KILLS))
                .as("nothing is pulled")
                .containsExactly(TalkWords.RING);
    }

    @Test
    void theLayIsSaidAsItWasBriefedAndWhatIsNotProvenIsSaidSo() {
        TalkCard lay = card(WINCHED, Part.LAY);
        assertThat(lay.lines().get(0).head().args()).containsEntry("lay", ReadBack.heading(58));
        assertThat(lay.lines()).extracting(l -> l.head().code()).contains(TalkWords.SPREAD_NOT_KNOWN);
    }

    @Test
    void eachSignalIsSaidOnceWithItsDrawing() {
        List<TalkCard.Line> lines = card(WINCHED, Part.SIGNALS).lines();
        assertThat(lines).extracting(TalkCard.Line::head).doesNotHaveDuplicates();
        assertThat(lines.stream().flatMap(l -> l.sign().stream())).contains(Cue.Sign.THREE_SHORT, Cue.Sign.ARM_SWUNG);
    }

    @Test
    void whoeverHasAPartIsOnTheCardWithTheirRole() {
        assertThat(card(WINCHED, Part.WHO).lines())
                .extracting(l -> l.head().args().get("person"))
                .containsExactly(Arg.name("Nadia Quill"), Arg.name("Sefa Marsh"), Arg.name("Tove Arkwright"));
    }

    @Test
    void whatIsNotFilledInIsNotSaid() {
        assertThat(card(WINCHED, Part.HELP).lines()).isEmpty();
        PlanDocument withHelp = new PlanDocument(
                "x",
                9,
                0,
                0,
                List.of(),
                WINCHED.stems(),
                WINCHED.steps(),
                new EmergencyCard("clinic", "", "grid 12", "", "", "", "", ""));
        assertThat(card(withHelp, Part.HELP).lines()).hasSize(2);
    }

    @Test
    void stepsThatNeedNoGoAreNotToldOnTheirOwn() {
        PlanDocument.StepPart shut = new PlanDocument.StepPart(
                "b",
                2,
                Step.Kind.PREPARE,
                Optional.of("S1"),
                0,
                5,
                List.of(OREN),
                List.of(),
                Optional.of(Work.about(Work.Kind.SHUT, "f1", "Towpath")),
                List.of(),
                false);
        PlanDocument both = new PlanDocument(
                "x",
                9,
                0,
                0,
                List.of(),
                WINCHED.stems(),
                List.of(WINCHED.steps().get(0), shut),
                EmergencyCard.EMPTY);
        assertThat(Talk.steps(both)).extracting(PlanDocument.StepPart::id).containsExactly("a");
        assertThat(card(both, Part.PLAN).lines()).as("but it is in the order").hasSize(2);
    }

    @ParameterizedTest
    @EnumSource(Step.Kind.class)
    void noCardHasMoreThanCanBeRead(Step.Kind kind) {
        PlanDocument p = plan(Means.Kind.HAND_LINE, kind, NADIA, SEFA, OREN);
        Message[] many = IntStream.range(0, 20)
                .mapToObj(x -> Message.of(Surprise.HUNG).with("n", Arg.count(x)))
                .toArray(Message[]::new);
        assertThat(Talk.of(p, p.steps().get(0), List.of(many)))
                .allSatisfy(c -> assertThat(c.lines()).hasSizeLessThanOrEqualTo(c.part() == Part.CUT ? 12 : 7));
    }
}
