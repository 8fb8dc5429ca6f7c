package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import org.antevid.core.drill.DrillKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;

/** Practice for whoever comes along: no sign-in, in their language. */
@OnRealStore
class DrillServerTest {
    private final MockMvc mvc;
    private final ObjectMapper json = new ObjectMapper();

    DrillServerTest(MockMvc mvc) {
        this.mvc = mvc;
    }

    private MockHttpServletResponse ask(String where) throws Exception {
        return mvc.perform(get("/api/drills" + where)).andReturn().getResponse();
    }

    private JsonNode read(String where) throws Exception {
        MockHttpServletResponse r = ask(where);
        String body = r.getContentAsString(StandardCharsets.UTF_8);
        assertThat(r.getStatus()).as(body).isEqualTo(200);
        return json.readTree(body);
    }

    @Test
    void aGuestSeesWhatCanBePractised() throws Exception {
        JsonNode all = read("");
        assertThat(all.get("kinds")).hasSize(DrillKind.values().length);
        assertThat(all.get("againDays").toString()).isEqualTo("[1,3,7,21]");
    }

    @ParameterizedTest
    @EnumSource(DrillKind.class)
    void theSameLinkIsTheSameExerciseInWhateverLanguage(DrillKind kind) throws Exception {
        JsonNode once = read("/" + kind + "/1/412");
        assertThat(read("/" + kind + "/1/412")).isEqualTo(once);
        JsonNode spanish = read("/" + kind + "/1/412?language=SPANISH&units=FEET");
        assertThat(spanish.get("asked").asText()).isNotEqualTo(once.get("asked").asText());
        assertThat(spanish.get("said").asText()).doesNotContain(" m ").doesNotContain(" mm ");
        // who lies over whom has no measures
        assertThat(spanish.get("said").asText()).matches(kind == DrillKind.ORDER ? ".*" : "(?s).*\\d (ft|in)\\b.*");
        for (int i = 0; i < once.get("choices").size(); i++) {
            assertThat(spanish.get("choices").get(i).get("right"))
                    .isEqualTo(once.get("choices").get(i).get("right"));
        }
    }

    @Test
    void whatIsNotThereIsRefused() throws Exception {
        assertThat(ask("/BIND/9/1").getStatus()).isEqualTo(422);
        assertThat(ask("/KNITTING/1/1").getStatus()).isEqualTo(400);
    }
}
