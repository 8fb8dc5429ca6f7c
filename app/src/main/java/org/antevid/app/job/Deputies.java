package org.antevid.app.job;

import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.antevid.app.job.store.DeputyEntity;
import org.antevid.app.job.store.DeputyRepository;
import org.antevid.app.people.SignedIn;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.run.LogWords;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The leader's deputy: one at a time, of the crew, offered by the leader and accepted with a PIN. A deputy gives the
 * go, closes the step and lifts a hold; everything else stays the leader's.
 */
@Service
@Transactional
public class Deputies {
    private final DeputyRepository deputies;
    private final Jobs jobs;
    private final JobLog log;
    private final Clock clock;

    Deputies(DeputyRepository deputies, Jobs jobs, JobLog log, Clock clock) {
        this.clock = clock;
        this.deputies = deputies;
        this.jobs = jobs;
        this.log = log;
    }

    /** @param accepted before that it is an offer and gives no right */
    public record Deputy(String personId, String name, boolean accepted) {}

    /** @return who is deputy now, or is asked to be; nobody who is no longer of the crew */
    @Transactional(readOnly = true)
    public Optional<Deputy> of(String jobId) {
        return open(jobId).flatMap(d -> jobs.members(jobId).stream()
                .filter(m -> m.part() == Part.CREW && m.person().id().equals(d.personId))
                .findFirst()
                .map(m -> new Deputy(d.personId, m.person().name(), d.acceptedAt != null)));
    }

    /** @return whether this person gives the go and lifts besides the leader */
    @Transactional(readOnly = true)
    public boolean is(String jobId, String personId) {
        return of(jobId).filter(d -> d.accepted && d.personId.equals(personId)).isPresent();
    }

    /** Asks somebody of the crew; whoever was deputy before is it no more. */
    public void offer(String jobId, String personId, SignedIn leader) {
        String name = jobs.members(jobId).stream()
                .filter(m -> m.part() == Part.CREW && m.person().id().equals(personId))
                .findFirst()
                .orElseThrow(() -> new RefusedInput("NOT_CREW", "personId", Message.of(Answer.DEPUTY_OF_CREW)))
                .person()
                .name();
        end(jobId, leader);
        DeputyEntity d = new DeputyEntity();
        d.id = UUID.randomUUID().toString();
        d.jobId = jobId;
        d.personId = personId;
        d.offeredBy = leader.name();
        d.offeredAt = clock.instant();
        deputies.saveAndFlush(d);
        told(jobId, leader, LogWords.DEPUTY_OFFERED, name);
    }

    /** @throws RefusedInput where this person was not asked, or it was taken back */
    public void accept(String jobId, SignedIn who) {
        DeputyEntity d = open(jobId)
                .filter(x -> x.personId.equals(who.personId()))
                .orElseThrow(() -> new RefusedInput("NOT_OFFERED", "deputy", Message.of(Answer.DEPUTY_NOT_OFFERED)));
        if (d.acceptedAt == null) {
            d.acceptedAt = clock.instant();
            deputies.saveAndFlush(d);
            told(jobId, who, LogWords.DEPUTY_ACCEPTED, who.name());
        }
    }

    /** Taken back by the leader, declined or given back by the deputy; nothing happens where there is none. */
    public void end(String jobId, SignedIn who) {
        open(jobId).ifPresent(d -> {
            String name = of(jobId).map(Deputy::name).orElse("");
            d.endedAt = clock.instant();
            d.endedBy = who.name();
            deputies.saveAndFlush(d);
            told(jobId, who, LogWords.DEPUTY_ENDED, name);
        });
    }

    private Optional<DeputyEntity> open(String jobId) {
        return deputies.findByJobIdAndEndedAtIsNull(jobId).stream().findFirst();
    }

    private void told(String jobId, SignedIn who, LogWords what, String deputy) {
        log.write(jobId, who.name(), Message.of(what).with("deputy", Arg.name(deputy)));
        jobs.touched(jobId, Change.RUN);
    }
}
