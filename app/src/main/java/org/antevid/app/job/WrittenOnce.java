package org.antevid.app.job;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.persistence.EntityManager;
import jakarta.persistence.PersistenceException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.util.HexFormat;
import java.util.Optional;
import org.antevid.app.house.HouseChanged;
import org.antevid.app.job.store.WrittenEntity;
import org.antevid.app.people.PeopleChanged;
import org.antevid.app.problem.CrossedWrites;
import org.antevid.app.problem.SentOtherwise;
import org.springframework.core.MethodParameter;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.http.server.ServletServerHttpRequest;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;

/**
 * A write that carries an id ({@value #HEADER}) is done once: the id is stored in the transaction that does it, so that
 * one who did not hear the answer can ask again and gets it. The same id with another write is refused.
 */
@Component
public class WrittenOnce implements CrossedWrites {
    /** Where writes that are about no job keep their ids. */
    static final String HOUSE = "house";

    public static final String HEADER = "X-Write-Id";
    /** Set by who reads bodies whole: the bytes that came, for telling one write from another. */
    public static final String BODY = "antevid.body";

    private static final String CURRENT = "antevid.write";
    private static final int LONGEST = 60;
    private static final int ACCEPTED = 204;
    private final EntityManager entities;
    private final ObjectMapper json;
    private final TransactionTemplate own;
    private final Clock clock;

    WrittenOnce(EntityManager entities, ObjectMapper json, PlatformTransactionManager transactions, Clock clock) {
        this.clock = clock;
        this.entities = entities;
        this.json = json;
        this.own = new TransactionTemplate(transactions);
    }

    /** The write of one request; {@code stored} once its id is in the store with it. */
    private static final class Write {
        private final String jobId;
        private final String id;
        private final String fingerprint;
        private boolean stored;

        private Write(String jobId, String id, String fingerprint) {
            this.jobId = jobId;
            this.id = id;
            this.fingerprint = fingerprint;
        }
    }

    /** @return whether it was done before and the answer has been given again */
    boolean answered(String jobId, String personId, HttpServletRequest request, HttpServletResponse response)
            throws IOException {
        String id = request.getHeader(HEADER);
        if (id == null || id.isBlank() || id.length() > LONGEST || "GET".equals(request.getMethod())) {
            return false;
        }
        Write write = new Write(jobId, id, fingerprint(request, personId));
        request.setAttribute(CURRENT, write);
        return again(write, response);
    }

    @Override
    public boolean answered(HttpServletRequest request, HttpServletResponse response) throws IOException {
        return request.getAttribute(CURRENT) instanceof Write write && again(write, response);
    }

    private boolean again(Write write, HttpServletResponse response) throws IOException {
        Optional<WrittenEntity> known = Optional.ofNullable(
                own.execute(t -> entities.find(WrittenEntity.class, new WrittenEntity.Key(write.jobId, write.id))));
        if (known.isEmpty()) {
            return false;
        }
        if (!known.get().fingerprint.equals(write.fingerprint)) {
            throw new SentOtherwise();
        }
        if (known.get().reply == null) {
            response.setStatus(ACCEPTED);
        } else {
            response.setStatus(known.get().status);
            response.setContentType(MediaType.APPLICATION_JSON_VALUE);
            response.getOutputStream().write(known.get().reply.getBytes(StandardCharsets.UTF_8));
        }
        return true;
    }

    @TransactionalEventListener(phase = TransactionPhase.BEFORE_COMMIT)
    void committing(JobChanged changed) {
        // A receipt is the same however often it comes; forty of them at once are spared the second row.
        current()
                .filter(w ->
                        changed.what() != Change.SEEN && (w.jobId.equals(changed.jobId()) || w.jobId.equals(HOUSE)))
                .ifPresent(this::store);
    }

    @TransactionalEventListener(phase = TransactionPhase.BEFORE_COMMIT)
    void committing(HouseChanged changed) {
        current().filter(w -> w.jobId.equals(HOUSE)).ifPresent(this::store);
    }

    @TransactionalEventListener(phase = TransactionPhase.BEFORE_COMMIT)
    void committing(PeopleChanged changed) {
        current().filter(w -> w.jobId.equals(HOUSE)).ifPresent(this::store);
    }

    private static Optional<Write> current() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes a
                        && a.getRequest().getAttribute(CURRENT) instanceof Write write
                        && !write.stored
                ? Optional.of(write)
                : Optional.empty();
    }

    private void store(Write write) {
        WrittenEntity r = new WrittenEntity();
        r.jobId = write.jobId;
        r.clientId = write.id;
        r.fingerprint = write.fingerprint;
        r.at = clock.instant();
        try {
            // Not saved, which would quietly put this over the one that crossed it.
            entities.persist(r);
            entities.flush();
        } catch (PersistenceException e) {
            throw new DataIntegrityViolationException("written at the same moment", e);
        }
        write.stored = true;
    }

    private void replied(Write write, Object body, int status) {
        if (!write.stored) {
            return;
        }
        own.executeWithoutResult(t -> Optional.ofNullable(
                        entities.find(WrittenEntity.class, new WrittenEntity.Key(write.jobId, write.id)))
                .ifPresent(r -> {
                    try {
                        r.status = status;
                        r.reply = json.writeValueAsString(body);
                    } catch (JsonProcessingException e) {
                        throw new IllegalStateException(e);
                    }
                }));
    }

    private static String fingerprint(HttpServletRequest request, String personId) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            digest.update((request.getMethod()
                            + ' '
                            + request.getRequestURI()
                            + '?'
                            + request.getQueryString()
                            + ' '
                            + personId
                            + '\n')
                    .getBytes(StandardCharsets.UTF_8));
            if (request.getAttribute(BODY) instanceof byte[] body) {
                digest.update(body);
            }
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Keeps the answer of a write for the one who asks again. */
    @RestControllerAdvice
    static class Replies implements ResponseBodyAdvice<Object> {
        private final WrittenOnce once;

        Replies(WrittenOnce once) {
            this.once = once;
        }

        @Override
        public boolean supports(MethodParameter returnType, Class<? extends HttpMessageConverter<?>> converter) {
            return true;
        }

        @Override
        public Object beforeBodyWrite(
                Object body,
                MethodParameter returnType,
                MediaType type,
                Class<? extends HttpMessageConverter<?>> converter,
                ServerHttpRequest request,
                ServerHttpResponse response) {
            if (body != null
                    && request instanceof ServletServerHttpRequest s
                    && s.getServletRequest().getAttribute(CURRENT) instanceof Write write
                    && MediaType.APPLICATION_JSON.isCompatibleWith(type)) {
                once.replied(write, body, 200);
            }
            return body;
        }
    }
}
