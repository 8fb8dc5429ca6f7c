package org.antevid.e2e.bench;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.net.http.HttpClient;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import org.antevid.e2e.Server;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The whole dial of the demo's stems asked over HTTP, each time with another cut height: prints, asserts nothing. */
class DialBench {
    private static final String PASSPHRASE = "three short one long";
    private static final int WARM = 30;
    private static final int TIMES = 60;

    @Test
    void theDialOverHttp(@TempDir Path data) throws Exception {
        try (Server server = new Server(data, "127.0.0.1").start("demo")) {
            Caller leader = new Caller(server, HttpClient.newHttpClient());
            leader.call("POST", "/api/session", Map.of("name", "Imre Halloway", "passphrase", PASSPHRASE));
            for (JsonNode job : leader.call("GET", "/api/board", null).get("jobs")) {
                String at = "/api/jobs/" + job.get("id").asText();
                for (JsonNode lay : leader.call("GET", at + "/lays", null)) {
                    ask(leader, job.get("name").asText(), at, lay);
                }
            }
        }
    }

    private static void ask(Caller leader, String name, String at, JsonNode lay) throws Exception {
        ObjectNode choice = lay.get("choice").deepCopy();
        double[] ms = new double[TIMES];
        int bytes = 0;
        for (int i = -WARM; i < TIMES; i++) {
            choice.put("cutHeightM", 0.3 + 0.001 * (i + WARM));
            long begun = System.nanoTime();
            JsonNode dial =
                    leader.call("POST", at + "/stems/" + lay.get("stemId").asText() + "/lay/dial", choice);
            if (i >= 0) {
                ms[i] = (System.nanoTime() - begun) / 1e6;
            }
            bytes = dial.toString().length();
        }
        Arrays.sort(ms);
        System.out.printf(
                Locale.ROOT,
                "dial of %s in %s over HTTP: median %.0f ms, 95 %% within %.0f ms, %d bytes%n",
                lay.get("stem").asText(),
                name,
                ms[TIMES / 2],
                ms[TIMES * 95 / 100],
                bytes);
    }
}
