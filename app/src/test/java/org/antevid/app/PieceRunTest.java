package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import org.antevid.app.people.People;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/** A stub that is left of a tree in pieces is felled: it runs like any step, and ends with how it went. */
@OnRealStore
class PieceRunTest {
    private final RunningJob run;

    PieceRunTest(MockMvc mvc, People people) {
        run = new RunningJob(mvc, people);
    }

    private void end(Map<String, Object> told) throws Exception {
        RunningJob.ok(run.on(run.leader, "POST", "/run/done", told));
    }

    @Test
    void aStepOfAPieceEndsWithHowItWent() throws Exception {
        run.briefed(run.saw).going(run.saw);
        int open = run.run(run.leader).at("/step/openTicks").asInt();
        end(Map.of("openTicks", open, "unticked", "DONE"));
        String stub = run.on(run.leader, "POST", "/stems", Calls.stem("TILIA", "STANDING", 40, 0))
                .body()
                .get("id")
                .asText();
        run.calls.measured(run.leader, stub, 0.9, 4, 1, 90);
        RunningJob.ok(run.on(
                run.leader,
                "POST",
                "/takedown/stems/" + stub,
                Map.of(
                        "limbs", List.of(),
                        "cuts", List.of(Map.of("atM", 0.3, "way", "FELLED")),
                        "gear", Map.of(),
                        "surface", "TURF")));
        RunningJob.ok(run.on(run.leader, "POST", "/steps/asked", Map.of("keys", List.of())));
        run.issue();
        run.going(run.saw);
        JsonNode step = run.run(run.leader).get("step");
        assertThat(step.get("title").asText()).isEqualTo("S2: fell what is left from 0.3 m");
        assertThat(step.get("asksHowItWent")).hasSize(4);
        assertThat(run.on(run.leader, "GET", "/run/surprises", null).body().toString())
                .as("what can happen in pieces, not what a fall does")
                .contains("PIECE_HUNG", "PAID_OUT_STILL")
                .doesNotContain("SAT_BACK");
        assertThat(run.on(run.leader, "POST", "/run/done", Map.of("openTicks", 0))
                        .codes())
                .as("how it went is asked")
                .containsExactly("MISSING");
        end(Map.of("openTicks", 0, "piece", "HEAVIER"));
        assertThat(run.log().toString()).contains("done: S2: fell what is left from 0.3 m: heavier");
        assertThat(run.on(run.leader, "GET", "/stems", null).body().toString()).contains("CUT_UP");
        JsonNode tree = run.on(run.leader, "GET", "/review/pieces", null).body().get(0);
        assertThat(tree.get("stem").asText()).isEqualTo("S2");
        JsonNode piece = tree.at("/pieces/0");
        assertThat(piece.get("went").asText()).isEqualTo("HEAVIER");
        assertThat(piece.get("briefedKg").asDouble()).isPositive();
        assertThat(piece.get("weighedKg")).as("nothing weighed it").isNull();
        assertThat(piece.get("tookMin").asInt()).isPositive();
        assertThat(piece.get("briefedMin").asInt()).isPositive();
        try (PDDocument paper = Loader.loadPDF(run.calls.bytes(run.leader, "/review/review.pdf?language=ENGLISH"))) {
            assertThat(new PDFTextStripper().getText(paper))
                    .contains("In pieces", "S2, piece 1, felled from the ground: briefed up to");
        }
    }
}
