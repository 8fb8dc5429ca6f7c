package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.words.Language;
import org.antevid.words.Manner;
import org.antevid.words.Units;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/** Everybody reads in their own language and units; what somebody took note of lapses with the numbers. */
@OnRealStore
class MannerTest {
    private final RunningJob run;
    private final Calls calls;
    private final People people;

    MannerTest(MockMvc mvc, People people) {
        run = new RunningJob(mvc, people);
        calls = new Calls(mvc, people);
        this.people = people;
    }

    private String slow(SignedIn who) throws Exception {
        for (JsonNode f : run.on(who, "GET", "/findings", null).body()) {
            if (f.get("rule").asText().equals("TOO_SLOW")) {
                return f.get("words").asText();
            }
        }
        throw new AssertionError("nothing found of his way out");
    }

    private static SignedIn reading(SignedIn who, Language language, Units units) {
        return new SignedIn(
                who.personId(),
                who.name(),
                who.office(),
                who.signInId(),
                who.onlyJob(),
                who.way(),
                new Manner(language, units));
    }

    @Test
    void theSameFindingIsReadInTwoLanguagesAndTwoUnits() throws Exception {
        run.briefed(run.saw);
        assertThat(slow(run.leader)).contains(" m away when it lands, 5.0 m are clear of butt and crown");
        assertThat(slow(reading(run.leader, Language.SPANISH, Units.METRIC)))
                .contains("cuando cae, hacen falta 5.0 m para librar base y copa");
        assertThat(slow(reading(run.leader, Language.ENGLISH, Units.FEET))).contains("16 ft 5 in are clear of butt");
        JsonNode card = run.on(reading(run.watch, Language.SPANISH, Units.METRIC), "GET", "/briefings/card", null)
                .body();
        assertThat(card.get("posts").get(0).get("title").asText()).isEqualTo("talar S1");
        assertThat(card.get("posts").get(0).get("roleWords").asText()).isEqualTo("vigía");
        assertThat(card.get("stopConditions").get(0).asText()).contains("zona de exclusión");
        assertThat(card.get("questions").toString()).contains("¿");
    }

    @Test
    void whatIsChosenIsKeptWithThePerson() throws Exception {
        run.briefed(run.saw);
        Calls.Reply r =
                calls.call(run.watch, "PUT", "/api/session/manner", Map.of("language", "SPANISH", "units", "FEET"));
        assertThat(r.status()).as(r.text()).isEqualTo(204);
        assertThat(people.signed(run.watch.personId()).manner()).isEqualTo(new Manner(Language.SPANISH, Units.FEET));
        calls.call(run.watch, "PUT", "/api/session/manner", Map.of("language", "ENGLISH", "units", "METRIC"));
        assertThat(calls.call(run.watch, "PUT", "/api/session/manner", Map.of("language", "KLINGON", "units", "FEET"))
                        .status())
                .isEqualTo(400);
    }

    @Test
    void anAcknowledgementStaysThroughAChangeOfLanguageAndLapsesWithTheNumbers() throws Exception {
        run.briefed(run.saw);
        RunningJob.ok(run.on(run.leader, "POST", "/acknowledgements", Map.of("findingKey", "slow:S1")));
        assertThat(open(run.leader)).isFalse();
        assertThat(open(reading(run.leader, Language.SPANISH, Units.FEET))).isFalse();
        JsonNode job = run.on(run.leader, "GET", "", null).body();
        RunningJob.ok(run.on(
                run.leader,
                "PUT",
                "/conditions",
                Map.of(
                        "windLimitMs",
                        job.get("windLimitMs").asDouble(),
                        "slopeDeg",
                        12,
                        "downhillDeg",
                        0,
                        "meetingPoint",
                        "the gate",
                        "version",
                        job.get("version").asInt())));
        assertThat(open(run.leader)).as("he gets less far uphill").isTrue();
    }

    private boolean open(SignedIn who) throws Exception {
        for (JsonNode f : run.on(who, "GET", "/findings", null).body()) {
            if (f.get("key").asText().equals("slow:S1")) {
                return f.get("open").asBoolean();
            }
        }
        throw new AssertionError("nothing found of his way out");
    }
}
