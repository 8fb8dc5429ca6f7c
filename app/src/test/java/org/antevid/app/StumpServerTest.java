package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.antevid.app.people.People;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/** A stump read whole: off a photo, by its wood, with what the stem did on the ground; kept, corrected, given back. */
@OnRealStore
class StumpServerTest {
    private final RunningJob run;

    StumpServerTest(MockMvc mvc, People people) {
        run = new RunningJob(mvc, people);
    }

    @BeforeEach
    void fell() throws Exception {
        TestMeter.calm();
        run.briefed(run.saw);
        run.going(run.saw);
        int open = run.run(run.leader).at("/step/openTicks").asInt();
        RunningJob.ok(run.on(run.leader, "POST", "/run/done", Map.of("openTicks", open, "unticked", "DONE")));
    }

    private Calls.Reply tell(Map<String, Object> more) throws Exception {
        Map<String, Object> body = new HashMap<>(Map.of(
                "bearingDeg", 6, "distanceM", 18, "by", "TAPE", "control", "KEPT", "surprise", "", "id", "fall-1"));
        body.putAll(more);
        return run.on(run.saw, "PUT", "/review/outcomes/S1", body);
    }

    private JsonNode outcome() throws Exception {
        return run.on(run.leader, "GET", "/review", null).body().at("/outcomes/0/outcome");
    }

    private static Map<String, Object> at(double x, double y) {
        return Map.of("x", x, "y", y);
    }

    /** A square picture a metre wide, the lay up; the hinge 40 cm long. */
    private static Map<String, Object> picture(double leftM, double rightM) {
        Map<String, Object> p = new HashMap<>();
        p.put("aspect", 1);
        p.put("known", List.of(Map.of("from", at(0.2, 0.1), "to", at(0.5, 0.1), "lengthM", 0.3)));
        p.put("layFrom", at(0.5, 0.1));
        p.put("layTo", at(0.5, 0.9));
        p.put("leftFront", at(0.3, 0.6));
        p.put("leftBack", at(0.3, 0.6 - leftM));
        p.put("rightFront", at(0.7, 0.6));
        p.put("rightBack", at(0.7, 0.6 - rightM));
        p.put("drawn", false);
        return p;
    }

    @Test
    void itIsReadOffAPhotoWhenItArrivesAndWhatIsFarAsideIsRefused() throws Exception {
        JsonNode read = run.on(run.saw, "POST", "/review/stump-picture", picture(0.058, 0.041))
                .body();
        assertThat(read.at("/hinge/said/leftM").asText()).isEqualTo("58 mm");
        assertThat(read.at("/sigma/lengthM").asDouble()).isGreaterThan(0.003);
        assertThat(run.on(run.saw, "POST", "/review/stump-picture", picture(-0.058, 0.041))
                        .status())
                .isEqualTo(422);
        assertThat(tell(Map.of("picture", picture(-0.058, 0.041))).status()).isEqualTo(422);
        assertThat(run.on(run.leader, "GET", "/review", null).body().at("/outcomes"))
                .isEmpty();

        RunningJob.ok(tell(Map.of("picture", picture(0.058, 0.041), "photoId", "photo-1")));
        RunningJob.ok(tell(Map.of("picture", picture(0.058, 0.041), "photoId", "photo-1")));
        JsonNode stump = outcome().at("/measured/stump");
        assertThat(stump.at("/hinge/leftM").asDouble()).isCloseTo(0.058, within(1e-6));
        assertThat(stump.at("/hinge/lengthM").asDouble()).isCloseTo(0.4, within(1e-6));
        assertThat(stump.get("by").asText()).isEqualTo("PHOTO");
        assertThat(outcome().at("/stump/rows/0/part").asText()).isEqualTo("HINGE_LEFT");
        assertThat(outcome().at("/stump/drawn/found/hinge")).hasSize(4);
        assertThat(tell(Map.of("picture", picture(0.05, 0.05), "photoId", "photo-1"))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void whatTheWoodLooksLikeAndHowItCameDownStay() throws Exception {
        Map<String, Object> looks = Map.of(
                "notchDepthM",
                0.11,
                "stepLeftM",
                0.03,
                "dip",
                "LEFT",
                "dipM",
                0.006,
                "strap",
                "TORN",
                "sectors",
                List.of(
                        Map.of("sector", "HINGE_LEFT", "fibre", "SHORT"),
                        Map.of("sector", "BACK_RIGHT", "fibre", "DECAYED")));
        RunningJob.ok(tell(Map.of(
                "hingeLeftM",
                0.03,
                "hingeRightM",
                0.05,
                "looks",
                looks,
                "landing",
                Map.of("firstTouchM", 15, "bounceM", 0.4, "rolledM", -1.2),
                "peakPullN",
                4200,
                "windFrom",
                "LEFT")));
        JsonNode o = outcome();
        assertThat(o.at("/measured/windFrom").asText()).isEqualTo("LEFT");
        assertThat(o.at("/explained/shares").findValuesAsText("cause")).contains("WIND", "EARLY_LOSS");
        assertThat(o.at("/measured/stump/back/strap").asText()).isEqualTo("TORN");
        assertThat(o.at("/measured/stump/sectors")).hasSize(2);
        assertThat(o.at("/measured/landing/rolledM").asDouble()).isEqualTo(-1.2);
        assertThat(o.at("/measured/peakPullN").asDouble()).isEqualTo(4200);
        assertThat(o.at("/stump/drawn/sectors/0/looks/words").asText()).isEqualTo("short fibres");
        double northOfStump = o.at("/firstTouch/northM").asDouble()
                - o.at("/planned/stump/northM").asDouble();
        assertThat(northOfStump).isCloseTo(15 * Math.cos(Math.toRadians(6)), within(0.05));
        // it rolled left of the way it fell: to the west of a fall to the north
        assertThat(o.at("/rest/eastM").asDouble()).isLessThan(o.at("/tip/eastM").asDouble());
        assertThat(tell(Map.of("id", "fall-2", "reason", "again", "looks", Map.of("dipM", 0.01)))
                        .codes())
                .containsExactly("MISSING");
    }

    /** A bearing that is put right does not lose what was read off the stump. */
    @Test
    void aCorrectionKeepsWhatItDoesNotTellAnew() throws Exception {
        RunningJob.ok(tell(
                Map.of("picture", picture(0.058, 0.041), "photoId", "photo-1", "landing", Map.of("firstTouchM", 15))));
        RunningJob.ok(tell(Map.of("id", "fall-2", "bearingDeg", 8, "reason", "compass read again")));
        JsonNode o = outcome();
        assertThat(o.at("/measured/bearingDeg").asDouble()).isEqualTo(8);
        assertThat(o.at("/measured/stump/hinge/leftM").asDouble()).isCloseTo(0.058, within(1e-6));
        assertThat(o.at("/measured/stump/by").asText()).isEqualTo("PHOTO");
        assertThat(o.at("/measured/photoId").asText()).isEqualTo("photo-1");
        assertThat(o.at("/measured/landing/firstTouchM").asDouble()).isEqualTo(15);
        RunningJob.ok(
                tell(Map.of("id", "fall-3", "reason", "rule at hand", "hingeLeftM", 0.055, "hingeRightM", 0.043)));
        assertThat(outcome().at("/measured/stump/by").asText()).isEqualTo("RULE");
    }

    /** A tip tapped on the plan: 18 m from the stump, 30 degrees east of north. */
    @Test
    void aTipTappedOnThePlanIsMeasuredFromTheStump() throws Exception {
        RunningJob.ok(tell(Map.of()));
        JsonNode stump = outcome().at("/planned/stump");
        double east = stump.get("eastM").asDouble() + 9;
        double north = stump.get("northM").asDouble() + 18 * Math.cos(Math.toRadians(30));
        JsonNode tip = run.on(run.leader, "GET", "/review/tips/S1?eastM=" + east + "&northM=" + north, null)
                .body();
        assertThat(tip.get("bearingDeg").asDouble()).isCloseTo(30, within(1e-6));
        assertThat(tip.get("distanceM").asDouble()).isCloseTo(18, within(1e-6));
        assertThat(run.on(run.leader, "GET", "/review/tips/S99?eastM=1&northM=1", null)
                        .status())
                .isEqualTo(422);
    }

    /** Who was where when the go was given stays with the fall, heard or only as briefed. */
    @Test
    void whoWasWhereAtTheGoStaysWithTheFall() throws Exception {
        RunningJob.ok(tell(Map.of()));
        JsonNode there = outcome().get("there");
        assertThat(there.findValuesAsText("who")).isNotEmpty();
        JsonNode cutter = there.get(0);
        assertThat(cutter.has("sigmaM") && !cutter.get("sigmaM").isNull()).isFalse();
        assertThat(cutter.at("/at/eastM").isNumber()).isTrue();
    }
}
