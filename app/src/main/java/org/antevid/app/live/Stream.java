package org.antevid.app.live;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.antevid.app.job.JobChanged;
import org.antevid.app.people.SignedIn;

/**
 * One listener. It is written to only when its socket takes bytes, so one that stalls keeps no thread; of each kind of
 * event it keeps only the newest, so it keeps no memory either. One that has taken nothing for a while is let go.
 */
final class Stream implements WriteListener, AsyncListener {
    private static final long STALLED_NS = 12_000_000_000L;
    private final SignedIn who;
    private final AsyncContext context;
    private final ServletOutputStream out;
    private final Consumer<Stream> gone;
    private boolean ended;
    private final Map<String, byte[]> waiting = new LinkedHashMap<>();
    private final Set<JobChanged> changes = new LinkedHashSet<>();
    private boolean mayWrite;
    private boolean unflushed;
    private long tookAtNs = System.nanoTime();

    private Stream(SignedIn who, AsyncContext context, ServletOutputStream out, Consumer<Stream> gone) {
        this.who = who;
        this.context = context;
        this.out = out;
        this.gone = gone;
    }

    static Stream open(SignedIn who, HttpServletRequest request, HttpServletResponse response, Consumer<Stream> gone)
            throws IOException {
        response.setContentType("text/event-stream");
        response.setCharacterEncoding("UTF-8");
        response.setHeader("Cache-Control", "no-store");
        response.setHeader("X-Accel-Buffering", "no");
        AsyncContext context = request.startAsync();
        context.setTimeout(0);
        Stream stream = new Stream(who, context, response.getOutputStream(), gone);
        context.addListener(stream);
        stream.out.setWriteListener(stream);
        return stream;
    }

    SignedIn who() {
        return who;
    }

    /** @param event whole, as it goes out; replaces one of the same name that has not gone out yet */
    void tell(String name, byte[] event) {
        synchronized (this) {
            waiting.remove(name);
            waiting.put(name, event);
        }
        write();
    }

    void changed(Collection<JobChanged> what) {
        synchronized (this) {
            changes.addAll(what);
        }
        write();
    }

    private synchronized Optional<byte[]> next() {
        if (!waiting.isEmpty()) {
            String first = waiting.containsKey("hold")
                    ? "hold"
                    : waiting.keySet().iterator().next();
            return Optional.of(waiting.remove(first));
        }
        if (changes.isEmpty()) {
            return Optional.empty();
        }
        String names =
                changes.stream().map(c -> c.what().name() + ":" + c.write()).collect(Collectors.joining(" "));
        changes.clear();
        return Optional.of(("event:changed\ndata:" + names + "\n\n").getBytes(StandardCharsets.UTF_8));
    }

    /** Writes what the socket takes; the container calls again when it takes more. */
    private void write() {
        try {
            synchronized (this) {
                if (!mayWrite || ended) {
                    return;
                }
                while (out.isReady()) {
                    tookAtNs = System.nanoTime();
                    if (unflushed) {
                        unflushed = false;
                        out.flush();
                        continue;
                    }
                    Optional<byte[]> event = next();
                    if (event.isEmpty()) {
                        return;
                    }
                    out.write(event.get());
                    unflushed = true;
                }
                if (System.nanoTime() - tookAtNs < STALLED_NS) {
                    return;
                }
            }
            end();
        } catch (IOException | IllegalStateException e) {
            lost();
        }
    }

    @Override
    public void onWritePossible() {
        synchronized (this) {
            mayWrite = true;
        }
        write();
    }

    /**
     * Ends it from this side. Under the lock that every call of the container takes: it uses a request's objects anew
     * as soon as it has told that the request is over, and ending it then would end somebody else's.
     */
    void end() {
        boolean mine;
        synchronized (this) {
            mine = !ended;
            ended = true;
            if (mine) {
                complete();
            }
        }
        if (mine) {
            gone.accept(this);
        }
    }

    private void complete() {
        try {
            context.complete();
        } catch (IllegalStateException e) {
            // the container has ended it already
        }
    }

    /** The one at the other end went away. The container says so once more, as an event, and is answered there. */
    private void lost() {
        boolean mine;
        synchronized (this) {
            mine = !ended;
            ended = true;
        }
        if (mine) {
            gone.accept(this);
        }
    }

    @Override
    public void onError(Throwable t) {
        lost();
    }

    @Override
    public void onError(AsyncEvent event) {
        lost();
        synchronized (this) {
            complete();
        }
    }

    @Override
    public void onTimeout(AsyncEvent event) {
        end();
    }

    @Override
    public void onComplete(AsyncEvent event) {
        lost();
    }

    @Override
    public void onStartAsync(AsyncEvent event) {
        // nothing starts it again
    }
}
