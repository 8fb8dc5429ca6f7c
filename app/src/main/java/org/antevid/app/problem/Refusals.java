package org.antevid.app.problem;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.ConstraintViolationException;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.antevid.app.reader.Speech;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.message.Plain;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.words.Answer;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;

/** Turns refusals into problem details; whatever a client sends, the answer says what was wrong with it. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class Refusals {
    private static final Logger LOG = LoggerFactory.getLogger(Refusals.class);
    private static final List<Fault> NONE = List.of();
    private final CrossedWrites crossed;

    Refusals(CrossedWrites crossed) {
        this.crossed = crossed;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(RefusedInput e) {
        return problem(HttpStatus.UNPROCESSABLE_ENTITY, said(e.faults()), e.faults());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> notValid(MethodArgumentNotValidException e) {
        List<Fault> faults = e.getBindingResult().getFieldErrors().stream()
                .map(f -> new Fault(
                        f.getRejectedValue() == null ? "MISSING" : "OUT_OF_RANGE",
                        f.getField(),
                        Plain.said(String.valueOf(f.getDefaultMessage()))))
                .toList();
        return problem(HttpStatus.BAD_REQUEST, said(faults), faults);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> notValid(ConstraintViolationException e) {
        List<Fault> faults = e.getConstraintViolations().stream()
                .map(v -> new Fault("OUT_OF_RANGE", String.valueOf(v.getPropertyPath()), Plain.said(v.getMessage())))
                .toList();
        return problem(HttpStatus.BAD_REQUEST, said(faults), faults);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> notReadable(HttpMessageNotReadableException e) {
        return problem(HttpStatus.BAD_REQUEST, say(Answer.NOT_THE_JSON), NONE);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> wrongKind(MethodArgumentTypeMismatchException e) {
        return problem(
                HttpStatus.BAD_REQUEST,
                Speech.words().say(Message.of(Answer.NOT_EXPECTED_OF).with("name", Arg.name(e.getName()))),
                List.of(new Fault("BAD_CHOICE", e.getName(), Message.of(Answer.NOT_EXPECTED))));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noFile(MultipartException e) {
        return problem(
                HttpStatus.BAD_REQUEST,
                say(Answer.NO_FORM_WITH_FILE),
                List.of(new Fault("MISSING", "file", Message.of(Answer.MULTIPART))));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> notThere(NotThere e) {
        return problem(HttpStatus.NOT_FOUND, say(Answer.NOTHING_HERE), NONE);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> notAllowed(NotAllowed e) {
        return problem(HttpStatus.FORBIDDEN, Speech.words().say(e.says()), NONE);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> stale(Stale e) {
        return problem(HttpStatus.CONFLICT, Speech.words().say(e.says()), NONE);
    }

    @ExceptionHandler({
        OptimisticLockingFailureException.class,
        PessimisticLockingFailureException.class,
        DataIntegrityViolationException.class
    })
    @Nullable
    ResponseEntity<ProblemDetail> overtaken(
            RuntimeException e, HttpServletRequest request, HttpServletResponse response) throws IOException {
        if (crossed.answered(request, response)) {
            return null;
        }
        return problem(HttpStatus.CONFLICT, say(Answer.CHANGED_AT_ONCE), NONE);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> sentOtherwise(SentOtherwise e) {
        return problem(
                HttpStatus.CONFLICT,
                say(Answer.SENT_OTHERWISE),
                List.of(new Fault("SENT_OTHERWISE", "id", Message.of(Answer.NEW_ID))));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> signAgain(SignAgain e) {
        return problem(
                HttpStatus.FORBIDDEN,
                say(Answer.SIGN_AGAIN),
                List.of(new Fault("SIGN_AGAIN", "secret", Message.of(Answer.SECRET))));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooOften(TooOften e) {
        return problem(HttpStatus.TOO_MANY_REQUESTS, say(Answer.TOO_MANY_TRIES), NONE);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooLarge(MaxUploadSizeExceededException e) {
        return problem(
                HttpStatus.PAYLOAD_TOO_LARGE,
                say(Answer.FILE_TOO_LARGE),
                List.of(new Fault("TOO_LARGE", "file", Message.of(Answer.MOST_MB))));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> notSignedIn(NotSignedIn e) {
        return problem(HttpStatus.UNAUTHORIZED, Speech.words().say(e.says()), NONE);
    }

    /** Nobody is there any more to be answered. */
    @ExceptionHandler
    void gone(AsyncRequestNotUsableException e) {
        LOG.debug("gone: {}", e.getMessage());
    }

    /**
     * What the framework refuses (method, media type, missing parameter), in the same shape; a fault of ours is logged
     * and said plainly.
     */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> other(Exception e) {
        if (e instanceof ErrorResponse known) {
            HttpStatusCode status = known.getStatusCode();
            ProblemDetail body = known.getBody();
            body.setProperties(Map.of("ok", false, "errors", NONE));
            return ResponseEntity.status(status)
                    .headers(allow(known.getHeaders()))
                    .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                    .body(body);
        }
        LOG.error("not foreseen", e);
        return problem(HttpStatus.INTERNAL_SERVER_ERROR, say(Answer.OUR_FAULT), NONE);
    }

    private static HttpHeaders allow(HttpHeaders given) {
        HttpHeaders kept = new HttpHeaders();
        if (given.containsKey(HttpHeaders.ALLOW)) {
            kept.addAll(HttpHeaders.ALLOW, given.get(HttpHeaders.ALLOW));
        }
        return kept;
    }

    private static String say(Answer answer) {
        return Speech.words().say(Message.of(answer));
    }

    /** @return every fault with its field, in the words of whoever asked */
    private static String said(List<Fault> faults) {
        return faults.stream()
                .map(f -> f.field() + ": " + Speech.words().say(f.says()))
                .collect(Collectors.joining("; "));
    }

    /** Whatever was asked for, a refusal comes as JSON. */
    private static ResponseEntity<ProblemDetail> problem(
            HttpStatus status, @Nullable String detail, List<Fault> faults) {
        ProblemDetail p = ProblemDetail.forStatusAndDetail(status, detail);
        p.setProperties(
                Map.of("ok", false, "errors", faults.stream().map(FaultView::of).toList()));
        return ResponseEntity.status(status)
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(p);
    }
}
