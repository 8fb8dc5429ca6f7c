package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.core.crew.Competence;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * Who is who: joining never makes somebody else, nobody locks another out, what was lost is shut. Over real sockets.
 */
@OnRealSockets
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class DoorsTest {
    private static final String LEADERS = "gravel under the old sluice";
    private static final String OWNERS = "seven candles on a barge";
    private static final List<String> FIRST =
            List.of("Ansel", "Brid", "Corin", "Doro", "Edda", "Finn", "Greta", "Hale", "Ilse", "Jorn");
    private static final List<String> LAST = List.of("Wick", "Marl", "Tarn");
    private final int port;
    private final People people;
    private Browser leader;
    private Browser owner;
    private String leaderId;
    private String job;
    private String code;
    private int made;

    DoorsTest(@LocalServerPort int port, People people) {
        this.port = port;
        this.people = people;
    }

    @BeforeAll
    void hire() throws Exception {
        leaderId = people.add("Berit Lunn", Office.LEADER, Optional.of(LEADERS), EnumSet.allOf(Competence.class))
                .id();
        people.add("Alda Prow", Office.OWNER, Optional.of(OWNERS), Set.of());
        people.add("Tilda Reeve", Office.REVIEWER, Optional.of("paper boats in february"), Set.of(Competence.HUNG_UP));
        leader = Browser.signedIn(port, "Berit Lunn", LEADERS);
        owner = Browser.signedIn(port, "Alda Prow", OWNERS);
        job = open("Moss Bank");
        code = leader.get("/api/jobs/" + job).body().get("code").asText();
    }

    private String open(String name) throws Exception {
        return leader.post("/api/jobs", Map.of("name", name, "place", "a wood", "visitOn", "2026-11-27"))
                .body()
                .get("jobId")
                .asText();
    }

    /** A member of the crew with a name nobody else has. */
    private String crew(String... jobs) throws Exception {
        String name = FIRST.get(made % FIRST.size()) + " " + LAST.get(made++ / FIRST.size());
        String id = people.add(name, Office.CREW, Optional.empty(), Set.of(Competence.GROUND))
                .id();
        for (String j : jobs) {
            assertThat(leader.post("/api/jobs/" + j + "/members", Map.of("personId", id))
                            .status())
                    .isEqualTo(200);
        }
        return id;
    }

    private String word(String person) throws Exception {
        return Browser.find(leader.get("/api/jobs/" + job).body().get("people"), "id", person)
                .orElseThrow()
                .path("firstWord")
                .asText();
    }

    private Browser.Answer join(Browser b, String codeOf, String person, String pin, String word) throws Exception {
        return b.post("/api/join", Map.of("code", codeOf, "personId", person, "pin", pin, "word", word));
    }

    private Browser joined(String person, String pin) throws Exception {
        Browser b = new Browser(port);
        assertThat(join(b, code, person, pin, word(person)).status()).isEqualTo(200);
        return b;
    }

    @Test
    void aLeaderIsNobodyWhoJoinsByPin() throws Exception {
        Browser stranger = new Browser(port);
        assertThat(stranger.get("/api/join/" + code).text()).doesNotContain("Berit Lunn");
        assertThat(join(stranger, code, leaderId, "8642", "otter 123").status()).isEqualTo(401);
        assertThat(stranger.get("/api/session").body().get("signedIn").asBoolean())
                .isFalse();
    }

    @Test
    void theFirstPinNeedsTheWordThatIsHandedOverAndWhoComesFirstWinsNothing() throws Exception {
        String brid = crew(job);
        Browser stranger = new Browser(port);
        Browser.Answer without = join(stranger, code, brid, "8642", "");
        assertThat(without.status()).isEqualTo(422);
        assertThat(without.field()).isEqualTo("word");
        assertThat(join(stranger, code, brid, "8642", "perhaps 123").status()).isEqualTo(401);
        String word = word(brid);
        assertThat(joined(brid, "8642").get("/api/jobs/" + job).status()).isEqualTo(200);
        assertThat(word(brid)).as("spent").isEmpty();
        assertThat(join(stranger, code, brid, "9753", word).status()).isEqualTo(401);
    }

    @Test
    void thePinIsThePersonsOnEveryJobAndTheSignInForOneJobAlone() throws Exception {
        String second = open("Moss Bank again");
        String id = crew(job, second);
        Browser phone = joined(id, "8642");
        assertThat(phone.get("/api/jobs/" + second).status())
                .as("joined the other job only")
                .isEqualTo(404);
        assertThat(phone.get("/api/board").body().get("jobs")).hasSize(1);
        String otherCode = leader.get("/api/jobs/" + second).body().get("code").asText();
        assertThat(join(new Browser(port), otherCode, id, "1593", "").status())
                .as("a new job does not ask for a new PIN")
                .isEqualTo(401);
        assertThat(join(new Browser(port), otherCode, id, "8642", "").status()).isEqualTo(200);
    }

    @Test
    void aResetPinIsLoggedShownToThePersonAndSignsTheirPhonesOut() throws Exception {
        String id = crew(job);
        Browser phone = joined(id, "8642");
        assertThat(phone.post("/api/jobs/" + job + "/members/" + id + "/pin-reset", Map.of())
                        .status())
                .as("not by themselves")
                .isEqualTo(403);
        assertThat(leader.post("/api/jobs/" + job + "/members/" + id + "/pin-reset", Map.of())
                        .status())
                .isEqualTo(204);
        assertThat(phone.get("/api/jobs/" + job).status()).isEqualTo(401);
        assertThat(leader.get("/api/jobs/" + job + "/run/log").text())
                .contains("PIN of " + people.person(id).name() + " reset");
        JsonNode choice = Browser.find(
                        new Browser(port).get("/api/join/" + code).body(), "personId", id)
                .orElseThrow();
        assertThat(choice.get("resetBy").asText()).isEqualTo("Berit Lunn");
        assertThat(join(new Browser(port), code, id, "8642", "").field()).isEqualTo("word");
        assertThat(joined(id, "8642").get("/api/jobs/" + job).status()).isEqualTo(200);
    }

    @Test
    void whoIsTakenOffOrLosesAPhoneIsOut() throws Exception {
        String lost = crew(job);
        Browser phone = joined(lost, "8642");
        assertThat(leader.post("/api/jobs/" + job + "/members/" + lost + "/sign-out", Map.of())
                        .status())
                .isEqualTo(204);
        assertThat(phone.get("/api/jobs/" + job).status()).isEqualTo(401);
        assertThat(join(phone, code, lost, "8642", "").status())
                .as("the PIN stays")
                .isEqualTo(200);
        assertThat(leader.delete("/api/jobs/" + job + "/members/" + lost).status())
                .isEqualTo(204);
        assertThat(phone.get("/api/jobs/" + job).status()).isEqualTo(401);
        assertThat(join(phone, code, lost, "8642", "").status()).isEqualTo(401);
        assertThat(leader.delete("/api/jobs/" + job + "/members/" + leaderId).status())
                .as("not the leader")
                .isEqualTo(404);
    }

    @Test
    void signInsAreListedAndEndedAndANewPassphraseEndsTheOthers() throws Exception {
        people.add("Signe Holt", Office.LEADER, Optional.of("first of many lanterns"), Set.of());
        Browser one = Browser.signedIn(port, "Signe Holt", "first of many lanterns");
        Browser two = Browser.signedIn(port, "Signe Holt", "first of many lanterns");
        JsonNode places = one.get("/api/session/places").body();
        assertThat(places).hasSize(2);
        String other = places.get(0).get("here").asBoolean()
                ? places.get(1).get("id").asText()
                : places.get(0).get("id").asText();
        assertThat(leader.delete("/api/session/places/" + other).status())
                .as("not somebody else's")
                .isEqualTo(404);
        assertThat(one.delete("/api/session/places/" + other).status()).isEqualTo(204);
        assertThat(two.get("/api/board").status()).isEqualTo(401);
        Browser three = Browser.signedIn(port, "Signe Holt", "first of many lanterns");
        assertThat(one.put(
                                "/api/session/passphrase",
                                Map.of("old", "wrong one altogether", "passphrase", "second of many lanterns"))
                        .status())
                .isEqualTo(401);
        assertThat(one.put(
                                "/api/session/passphrase",
                                Map.of("old", "first of many lanterns", "passphrase", "second of many lanterns"))
                        .status())
                .isEqualTo(204);
        assertThat(one.get("/api/board").status()).isEqualTo(200);
        assertThat(three.get("/api/board").status()).isEqualTo(401);
        assertThat(one.delete("/api/session").status()).isEqualTo(204);
        assertThat(one.get("/api/board").status()).isEqualTo(401);
    }

    @Test
    void aNameIsOnePersonHoweverItIsTypedAndOneThatLooksTheSameIsRefused() throws Exception {
        for (String typed : List.of(
                "BERIT LUNN",
                "berit  lunn ",
                "Ber\u0131t Lunn",
                "\uFF22erit Lunn",
                "B\u0435rit Lunn",
                "B\u00E9rit Lunn")) {
            assertThat(new Browser(port)
                            .post("/api/session", Map.of("name", typed, "passphrase", LEADERS))
                            .status())
                    .as(typed)
                    .isEqualTo(200);
        }
        Browser.Answer alike = owner.post(
                "/api/people", Map.of("name", "B\u0435r\u0131t Lunn", "office", "CREW", "competences", List.of()));
        assertThat(alike.status()).isEqualTo(422);
        assertThat(alike.body().at("/errors/0/message").asText()).contains("Berit Lunn");
        assertThat(new Browser(port)
                        .get("/api/join/" + code.toLowerCase(java.util.Locale.ROOT))
                        .status())
                .isEqualTo(200);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"short", "password1234", "Pass-Word-Password", "aaaaaaaaaaaaaaaa", "123456789012", "Quentin Mar"
            })
    void aPassphraseAStrangerWouldTryIsRefused(String passphrase) throws Exception {
        Browser.Answer a = owner.post(
                "/api/people",
                Map.of("name", "Quentin Mar", "office", "LEADER", "passphrase", passphrase, "competences", List.of()));
        assertThat(a.status()).isEqualTo(422);
        assertThat(a.field()).isEqualTo("passphrase");
    }

    @Test
    void aLongPassphraseCountsToItsLastLetter() throws Exception {
        String longOne = "a very long walk along the towpath ".repeat(6);
        people.add("Ragna Till", Office.LEADER, Optional.of(longOne + "east"), Set.of());
        assertThat(new Browser(port)
                        .post("/api/session", Map.of("name", "Ragna Till", "passphrase", longOne + "west"))
                        .status())
                .isEqualTo(401);
        assertThat(new Browser(port)
                        .post("/api/session", Map.of("name", "Ragna Till", "passphrase", longOne + "east"))
                        .status())
                .isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource({"0000", "1234", "7777", "12345", "123", "12a4", "123456789"})
    void aPinAnybodyWouldTryIsRefused(String pin) throws Exception {
        String id = crew(job);
        assertThat(join(new Browser(port), code, id, pin, word(id)).status()).isIn(400, 422);
        assertThat(people.pin(id).set()).isFalse();
    }

    @Test
    void wrongTriesSlowANameDownAndLockNobodyOut() throws Exception {
        people.add("Osric Vale", Office.LEADER, Optional.of("lime kiln behind the mill"), Set.of());
        Browser stranger = new Browser(port);
        int last = 0;
        // tries come back with time: on a slow machine it takes more of them
        for (int i = 0; i < 60 && last != 429; i++) {
            last = stranger.send(
                            "POST",
                            "/api/session",
                            "{\"name\":\"Osric Vale\",\"passphrase\":\"guess number " + i + "\"}",
                            Map.of("Content-Type", "application/json"))
                    .status();
        }
        assertThat(last).as("this address, this name").isEqualTo(429);
        assertThat(new Browser(port)
                        .post("/api/session", Map.of("name", "Berit Lunn", "passphrase", LEADERS))
                        .status())
                .as("another name from there")
                .isEqualTo(200);
    }

    @Test
    void whatWeighsMuchIsAskedForAgainAndCrewPhonesSeeNoPeople() throws Exception {
        String id = crew(job);
        Browser phone = joined(id, "8642");
        assertThat(phone.get("/api/people").status()).isEqualTo(403);
        assertThat(phone.post("/api/session/again", Map.of("secret", "9999")).status())
                .isEqualTo(401);
        assertThat(phone.post("/api/session/again", Map.of("secret", "8642")).status())
                .isEqualTo(204);
        assertThat(leader.put("/api/session/pin", Map.of("passphrase", "not mine at all", "pin", "8642"))
                        .status())
                .isEqualTo(401);
        assertThat(leader.put("/api/session/pin", Map.of("passphrase", LEADERS, "pin", "8642"))
                        .status())
                .isEqualTo(204);
        assertThat(leader.get("/api/session").body().get("pinSet").asBoolean()).isTrue();
    }
}
