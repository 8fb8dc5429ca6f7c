package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.antevid.app.briefing.Briefings;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.app.logbook.Logbook;
import org.antevid.app.logbook.store.FallLineEntity;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.app.records.Incidents;
import org.antevid.app.records.Weighings;
import org.antevid.app.trace.HouseClock;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.Incident;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The jobs that the demo's house has behind it: lived through, not made up line by line. */
@OnTheDemo
class PastJobsTest {
    @Autowired
    private People people;

    @Autowired
    private Jobs jobs;

    @Autowired
    private Logbook logbook;

    @Autowired
    private Briefings briefings;

    @Autowired
    private JobLog log;

    @Autowired
    private HouseClock clock;

    @Autowired
    private Incidents incidents;

    @Autowired
    private Weighings weighings;

    private SignedIn signed(String name) {
        return people.signed(people.named(name).orElseThrow().id());
    }

    private List<FallLineEntity> falls() {
        return logbook.seenBy(signed("Ottoline Fenn")).open();
    }

    @Test
    void oneNearMissAndOneWeightAFifthOver() {
        assertThat(incidents.all()).hasSize(1).first().satisfies(i -> assertThat(
                        i.incident().kind())
                .isEqualTo(Incident.Kind.NEAR_MISS));
        assertThat(weighings.ratios()).hasSize(1).first().satisfies(r -> assertThat(r.weighedOverReckoned())
                .isCloseTo(1.22, within(0.003)));
    }

    @Test
    void eighteenFellAndFifteenWereMeasured() {
        assertThat(falls()).hasSize(18);
        assertThat(falls().stream().filter(f -> f.fellDeg != null)).hasSize(15);
        Map<Control, Long> became = falls().stream()
                .map(f -> f.control)
                .filter(Objects::nonNull)
                .collect(Collectors.groupingBy(c -> c, Collectors.counting()));
        assertThat(became)
                .containsExactlyInAnyOrderEntriesOf(Map.of(Control.KEPT, 13L, Control.HUNG, 1L, Control.STALLED, 1L));
    }

    @Test
    void twelveOfThoseThatWereGuidedStayedInsideAndOneFellRight() {
        List<FallLineEntity> aimed = falls().stream().filter(Logbook::aimed).toList();
        assertThat(aimed).hasSize(13);
        assertThat(aimed.stream().filter(f -> Boolean.TRUE.equals(f.inside))).hasSize(12);
        FallLineEntity out = aimed.stream()
                .filter(f -> !Boolean.TRUE.equals(f.inside))
                .findFirst()
                .orElseThrow();
        assertThat(out.missDeg).isCloseTo(9, org.assertj.core.data.Offset.offset(0.01));
        assertThat(out.sawyer).isEqualTo("Imre Halloway");
        assertThat(aimed.stream().filter(f -> f.sawyer.equals("Nadia Quill"))).hasSize(9);
    }

    /** Each was done on its day, in the order in which it must be done, with what was issued unchanged since. */
    @Test
    void theDaysHoldTogether() {
        SignedIn leader = signed("Imre Halloway");
        List<Jobs.Job> past =
                jobs.seenBy(leader).stream().filter(Jobs.Job::closed).toList();
        assertThat(past).hasSize(3);
        Instant now = Instant.now();
        for (Jobs.Job job : past) {
            Briefings.Issue issue = briefings.latest(job.id()).orElseThrow();
            assertThat(issue.intact()).isTrue();
            assertThat(Duration.between(issue.issuedAt(), now)).isGreaterThan(Duration.ofDays(90));
            assertThat(issue.signed()).hasSize(3).allMatch(s -> s.at().isBefore(now.minus(Duration.ofDays(90))));
            assertThat(falls().stream().filter(f -> f.jobId.equals(job.id())))
                    .hasSize(6)
                    .allMatch(f -> f.felledAt.isAfter(issue.issuedAt())
                            && f.felledAt.isBefore(issue.issuedAt().plus(Duration.ofHours(8))));
            assertThat(log.lines(job.id())).allMatch(l -> l.at().isBefore(now.minus(Duration.ofDays(90))));
        }
    }

    @Test
    void nothingIsDatedAhead() {
        assertThatThrownBy(() -> clock.at(Instant.now().plusSeconds(60), () -> {}))
                .isInstanceOf(IllegalArgumentException.class);
        Instant then = Instant.now().minus(Duration.ofDays(3));
        clock.at(then, () -> assertThat(clock.instant()).isEqualTo(then));
        assertThat(clock.instant()).isAfter(then.plusSeconds(60));
    }
}
