package org.antevid.app.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobChanged;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.Office;
import org.antevid.app.people.SignIns;
import org.antevid.app.people.SignedIn;
import org.antevid.app.people.Way;
import org.antevid.words.Manner;
import org.junit.jupiter.api.Test;

/** A store that stumbles while a hold is to be told does not keep it from those who listen. */
class ToldAgainTest {
    private final BlockingQueue<String> written = new LinkedBlockingQueue<>();
    private final AtomicInteger stumbles = new AtomicInteger();

    @Test
    void aHoldThatCouldNotBeToldIsToldAgain() throws Exception {
        Jobs jobs = mock(Jobs.class);
        when(jobs.whoMayRead("job")).thenAnswer(asked -> {
            if (stumbles.getAndDecrement() > 0) {
                throw new IllegalStateException("the store stumbles");
            }
            return Set.of("sefa");
        });
        SignIns signIns = mock(SignIns.class);
        when(signIns.isOpen(any())).thenReturn(true);
        Live live = new Live(jobs, signIns, job -> Map.of("hold", "stands"), new ObjectMapper());
        try {
            live.listen("job", sefa(), request(), response());
            told();
            stumbles.set(2);
            live.changed(new JobChanged("job", Change.HOLD));
            assertThat(told()).contains("stands");
        } finally {
            live.close();
        }
    }

    /** @return empty when none is told within ten seconds, whatever else is */
    private String told() throws InterruptedException {
        long late = System.nanoTime() + TimeUnit.SECONDS.toNanos(10);
        while (System.nanoTime() < late) {
            String event = written.poll(1, TimeUnit.SECONDS);
            if (event != null && event.startsWith("event:hold")) {
                return event;
            }
        }
        return "";
    }

    private static SignedIn sefa() {
        return new SignedIn("sefa", "Sefa Low", Office.CREW, "1", "", Way.PIN, Manner.USUAL);
    }

    private static HttpServletRequest request() {
        HttpServletRequest request = mock(HttpServletRequest.class);
        when(request.startAsync()).thenReturn(mock(AsyncContext.class));
        return request;
    }

    private HttpServletResponse response() throws Exception {
        HttpServletResponse response = mock(HttpServletResponse.class);
        when(response.getOutputStream()).thenReturn(new ServletOutputStream() {
            @Override
            public boolean isReady() {
                return true;
            }

            @Override
            public void setWriteListener(WriteListener listener) {
                new Thread(() -> {
                            try {
                                Thread.sleep(50);
                                listener.onWritePossible();
                            } catch (Exception e) {
                                throw new IllegalStateException(e);
                            }
                        })
                        .start();
            }

            @Override
            public void write(int b) {
                throw new UnsupportedOperationException();
            }

            @Override
            public void write(byte[] event) {
                written.add(new String(event, StandardCharsets.UTF_8));
            }
        });
        return response;
    }
}
