package org.antevid.app.reader;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.util.Optional;
import java.util.OptionalDouble;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.words.Language;
import org.antevid.words.Manner;
import org.antevid.words.Units;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.security.authentication.TestingAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;

/** Numbers of a record in the units of whoever asks, beside the numbers themselves. */
class ShownQuantitiesTest {
    private static final ObjectMapper JSON =
            new ObjectMapper().registerModules(new Jdk8Module(), new ShownQuantities());

    private record Rope(
            @Shown(in = Dimension.LENGTH, to = Side.UP) double reachM,
            @Shown(in = Dimension.FORCE, to = Side.DOWN) Optional<Double> holdsN,
            @Shown(in = Dimension.MASS, to = Side.UP) OptionalDouble weighsKg,

            @Shown(in = Dimension.ANGLE, to = Side.NEAREST, unsigned = true)
            double turnDeg,

            double notShown) {}

    private record Plain(double lengthM) {}

    @AfterEach
    void nobody() {
        SecurityContextHolder.clearContext();
    }

    private static void reads(Units units) {
        Reader me = () -> new Manner(Language.ENGLISH, units);
        SecurityContextHolder.getContext().setAuthentication(new TestingAuthenticationToken(me, ""));
    }

    private static JsonNode said() {
        Rope rope = new Rope(24.41, Optional.of(2040.0), OptionalDouble.empty(), -3.26, 9);
        return JSON.valueToTree(rope).path("said");
    }

    @Test
    void eachIsRoundedToTheSideItSaysInTheReadersUnits() {
        reads(Units.METRIC);
        assertThat(said().path("reachM").asText()).isEqualTo("24.5 m");
        assertThat(said().path("holdsN").asText()).isEqualTo("2.0 kN");
        reads(Units.FEET);
        assertThat(said().path("reachM").asText()).isEqualTo("80 ft 2 in");
        assertThat(said().path("holdsN").asText()).isEqualTo("450 lb");
    }

    @Test
    void theNumberItselfStaysAsItIs() {
        reads(Units.FEET);
        assertThat(JSON.valueToTree(new Rope(24.41, Optional.empty(), OptionalDouble.empty(), 0, 9))
                        .path("reachM")
                        .asDouble())
                .isEqualTo(24.41);
    }

    @Test
    void whatIsNotKnownOrNotMarkedIsNotSaid() {
        assertThat(said().has("weighsKg")).isFalse();
        assertThat(said().has("notShown")).isFalse();
        assertThat(JSON.valueToTree(new Plain(3)).has("said")).isFalse();
    }

    @Test
    void theWordsBesideItSayWhichWay() {
        assertThat(said().path("turnDeg").asText()).isEqualTo("3.3°");
    }
}
