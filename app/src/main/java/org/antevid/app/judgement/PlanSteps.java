package org.antevid.app.judgement;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.app.crew.Crews;
import org.antevid.app.crew.NotWanted;
import org.antevid.app.crew.PastMinutes;
import org.antevid.app.tangle.Limbs;
import org.antevid.app.tangle.Tangles;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.StepKey;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.crew.LaySteps;
import org.antevid.core.judge.crew.PieceSteps;
import org.antevid.core.judge.crew.PlacedSteps;
import org.antevid.core.judge.crew.ProposedStep;
import org.antevid.core.judge.crew.ProposedSteps;
import org.antevid.core.judge.crew.StepReason;
import org.antevid.core.judge.crew.UsualMinutes;
import org.antevid.core.judge.takedown.StepOfNoPiece;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.tangle.picture.TakenOff;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the plan needs of the crew, as steps with their people, among those that are there. */
@Service
@Transactional
public class PlanSteps {
    private static final int DAY_MIN = 1440;

    private final Judgement judgement;
    private final Tangles tangles;
    private final Limbs limbs;
    private final Crews crews;
    private final NotWanted notWanted;
    private final PastMinutes pastMinutes;

    PlanSteps(
            Judgement judgement,
            Tangles tangles,
            Limbs limbs,
            Crews crews,
            NotWanted notWanted,
            PastMinutes pastMinutes) {
        this.judgement = judgement;
        this.tangles = tangles;
        this.limbs = limbs;
        this.crews = crews;
        this.notWanted = notWanted;
        this.pastMinutes = pastMinutes;
    }

    /**
     * A step the plan asks for and nobody put in.
     *
     * @param takes how long it takes by the house's own steps, else by judgement
     * @param notWanted why the leader does not want it
     */
    public record Asked(
            ProposedStep step, Optional<Message> because, UsualMinutes takes, Optional<NotWanted.Reason> notWanted) {}

    /** @return what the plan asks for and no step does yet: what follows from lays, then the tangle's order */
    @Transactional(readOnly = true)
    public List<Asked> asked(String jobId) {
        Situation s = judgement.situation(jobId);
        Map<String, NotWanted.Reason> not = notWanted.of(jobId);
        PastMinutes.Book past = pastMinutes.read();
        return Stream.of(LaySteps.of(s), ProposedSteps.ofOrder(s, called(jobId)), PieceSteps.of(s))
                .flatMap(List::stream)
                .map(p -> new Asked(
                        p,
                        StepReason.of(s, p.key()),
                        past.of(p.kind(), p.work()),
                        Optional.ofNullable(not.get(p.key().kept()))))
                .toList();
    }

    /**
     * A step of the job.
     *
     * @param because why the plan asks for it; empty of one that somebody added
     * @param takes how long such a step takes by the house's own steps, else by judgement
     */
    public record Reason(String stepId, Optional<Message> because, UsualMinutes takes) {}

    /** @return why each step of the job is there and how long it usually takes */
    @Transactional(readOnly = true)
    public List<Reason> reasons(String jobId) {
        Situation s = judgement.situation(jobId);
        PastMinutes.Book past = pastMinutes.read();
        return s.steps().stream()
                .map(st -> new Reason(st.id(), StepReason.of(s, StepKey.of(st)), past.of(st.kind(), st.work())))
                .toList();
    }

    /**
     * Puts in what the plan asks for; of the same trees what it asks for no more, and is not done, goes.
     *
     * @param keys of those that are wanted; none: all but those the leader does not want
     * @return ids of the steps that were added
     */
    public List<String> putIn(String jobId, List<String> keys) {
        List<ProposedStep> wanted = asked(jobId).stream()
                .filter(a -> keys.isEmpty()
                        ? a.notWanted.isEmpty()
                        : keys.contains(a.step.key().kept()))
                .map(Asked::step)
                .toList();
        Set<String> trees = wanted.stream().flatMap(p -> p.stem().stream()).collect(Collectors.toSet());
        crews.superseded(
                jobId,
                StepOfNoPiece.superseded(judgement.situation(jobId)).stream()
                        .filter(st -> st.stem().filter(trees::contains).isPresent())
                        .map(Step::id)
                        .toList());
        List<String> ids = place(jobId, wanted);
        wanted.forEach(p -> notWanted.takeBack(jobId, p.key()));
        return ids;
    }

    /** The plan asks for a step no more, with the leader's reason. */
    public void notWanted(String jobId, String key, String reason, String who) {
        StepKey step = asked(jobId).stream()
                .map(a -> a.step.key())
                .filter(k -> k.kept().equals(key))
                .findFirst()
                .orElseThrow(() -> new RefusedInput("NOT_ASKED", "key", Message.of(Answer.STEP_NOT_ASKED)));
        notWanted.say(jobId, step, reason, who);
    }

    /** @return what the tangle's order says and no step does yet, in its turns */
    @Transactional(readOnly = true)
    public List<ProposedStep> missing(String jobId) {
        return ProposedSteps.ofOrder(judgement.situation(jobId), called(jobId));
    }

    /** @return ids of the steps that were added for {@link #missing} */
    public List<String> add(String jobId) {
        return place(jobId, missing(jobId));
    }

    /**
     * @param cutsM where the stem is cut, metres from the butt
     * @return ids of the steps in which it is taken off what it lies on
     */
    public List<String> addPieces(String jobId, String stemId, List<Double> cutsM) {
        String label = tangles.label(jobId, stemId);
        TakenOff off = TakenOff.of(tangles.tangle(jobId).picture(), label, cutsM, limbs.on(jobId, stemId));
        return place(jobId, ProposedSteps.ofPieces(judgement.situation(jobId), label, off, called(jobId)));
    }

    private UnaryOperator<String> called(String jobId) {
        return tangles.tangle(jobId)::called;
    }

    private List<String> place(String jobId, List<ProposedStep> more) {
        if (more.isEmpty()) {
            return List.of();
        }
        List<Step> now = crews.steps(jobId);
        int end = now.stream().mapToInt(Step::endMin).max().orElse(0);
        // Work that does not fit into the day is put down in what is left of it: the times are the leader's.
        int most = Math.max(1, (DAY_MIN - end) / more.size());
        PastMinutes.Book past = pastMinutes.read();
        return crews.put(jobId, PlacedSteps.of(now, more, p -> past.of(p.kind(), p.work())
                .atMost(most)));
    }
}
