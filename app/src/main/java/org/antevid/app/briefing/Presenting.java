package org.antevid.app.briefing;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.core.brief.TalkCard;
import org.springframework.stereotype.Component;

/**
 * The card that is shown to the crew just now. It is nothing of the record: after a restart, or when nobody turned a
 * card for a while, none is shown.
 */
@Component
public class Presenting {
    private static final Duration OVER_AFTER = Duration.ofMinutes(30);
    private final Map<String, Shown> shown = new ConcurrentHashMap<>();
    private final Jobs jobs;
    private final Clock clock;

    Presenting(Jobs jobs, Clock clock) {
        this.clock = clock;
        this.jobs = jobs;
    }

    /** @param turn of the step that is told */
    public record Shown(int number, int turn, TalkCard.Part part, String personId, String name, Instant at) {}

    public Optional<Shown> of(String jobId) {
        return Optional.ofNullable(shown.get(jobId))
                .filter(s -> Duration.between(s.at, clock.instant()).compareTo(OVER_AFTER) < 0);
    }

    public void show(String jobId, int number, int turn, TalkCard.Part part, SignedIn who) {
        shown.put(jobId, new Shown(number, turn, part, who.personId(), who.name(), clock.instant()));
        jobs.touched(jobId, Change.SHOWN);
    }

    public void over(String jobId) {
        shown.remove(jobId);
        jobs.touched(jobId, Change.SHOWN);
    }
}
