package org.antevid.app.problem;

import java.util.List;
import java.util.Map;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.RefusedInput;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.multipart.MaxUploadSizeExceededException;

/** Turns refusals into problem details. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class Refusals {
    @ExceptionHandler
    ProblemDetail refused(RefusedInput e) {
        return problem(HttpStatus.UNPROCESSABLE_ENTITY, e.getMessage(), e.faults());
    }

    @ExceptionHandler
    ProblemDetail notValid(MethodArgumentNotValidException e) {
        List<Fault> faults = e.getBindingResult().getFieldErrors().stream()
            .map(f -> new Fault(f.getRejectedValue() == null ? "MISSING" : "OUT_OF_RANGE", f.getField(), String.valueOf(f.getDefaultMessage()))).toList();
        return problem(HttpStatus.BAD_REQUEST, new RefusedInput(faults).getMessage(), faults);
    }

    @ExceptionHandler
    ProblemDetail notReadable(HttpMessageNotReadableException e) {
        return problem(HttpStatus.BAD_REQUEST, "The request is not the JSON that is expected here.", List.of());
    }

    @ExceptionHandler
    ProblemDetail notThere(NotThere e) {
        return problem(HttpStatus.NOT_FOUND, "There is nothing here.", List.of());
    }

    @ExceptionHandler
    ProblemDetail notAllowed(NotAllowed e) {
        return problem(HttpStatus.FORBIDDEN, e.getMessage(), List.of());
    }

    @ExceptionHandler
    ProblemDetail stale(Stale e) {
        return problem(HttpStatus.CONFLICT, e.getMessage(), List.of());
    }

    @ExceptionHandler
    ProblemDetail overtaken(OptimisticLockingFailureException e) {
        return problem(HttpStatus.CONFLICT, "Somebody changed this at the same moment. Look again, then change it.", List.of());
    }

    @ExceptionHandler
    ProblemDetail tooOften(TooOften e) {
        return problem(HttpStatus.TOO_MANY_REQUESTS, "Too many tries. Wait a minute, then try again.", List.of());
    }

    @ExceptionHandler
    ProblemDetail tooLarge(MaxUploadSizeExceededException e) {
        return problem(HttpStatus.PAYLOAD_TOO_LARGE, "The file is too large; at most 12 MB are taken.", List.of(new Fault("TOO_LARGE", "file", "must be at most 12 MB")));
    }

    @ExceptionHandler
    ProblemDetail notSignedIn(NotSignedIn e) {
        return problem(HttpStatus.UNAUTHORIZED, e.getMessage(), List.of());
    }

    private static ProblemDetail problem(HttpStatus status, String detail, List<Fault> faults) {
        ProblemDetail p = ProblemDetail.forStatusAndDetail(status, detail);
        p.setProperties(Map.of("ok", false, "errors", faults));
        return p;
    }
}
