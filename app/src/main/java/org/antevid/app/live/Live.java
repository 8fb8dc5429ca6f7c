package org.antevid.app.live;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.antevid.app.job.JobChanged;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** One stream a job: says what changed once it is committed; screens then ask for it. Also knows who is here. */
@RestController
@EnableScheduling
class Live {
    private static final long NEVER = 0;

    private record Listener(SignedIn who, SseEmitter emitter) {
    }

    private final Map<String, List<Listener>> listeners = new ConcurrentHashMap<>();

    @GetMapping(value = "/api/jobs/{job}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    @Needs(Needs.Right.READ)
    SseEmitter live(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        SseEmitter emitter = new SseEmitter(NEVER);
        Listener listener = new Listener(me, emitter);
        listeners.computeIfAbsent(job, j -> new CopyOnWriteArrayList<>()).add(listener);
        Runnable gone = () -> {
            listeners.getOrDefault(job, List.of()).remove(listener);
            send(job, "here");
        };
        emitter.onCompletion(gone);
        emitter.onError(e -> gone.run());
        send(job, "here");
        return emitter;
    }

    @GetMapping("/api/jobs/{job}/here")
    @Needs(Needs.Right.READ)
    List<String> here(@PathVariable String job) {
        return listeners.getOrDefault(job, List.of()).stream().map(l -> l.who.name()).distinct().sorted().toList();
    }

    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT, fallbackExecution = true)
    void changed(JobChanged change) {
        send(change.jobId(), change.what());
    }

    /** Keeps idle streams open and finds those that are gone. */
    @Scheduled(fixedDelay = 15000)
    void ping() {
        listeners.keySet().forEach(job -> send(job, "ping"));
    }

    @EventListener(ContextClosedEvent.class)
    void close() {
        listeners.values().forEach(all -> all.forEach(l -> l.emitter.complete()));
    }

    private void send(String job, String what) {
        for (Listener l : listeners.getOrDefault(job, List.of())) {
            try {
                l.emitter.send(SseEmitter.event().name("changed").data(what));
            } catch (IOException | IllegalStateException e) {
                listeners.getOrDefault(job, List.of()).remove(l);
            }
        }
    }
}
