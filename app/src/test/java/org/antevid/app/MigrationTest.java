package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.antevid.core.run.Course;
import org.antevid.core.run.Happening;
import org.antevid.core.run.Hold;
import org.flywaydb.core.Flyway;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * A store from before the run was one book is read on: holds with their receipts and lifts, ticks, the tried signal,
 * PINs.
 */
class MigrationTest {
    private final JdbcDataSource source = new JdbcDataSource();
    private final JdbcTemplate store = new JdbcTemplate(source);

    private void migrate(String to) {
        Flyway.configure()
                .dataSource(source)
                .locations("classpath:db/migration")
                .target(to)
                .load()
                .migrate();
    }

    @Test
    void whatWasRecordedBeforeIsInTheBook() {
        source.setURL("jdbc:h2:mem:before;DB_CLOSE_DELAY=-1");
        migrate("5");
        store.update("insert into person (version, id, name, office) values (0, 'p', 'Nadia', 'CREW')");
        store.update("insert into job (closed, downhill_deg, slope_deg, wind_limit_ms, version, code, id, name) "
                + "values (false, 0, 0, 8, 0, 'BCDFGH', 'j', 'Old')");
        store.update("insert into job (closed, downhill_deg, slope_deg, wind_limit_ms, version, code, id, name) "
                + "values (false, 0, 0, 8, 0, 'BCDFGJ', 'k', 'Older')");
        store.update("insert into job_member (version, id, job_id, person_id, pin_hash, part, joined_at) values (0, "
                + "'m1', 'k', 'p', 'older', 'CREW', timestamp with time zone '2026-11-01 08:00:00+00')");
        store.update("insert into job_member (version, id, job_id, person_id, pin_hash, part, joined_at) values (0, "
                + "'m2', 'j', 'p', 'newer', 'CREW', timestamp with time zone '2026-11-20 08:00:00+00')");
        hold("a", 1, true);
        hold("b", 2, false);
        hold("c", 3, true);
        store.update("insert into hold_receipt (received_at, hold_id, id, person_id, who, state) values (now(), 'b', "
                + "'r', 'p', 'Nadia', 'STOPPED')");
        store.update("insert into cut_tick (id, job_id, step_id, tick_key, who, at) values ('t', 'j', 's', 'saw', "
                + "'Nadia', now())");
        store.update("insert into run_state (going, signal_tried_at, version, job_id, signal_tried_by) values (true, "
                + "now(), 0, 'j', 'Imre')");

        migrate("6");
        List<Happening> book = store.query(
                "select * from run_event where job_id = 'j'",
                (r, i) -> new Happening(
                        r.getLong("seq"),
                        Happening.Kind.valueOf(r.getString("kind")),
                        r.getString("person_id"),
                        r.getString("subject"),
                        r.getString("detail"),
                        r.getLong("through_seq")));
        Course course = Course.of(book);
        assertThat(course.holds().stream().flatMap(h -> h.presses().stream()).map(Happening::subject))
                .containsExactlyInAnyOrder("a", "b", "c");
        assertThat(course.standing().map(Hold::presses).orElseThrow())
                .as("the one that was not lifted")
                .extracting(Happening::subject)
                .containsExactly("b");
        assertThat(course.standing().orElseThrow().receipts()).hasSize(1);
        assertThat(course.ticked("s")).containsKey("saw");
        assertThat(course.signalTried()).isPresent();
        assertThat(course.openGo()).as("a go is given anew").isEmpty();
        assertThat(store.queryForObject("select pin_hash from person where id = 'p'", String.class))
                .isEqualTo("newer");
    }

    private void hold(String id, int minute, boolean lifted) {
        String at = "timestamp with time zone '2026-11-20 09:0" + minute + ":00+00'";
        store.update("insert into hold_call (called_at, lifted_at, version, id, job_id, lift_reason, lifted_by, "
                + "person_id, reason, who) values ("
                + at + ", " + (lifted ? at : "null") + ", 0, '" + id + "', 'j', "
                + (lifted ? "'seen', 'Imre'" : "null, null") + ", 'p', '', 'Nadia')");
    }
}
