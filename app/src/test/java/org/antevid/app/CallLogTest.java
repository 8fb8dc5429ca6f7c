package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.util.List;
import java.util.Map;
import org.antevid.app.people.People;
import org.junit.jupiter.api.Test;
import org.slf4j.LoggerFactory;
import org.springframework.test.web.servlet.MockMvc;

/** What went wrong stands in the log with job and person, and with nobody's words. */
@OnRealStore
class CallLogTest {
    private final MockMvc mvc;
    private final RunningJob run;

    CallLogTest(MockMvc mvc, People people) {
        this.mvc = mvc;
        run = new RunningJob(mvc, people);
    }

    @Test
    void whatIsRefusedIsLoggedByIdsAndWhatIsFineIsNot() throws Exception {
        run.briefed(run.saw);
        ListAppender<ILoggingEvent> log = new ListAppender<>();
        log.start();
        Logger calls = (Logger) LoggerFactory.getLogger("antevid.calls");
        calls.addAppender(log);
        try {
            run.on(run.saw, "POST", "/run/go", Map.of());
            run.on(run.saw, "GET", "/findings", null);
        } finally {
            calls.detachAppender(log);
        }
        List<String> said =
                log.list.stream().map(ILoggingEvent::getFormattedMessage).toList();
        assertThat(said)
                .anySatisfy(l -> assertThat(l)
                        .startsWith("refused 403 POST /api/jobs/{job}/run/go")
                        .contains("job " + run.job)
                        .contains("person " + run.saw.personId()))
                .noneMatch(l -> l.contains("/findings") && l.startsWith("refused"))
                .noneMatch(l -> l.contains(run.saw.name()));
    }

    @Test
    void anybodyMayAskWhetherItIsUp() throws Exception {
        mvc.perform(get("/api/health"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.store").value(true));
    }
}
