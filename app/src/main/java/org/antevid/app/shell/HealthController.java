package org.antevid.app.shell;

import java.time.Instant;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whether it is up and its store answers, for whoever watches the machine. */
@RestController
class HealthController {
    private final JdbcTemplate store;
    private final Instant since = Instant.now();

    HealthController(JdbcTemplate store) {
        this.store = store;
    }

    /**
     * @param store whether the store answers
     * @param since when it was started
     */
    record Health(boolean store, Instant since) {}

    /** Whether the store answers; for whoever watches the machine. */
    @GetMapping("/api/health")
    ResponseEntity<Health> health() {
        boolean answers;
        try {
            answers = Integer.valueOf(1).equals(store.queryForObject("select 1", Integer.class));
        } catch (DataAccessException e) {
            answers = false;
        }
        return ResponseEntity.status(answers ? HttpStatus.OK : HttpStatus.SERVICE_UNAVAILABLE)
                .body(new Health(answers, since));
    }
}
