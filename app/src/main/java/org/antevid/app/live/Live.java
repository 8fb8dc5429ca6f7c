package org.antevid.app.live;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.antevid.app.job.Change;
import org.antevid.app.job.Headlines;
import org.antevid.app.job.JobChanged;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignIns;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.words.Manner;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Tells everybody on a job what changed once it is committed, on threads of its own: who presses HOLD waits for nobody.
 * A hold travels inside its event; receipts and other changes are gathered for a moment and told once. Before each
 * event the rights are asked again; what could not be told is told again, so no hold is lost to a store that stumbles.
 */
@Component
public class Live {
    private static final Logger LOG = LoggerFactory.getLogger(Live.class);
    private static final int MOST_OF_ONE_PERSON = 4;
    private static final long GATHER_MS = 100;
    private static final long AGAIN_MS = 500;
    private static final long BEAT_MS = 5000;
    private final Map<String, Audience> audiences = new ConcurrentHashMap<>();
    private final Jobs jobs;
    private final SignIns signIns;
    private final Headlines headlines;
    private final ObjectMapper json;
    private final ScheduledExecutorService teller = Executors.newScheduledThreadPool(2, r -> {
        Thread t = new Thread(r, "live");
        t.setDaemon(true);
        return t;
    });

    /** Everybody who listens to one job, and what they have not been told yet. */
    private static final class Audience {
        private final List<Stream> streams = new CopyOnWriteArrayList<>();
        private final Set<JobChanged> untold = new LinkedHashSet<>();
        private final Object holds = new Object();
        private boolean hereChanged;
        private boolean gathering;
    }

    Live(Jobs jobs, SignIns signIns, Headlines headlines, ObjectMapper json) {
        this.jobs = jobs;
        this.signIns = signIns;
        this.headlines = headlines;
        this.json = json;
        var unused = teller.scheduleWithFixedDelay(() -> safely(this::beat), BEAT_MS, BEAT_MS, TimeUnit.MILLISECONDS);
    }

    public void listen(String job, SignedIn me, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        Audience audience = audiences.computeIfAbsent(job, j -> new Audience());
        Stream stream = Stream.open(me, request, response, s -> leave(job, s));
        audience.streams.add(stream);
        List<Stream> own = audience.streams.stream()
                .filter(s -> s.who().personId().equals(me.personId()))
                .toList();
        own.stream().limit(Math.max(0, own.size() - MOST_OF_ONE_PERSON)).forEach(Stream::end);
        stream.tell("beat", bytes("beat", Map.of("everyMs", BEAT_MS)));
        teller.execute(() -> safely(() -> tellHold(job, audience, List.of(stream))));
        hereChanged(job);
    }

    public List<String> here(String job) {
        Audience audience = audiences.get(job);
        return audience == null
                ? List.of()
                : audience.streams.stream()
                        .map(s -> s.who().name())
                        .distinct()
                        .sorted()
                        .toList();
    }

    private void leave(String job, Stream stream) {
        Audience audience = audiences.get(job);
        if (audience != null && audience.streams.remove(stream)) {
            hereChanged(job);
        }
    }

    private void hereChanged(String job) {
        gather(job, a -> a.hereChanged = true, GATHER_MS);
    }

    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
    void changed(JobChanged change) {
        boolean urgent = change.what() == Change.HOLD;
        gather(change.jobId(), a -> a.untold.add(change), urgent ? 0 : GATHER_MS);
    }

    private void gather(String job, Consumer<Audience> what, long afterMs) {
        Audience audience = audiences.get(job);
        if (audience == null || teller.isShutdown()) {
            return;
        }
        synchronized (audience) {
            what.accept(audience);
            if (audience.gathering && afterMs > 0) {
                return;
            }
            audience.gathering |= afterMs > 0;
        }
        var unused = teller.schedule(() -> safely(() -> tell(job, audience)), afterMs, TimeUnit.MILLISECONDS);
    }

    private void tell(String job, Audience audience) {
        Set<JobChanged> changes;
        boolean hereChanged;
        synchronized (audience) {
            changes = new LinkedHashSet<>(audience.untold);
            hereChanged = audience.hereChanged;
            audience.untold.clear();
            audience.hereChanged = false;
            audience.gathering = false;
        }
        try {
            told(job, audience, changes);
        } catch (RuntimeException e) {
            LOG.warn("told again in a moment: {}", e.getMessage());
            changes.forEach(c -> gather(job, a -> a.untold.add(c), AGAIN_MS));
        }
        if (hereChanged) {
            byte[] event = bytes("here", here(job));
            audience.streams.forEach(s -> s.tell("here", event));
        }
    }

    private void told(String job, Audience audience, Set<JobChanged> all) {
        Set<JobChanged> changes = new LinkedHashSet<>(all);
        dropThoseWithoutRights(job, audience);
        boolean seen = changes.removeIf(c -> c.what() == Change.SEEN);
        boolean hold = seen || changes.stream().anyMatch(c -> c.what() == Change.HOLD);
        if (hold) {
            tellHold(job, audience, audience.streams);
        }
        if (!changes.isEmpty()) {
            audience.streams.forEach(s -> s.changed(changes));
        }
    }

    /**
     * In the words of each listener. Looked up and told under one lock: what was looked up earlier never comes after
     * what was looked up later.
     */
    private void tellHold(String job, Audience audience, List<Stream> whom) {
        synchronized (audience.holds) {
            Object headline = headlines.of(job);
            Map<Manner, byte[]> events = new HashMap<>();
            whom.forEach(s -> s.tell(
                    "hold",
                    events.computeIfAbsent(s.who().manner(), m -> Speech.to(s.who(), () -> bytes("hold", headline)))));
        }
    }

    private void dropThoseWithoutRights(String job, Audience audience) {
        Set<String> may = jobs.whoMayRead(job);
        audience.streams.stream()
                .filter(s -> !may.contains(s.who().personId()) || !signIns.isOpen(s.who()))
                .forEach(Stream::end);
    }

    /** Says that the link is alive, and finds those that are gone. */
    private void beat() {
        byte[] event = bytes("beat", Map.of("everyMs", BEAT_MS));
        audiences.forEach((job, audience) -> {
            if (audience.streams.isEmpty()) {
                return;
            }
            dropThoseWithoutRights(job, audience);
            audience.streams.forEach(s -> s.tell("beat", event));
        });
    }

    private byte[] bytes(String name, Object body) {
        try {
            return ("event:" + name + "\ndata:" + json.writeValueAsString(body) + "\n\n")
                    .getBytes(StandardCharsets.UTF_8);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void safely(Runnable r) {
        try {
            r.run();
        } catch (RuntimeException e) {
            LOG.warn("not told: {}", e.getMessage());
        }
    }

    @EventListener(ContextClosedEvent.class)
    void close() {
        teller.shutdownNow();
        audiences.values().forEach(a -> a.streams.forEach(Stream::end));
    }
}
