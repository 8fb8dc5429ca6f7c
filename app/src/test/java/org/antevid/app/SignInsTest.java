package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignIns;
import org.antevid.app.people.SignedIn;
import org.antevid.words.Language;
import org.antevid.words.Manner;
import org.antevid.words.Units;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Who is signed in is answered from memory: never as it was before a change that has been made. */
@OnRealSockets
class SignInsTest {
    private static final String PASSPHRASE = "a wedge in the kerf";
    private final int port;
    private final People people;
    private final SignIns signIns;
    private final TransactionTemplate change;

    SignInsTest(@LocalServerPort int port, People people, SignIns signIns, PlatformTransactionManager changes) {
        this.port = port;
        this.people = people;
        this.signIns = signIns;
        change = new TransactionTemplate(changes);
    }

    private SignedIn leader(String name) {
        return people.signed(people.add(name, Office.LEADER, Optional.of(PASSPHRASE), Set.of())
                .id());
    }

    @Test
    void askedWhileTheMannerChangesTheNextAnswerIsInTheNewOne() throws Exception {
        SignedIn me = leader("Una Brook");
        Browser b = Browser.signedIn(port, me.name(), PASSPHRASE);
        change.executeWithoutResult(t -> {
            people.reads(me, new Manner(Language.SPANISH, Units.FEET));
            assertThat(language(b)).as("not in the store yet").isEqualTo("ENGLISH");
        });
        assertThat(language(b)).isEqualTo("SPANISH");
    }

    @Test
    void askedWhileASignInEndsItIsOverAndStaysOver() throws Exception {
        SignedIn me = leader("Rhys Brook");
        Browser b = Browser.signedIn(port, me.name(), PASSPHRASE);
        CompletableFuture<Integer> meanwhile = change.execute(t -> {
            assertThat(signIns.endAll(me.personId(), s -> true, me.name())).isEqualTo(1);
            CompletableFuture<Integer> asked = CompletableFuture.supplyAsync(() -> jobs(b));
            pause();
            return asked;
        });
        assertThat(meanwhile.get()).isEqualTo(401);
        assertThat(jobs(b)).isEqualTo(401);
        assertThat(signIns.of(me.personId())).isEmpty();
    }

    private static String language(Browser b) {
        return quietly(() -> b.get("/api/session").body().get("language").asText());
    }

    private static int jobs(Browser b) {
        return quietly(() -> b.get("/api/jobs").status());
    }

    /** Long enough for the request to have reached the store. */
    private static void pause() {
        quietly(() -> {
            Thread.sleep(400);
            return Map.of();
        });
    }

    private interface Asking<T> {
        T ask() throws Exception;
    }

    private static <T> T quietly(Asking<T> asking) {
        try {
            return asking.ask();
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }
}
