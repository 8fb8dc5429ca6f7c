package org.antevid.app.shell;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletRequestWrapper;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Pattern;
import org.antevid.app.job.WrittenOnce;
import org.antevid.app.problem.Problems;
import org.apache.catalina.connector.RequestFacade;
import org.apache.tomcat.util.http.fileupload.FileUploadException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Reads bodies whole before anything works on them, without keeping a thread for a slow sender: bytes are counted as
 * they come, a body has ten seconds, and no address holds more than its share. HOLD goes on threads and connections of
 * its own, so that it waits for nothing else.
 */
final class Bodies extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(Bodies.class);
    private static final Pattern HOLD = Pattern.compile("/api/jobs/[^/]+/run/holds");
    private static final int SUM_BYTES = 64_000;
    private static final int JSON_BYTES = 1_000_000;
    private static final int FILE_BYTES = 13_000_000;
    private static final long ALL_BYTES = 60_000_000;
    private static final long BODY_MS = 10_000;
    private static final String LATE = "It took too long to arrive. Nothing was changed.";
    private static final int OF_AN_ADDRESS = 300;
    private static final int AT_WORK = 120;
    private static final String ARRIVED = "antevid.arrived";
    private final Map<String, AtomicInteger> addresses = new ConcurrentHashMap<>();
    private final AtomicLong arriving = new AtomicLong();
    private final Semaphore work = new Semaphore(AT_WORK);
    private final ScheduledExecutorService deadlines =
            Executors.newSingleThreadScheduledExecutor(r -> named(r, "deadlines"));

    private static Thread named(Runnable r, String name) {
        Thread t = new Thread(r, name);
        t.setDaemon(true);
        return t;
    }

    private static boolean isHold(HttpServletRequest request) {
        return "POST".equals(request.getMethod())
                && HOLD.matcher(request.getRequestURI()).matches();
    }

    private static int most(HttpServletRequest request) {
        return WholeRequest.isForm(request)
                ? FILE_BYTES
                : request.getRequestURI().startsWith("/api/sums") ? SUM_BYTES : JSON_BYTES;
    }

    private static boolean hasBody(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
    }

    private static boolean isMediaType(String type) {
        try {
            return type == null || MediaType.parseMediaType(type).isConcrete();
        } catch (InvalidMediaTypeException e) {
            return false;
        }
    }

    private static void tooLarge(HttpServletRequest request, HttpServletResponse response) throws IOException {
        int most = most(request);
        Problems.write(
                response,
                HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE,
                "More than " + (most == FILE_BYTES ? "12 MB" : most == SUM_BYTES ? "64 KB" : "1 MB")
                        + " was sent; send less. Nothing was changed.");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getAttribute(ARRIVED) instanceof byte[] body) {
            arrived(request, response, chain, body);
            return;
        }
        if (request.getContentLengthLong() > most(request)) {
            tooLarge(request, response);
            return;
        }
        if (hasBody(request) && !isMediaType(request.getContentType())) {
            Problems.write(
                    response,
                    HttpServletResponse.SC_UNSUPPORTED_MEDIA_TYPE,
                    "Say what is sent: application/json, or a form with a file in it.");
            return;
        }
        boolean hold = isHold(request);
        String address = String.valueOf(request.getRemoteAddr());
        AtomicInteger there = addresses.computeIfAbsent(address, a -> new AtomicInteger());
        if (there.incrementAndGet() > OF_AN_ADDRESS && !hold) {
            there.decrementAndGet();
            Problems.write(response, 429, "Too much at once from this address. Wait a second, then try again.");
            return;
        }
        Share share = new Share(address);
        boolean arrives = hasBody(request) && unwrapped(request) instanceof RequestFacade;
        try {
            if (arrives) {
                new Arriving(request, response, share).start();
            } else if (hasBody(request)) {
                work(
                        whole(
                                request,
                                request.getInputStream().readNBytes(most(request) + 1),
                                request.getParameterMap()),
                        response,
                        chain,
                        hold);
            } else {
                work(request, response, chain, hold);
            }
        } finally {
            if (request.isAsyncStarted()) {
                request.getAsyncContext().addListener(share);
            } else {
                share.give();
            }
        }
    }

    /** The body is here: the container has called again, on a thread that waits for nobody. */
    private void arrived(HttpServletRequest request, HttpServletResponse response, FilterChain chain, byte[] body)
            throws ServletException, IOException {
        request.removeAttribute(ARRIVED);
        try {
            work(whole(request, body, WholeRequest.asked(request)), response, chain, isHold(request));
        } catch (BadForm e) {
            Problems.write(
                    response,
                    HttpServletResponse.SC_BAD_REQUEST,
                    "The file did not arrive as a form with a file in it.");
        }
    }

    /** Every filter before this one sees the second call too. */
    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    private static ServletRequest unwrapped(ServletRequest request) {
        return request instanceof ServletRequestWrapper w ? unwrapped(w.getRequest()) : request;
    }

    private static HttpServletRequest whole(HttpServletRequest request, byte[] body, Map<String, String[]> asked)
            throws IOException {
        request.setAttribute(WrittenOnce.BODY, body);
        try {
            return WholeRequest.of(request, body, asked);
        } catch (FileUploadException | RuntimeException e) {
            throw new BadForm(e);
        }
    }

    /** Work that is no hold leaves threads free for those that are. */
    private void work(HttpServletRequest request, HttpServletResponse response, FilterChain chain, boolean hold)
            throws ServletException, IOException {
        if (request.getAttribute(WrittenOnce.BODY) instanceof byte[] b && b.length > most(request)) {
            tooLarge(request, response);
            return;
        }
        if (hold) {
            HoldLane.in(() -> chain.doFilter(request, response));
            return;
        }
        if (!work.tryAcquire()) {
            Problems.write(response, 429, "Too much at once. Wait a second, then try again.");
            return;
        }
        try {
            chain.doFilter(request, response);
        } finally {
            work.release();
        }
    }

    /** A form that is none. */
    private static final class BadForm extends IOException {
        BadForm(Exception cause) {
            super(cause);
        }
    }

    /** What one request takes of its address's share, given back once. */
    private final class Share implements AsyncListener {
        private final String address;
        private final AtomicBoolean given = new AtomicBoolean();

        private Share(String address) {
            this.address = address;
        }

        void give() {
            if (given.compareAndSet(false, true)) {
                addresses.computeIfPresent(address, (a, n) -> n.decrementAndGet() <= 0 ? null : n);
            }
        }

        @Override
        public void onComplete(AsyncEvent event) {
            give();
        }

        @Override
        public void onTimeout(AsyncEvent event) {
            // the one who started it ends it
        }

        @Override
        public void onError(AsyncEvent event) {
            give();
        }

        @Override
        public void onStartAsync(AsyncEvent event) {
            // not started again
        }
    }

    /** One body on its way in. */
    private final class Arriving implements ReadListener {
        private final HttpServletRequest request;
        private final HttpServletResponse response;
        private final AsyncContext context;
        private final ServletInputStream in;
        private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        private final AtomicBoolean decided = new AtomicBoolean();
        private final byte[] buffer = new byte[8192];
        private final int most;
        private @Nullable ScheduledFuture<?> deadline;

        private Arriving(HttpServletRequest request, HttpServletResponse response, Share share) throws IOException {
            this.request = request;
            this.response = response;
            this.most = most(request);
            this.context = request.startAsync(request, response);
            context.setTimeout(0);
            context.addListener(share);
            this.in = request.getInputStream();
        }

        void start() {
            deadline = deadlines.schedule(
                    () -> refuse(HttpServletResponse.SC_REQUEST_TIMEOUT, LATE), BODY_MS, TimeUnit.MILLISECONDS);
            in.setReadListener(this);
        }

        @Override
        public void onDataAvailable() throws IOException {
            while (!decided.get() && in.isReady()) {
                int n = in.read(buffer);
                if (n < 0) {
                    return;
                }
                bytes.write(buffer, 0, n);
                if (arriving.addAndGet(n) > ALL_BYTES) {
                    refuse(429, "Too much at once. Wait a second, then try again.");
                } else if (bytes.size() > most) {
                    refuse(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE, "");
                }
            }
        }

        /**
         * Decided under one lock that the container's calls take too: once it has told that a request is over it uses
         * its objects for another.
         */
        @Override
        public synchronized void onAllDataRead() {
            if (!decide()) {
                return;
            }
            arriving.addAndGet(-bytes.size());
            request.setAttribute(ARRIVED, bytes.toByteArray());
            context.dispatch();
        }

        private boolean decide() {
            boolean first = decided.compareAndSet(false, true);
            if (first) {
                ScheduledFuture<?> planned = deadline;
                if (planned != null) {
                    planned.cancel(false);
                }
            }
            return first;
        }

        private synchronized void refuse(int status, String detail) {
            if (decide()) {
                response.setHeader("Connection", "close");
                write(status, detail);
                end();
            }
        }

        private void write(int status, String detail) {
            try {
                if (detail.isEmpty()) {
                    tooLarge(request, response);
                } else {
                    Problems.write(response, status, detail);
                }
            } catch (IOException | IllegalStateException e) {
                LOG.debug("gone: {}", e.getMessage());
            }
        }

        private void end() {
            arriving.addAndGet(-bytes.size());
            try {
                context.complete();
            } catch (IllegalStateException e) {
                LOG.debug("ended already: {}", e.getMessage());
            }
        }

        @Override
        public synchronized void onError(Throwable t) {
            // the container may give up a body that does not come before our deadline does
            if (decide()) {
                response.setHeader("Connection", "close");
                write(HttpServletResponse.SC_REQUEST_TIMEOUT, LATE);
                end();
            }
        }
    }

    @Override
    public void destroy() {
        deadlines.shutdownNow();
    }
}
