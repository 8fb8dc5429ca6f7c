package org.antevid.app.briefing;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.antevid.app.briefing.store.VisitorEntity;
import org.antevid.app.briefing.store.VisitorRepository;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.brief.VisitorCard;
import org.antevid.core.crew.VisitorKind;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.run.LogWords;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who is on the site without work there: told by somebody of the job, and told again when that has changed. */
@Service
@Transactional
public class Visitors {
    private static final int LONGEST_NAME = 80;
    private final VisitorRepository visitors;
    private final Briefings briefings;
    private final Jobs jobs;
    private final People people;
    private final JobLog log;
    private final Clock clock;

    Visitors(VisitorRepository visitors, Briefings briefings, Jobs jobs, People people, JobLog log, Clock clock) {
        this.clock = clock;
        this.visitors = visitors;
        this.briefings = briefings;
        this.jobs = jobs;
        this.people = people;
        this.log = log;
    }

    /** @param again what they would be told now is not what they were told */
    public record Visitor(String id, String name, VisitorKind kind, String toldBy, Instant toldAt, boolean again) {}

    /** @return what a visitor is told now; empty before the first briefing */
    @Transactional(readOnly = true)
    public List<Message> card(String jobId) {
        return briefings.latest(jobId).map(b -> card(jobId, b.plan())).orElse(List.of());
    }

    /** @return what a visitor is told while this is the plan */
    @Transactional(readOnly = true)
    public List<Message> card(String jobId, PlanDocument plan) {
        return of(jobId, plan).lines(people.signed(jobs.leaderOf(jobId)).name());
    }

    private VisitorCard of(String jobId, PlanDocument plan) {
        return VisitorCard.of(plan, jobs.job(jobId).meetingPoint());
    }

    private Optional<VisitorCard> now(String jobId) {
        return briefings.latest(jobId).map(b -> of(jobId, b.plan()));
    }

    /** @return who is here, in the order they were told */
    @Transactional(readOnly = true)
    public List<Visitor> here(String jobId) {
        List<VisitorEntity> all = visitors.findByJobIdAndLeftAtIsNullOrderByToldAt(jobId);
        if (all.isEmpty()) {
            return List.of();
        }
        Optional<VisitorCard> now = now(jobId);
        return all.stream()
                .map(v -> new Visitor(
                        v.id,
                        v.name,
                        v.kind,
                        v.toldBy,
                        v.toldAt,
                        now.filter(c -> c.newAfter(told(v))).isPresent()))
                .toList();
    }

    private static VisitorCard told(VisitorEntity v) {
        return new VisitorCard(Optional.ofNullable(v.toldRingM), v.toldWaitAt);
    }

    /**
     * Somebody came, was told and said it back.
     *
     * @return their id
     * @throws RefusedInput before a briefing is issued: nobody can be told what nobody has decided
     */
    public String came(String jobId, String name, VisitorKind kind, SignedIn who) {
        VisitorEntity v = new VisitorEntity();
        v.id = UUID.randomUUID().toString();
        v.jobId = jobId;
        v.name = Require.text(name, LONGEST_NAME, "name");
        v.kind = kind;
        tell(v, who);
        return v.id;
    }

    public void again(String jobId, String id, SignedIn who) {
        tell(here(jobId, id), who);
    }

    public void left(String jobId, String id, SignedIn who) {
        VisitorEntity v = here(jobId, id);
        v.leftAt = clock.instant();
        v.leftBy = who.name();
        visitors.saveAndFlush(v);
        said(v, LogWords.VISITOR_LEFT, who);
    }

    private void tell(VisitorEntity v, SignedIn who) {
        VisitorCard card = now(v.jobId)
                .orElseThrow(() -> new RefusedInput("NO_BRIEFING", "briefing", Message.of(Answer.VISITOR_BRIEF_FIRST)));
        v.toldBy = who.name();
        v.toldAt = clock.instant();
        v.toldRingM = card.ringM().orElse(null);
        v.toldWaitAt = card.waitAt();
        visitors.saveAndFlush(v);
        said(v, LogWords.VISITOR_TOLD, who);
    }

    private VisitorEntity here(String jobId, String id) {
        return visitors.findById(id)
                .filter(v -> v.jobId.equals(jobId) && v.leftAt == null)
                .orElseThrow(NotThere::new);
    }

    private void said(VisitorEntity v, LogWords what, SignedIn who) {
        log.write(
                v.jobId,
                who.name(),
                Message.of(what).with("name", Arg.name(v.name)).with("kind", Arg.term(v.kind)));
        jobs.touched(v.jobId, Change.RUN);
    }
}
