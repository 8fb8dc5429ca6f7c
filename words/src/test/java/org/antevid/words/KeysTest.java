package org.antevid.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Frozen briefings and logs carry keys: one that was ever kept is found for ever, whatever its type is called now. */
class KeysTest {

    @Test
    void whatWasEverKeptIsFound() throws IOException {
        List<String> kept;
        try (var in = KeysTest.class.getResourceAsStream("/once-kept.txt")) {
            kept = new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
        }
        assertThat(kept).hasSizeGreaterThan(500);
        assertThat(kept).filteredOn(key -> Keys.find(key).isEmpty()).isEmpty();
    }

    @Test
    void aTypeThatWasRenamedIsTheOneOfToday() {
        assertThat(Keys.find("Rig.When.KERF_OPENS")).isEqualTo(Keys.find("Rig.PullBegin.KERF_OPENS"));
        assertThat(Keys.find("Basis.Told.RING")).isEqualTo(Keys.find("Basis.AnswerKind.RING"));
        assertThat(Keys.find("Rig.When.NEVER")).isEmpty();
    }
}
