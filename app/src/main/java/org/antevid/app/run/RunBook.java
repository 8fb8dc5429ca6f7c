package org.antevid.app.run;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.antevid.app.instrument.Anemometer;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.SentOtherwise;
import org.antevid.app.run.store.RunEventEntity;
import org.antevid.app.run.store.RunEventRepository;
import org.antevid.core.quantity.Require;
import org.antevid.core.run.Course;
import org.antevid.core.run.Happening;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/** The book of what happened: appending one line is a transaction of its own that conflicts with nothing. */
@Component
class RunBook {
    private static final int LONGEST_ID = 60;
    private final RunEventRepository events;
    private final TransactionTemplate own;
    private final Anemometer anemometer;
    private final Clock clock;
    /** Presses are stored one after the other, so that none gets a lower number than one somebody has seen already. */
    private final Object pressing = new Object();

    RunBook(RunEventRepository events, PlatformTransactionManager transactions, Anemometer anemometer, Clock clock) {
        this.anemometer = anemometer;
        this.clock = clock;
        this.events = events;
        this.own = new TransactionTemplate(transactions);
        own.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRED);
    }

    /**
     * What is to be written. {@code through}: the last happening its writer has seen; {@code pressedAgo}: how long it
     * waited on a phone.
     */
    record Line(
            Happening.Kind kind,
            String subject,
            String detail,
            long through,
            String reason,
            Optional<Duration> pressedAgo) {
        static Line of(Happening.Kind kind, String subject) {
            return new Line(kind, subject, "", 0, "", Optional.empty());
        }

        static Line of(Happening.Kind kind, String subject, String detail) {
            return new Line(kind, subject, detail, 0, "", Optional.empty());
        }
    }

    List<RunEventEntity> lines(String jobId) {
        return events.findByJobIdOrderBySeq(jobId);
    }

    static Course course(List<RunEventEntity> lines) {
        return Course.of(lines.stream().map(RunEventEntity::forCore).collect(Collectors.toList()));
    }

    /** @return the last go of a step */
    Optional<RunEventEntity> lastGo(String jobId, String stepId) {
        List<RunEventEntity> lines = lines(jobId);
        return course(lines).lastGo(stepId).flatMap(go -> lines.stream()
                .filter(l -> l.forCore().seq() == go.seq())
                .findFirst());
    }

    Course course(String jobId) {
        return course(lines(jobId));
    }

    /**
     * Appends a line, once. {@code along} is done in the same transaction, and not at all when the line is there
     * already.
     *
     * @param clientId made by the sender; blank for one the server makes
     * @return whether it is new
     * @throws SentOtherwise when another thing was sent under this id
     */
    boolean append(String jobId, Line line, String clientId, SignedIn who, Runnable along) {
        RunEventEntity r = record(jobId, line, clientId, who);
        if (line.kind() == Happening.Kind.PRESSED) {
            synchronized (pressing) {
                return once(r, along);
            }
        }
        return once(r, along);
    }

    private boolean once(RunEventEntity r, Runnable along) {
        try {
            return Boolean.TRUE.equals(own.execute(t -> {
                if (isThere(r)) {
                    return false;
                }
                events.saveAndFlush(r);
                along.run();
                return true;
            }));
        } catch (DataIntegrityViolationException e) {
            if (Boolean.TRUE.equals(own.execute(t -> isThere(r)))) {
                return false;
            }
            throw e;
        }
    }

    private boolean isThere(RunEventEntity r) {
        Optional<RunEventEntity> known = events.findByJobIdAndClientId(r.jobId, r.clientId);
        known.filter(k -> !k.same(r)).ifPresent(k -> {
            throw new SentOtherwise();
        });
        return known.isPresent();
    }

    private RunEventEntity record(String jobId, Line line, String clientId, SignedIn who) {
        RunEventEntity r = new RunEventEntity();
        r.jobId = jobId;
        r.kind = line.kind();
        r.personId = who.personId();
        r.who = who.name();
        r.subject = line.subject();
        r.detail = line.detail();
        r.through = line.through();
        r.clientId = clientId == null || clientId.isBlank()
                ? UUID.randomUUID().toString()
                : Require.text(clientId, LONGEST_ID, "id");
        r.reason = line.reason();
        r.at = clock.instant();
        if (line.kind() == Happening.Kind.GO) {
            Anemometer.Reading wind = anemometer.now();
            r.gustMs = wind.gustMs().high();
            r.gustFromDeg = wind.fromDeg();
        }
        r.pressedAt = line.pressedAgo().map(r.at::minus).orElse(null);
        return r;
    }
}
