package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.core.crew.Competence;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * Every call of the interface with bodies that are nearly right, by every kind of person: never an answer of 500 or
 * above, and every refusal a problem. Seeded; the bench runs it with {@code -Dfuzz.requests=50000}.
 */
@OnRealSockets
class FuzzTest {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final int REQUESTS = Integer.getInteger("fuzz.requests", 800);
    private static final long SEED = Long.getLong("fuzz.seed", 11);
    private static final List<String> ODD = List.of(
            "",
            " ",
            "NaN",
            "x".repeat(300),
            "\u0000",
            "\uD800",
            "'; drop table job;--",
            "<script>",
            "2026-13-45",
            "=1+1",
            "null",
            "-1",
            "1e999",
            "S1");
    private static final List<Double> NUMBERS =
            List.of(0.0, 1.0, -1.0, 0.5, 3.0, 45.0, 360.0, 1e9, -1e9, 1e300, 1e-300, 22.5);
    private final Random random = new Random(SEED);
    private final int port;
    private final People people;
    private final List<String> ids = new ArrayList<>(List.of("nothing", "S1", "%00", "..%2f..", "h1"));
    private JsonNode schemas;

    FuzzTest(@LocalServerPort int port, People people) {
        this.port = port;
        this.people = people;
    }

    /** One call as the description has it. */
    private record Call(String method, String path, List<JsonNode> parameters, Optional<JsonNode> body) {}

    @Test
    void nothingAClientSendsIsAFaultOfOurs() throws Exception {
        people.add("Fuzz Lead", Office.LEADER, Optional.of("brass kettle on the weir"), Set.of(Competence.values()));
        people.add("Fuzz Own", Office.OWNER, Optional.of("brass kettle on the weir"), Set.of());
        people.add("Fuzz View", Office.REVIEWER, Optional.of("brass kettle on the weir"), Set.of(Competence.HUNG_UP));
        Browser leader = Browser.signedIn(port, "Fuzz Lead", "brass kettle on the weir");
        List<Browser> who = List.of(
                leader,
                leader,
                leader,
                leader,
                Browser.signedIn(port, "Fuzz Own", "brass kettle on the weir"),
                Browser.signedIn(port, "Fuzz View", "brass kettle on the weir"),
                new Browser(port));
        String job = leader.post("/api/jobs", Map.of("name", "Fuzz", "place", "a bog", "visitOn", "2026-11-27"))
                .body()
                .get("jobId")
                .asText();
        String stem = leader.post("/api/jobs/" + job + "/stems", Calls.stem("QUERCUS", "STANDING", 0, 0))
                .body()
                .get("id")
                .asText();
        ids.addAll(List.of(stem, stem, stem, job));
        List<Call> calls = described(leader);
        assertThat(calls).hasSizeGreaterThan(80);
        Map<String, String> faults = new TreeMap<>();
        for (int i = 0; i < REQUESTS; i++) {
            Call call = calls.get(random.nextInt(calls.size()));
            String path = path(call, job);
            String body = call.body
                    .map(b -> random.nextInt(40) == 0 ? "{\"a\":" : like(b, 0).toString())
                    .orElse("");
            boolean form = random.nextInt(60) == 0;
            Browser.Answer a = who.get(random.nextInt(who.size()))
                    .send(
                            call.method,
                            path,
                            body,
                            body.isEmpty()
                                    ? Map.of()
                                    : Map.of(
                                            "Content-Type",
                                            form ? "multipart/form-data; boundary=q" : "application/json"));
            String said = "seed " + SEED + ", request " + i + ": " + call.method + " " + path + " " + body;
            if (a.status() >= 500 || a.status() >= 400 && !a.type().startsWith("application/problem+json")) {
                faults.putIfAbsent(call.method + " " + call.path, said + " -> " + a.status() + " " + a.text());
            }
        }
        assertThat(faults.values()).isEmpty();
    }

    private List<Call> described(Browser b) throws Exception {
        JsonNode api = b.get("/api/openapi").body();
        schemas = api.at("/components/schemas");
        List<Call> calls = new ArrayList<>();
        api.get("paths").fields().forEachRemaining(p -> p.getValue().fields().forEachRemaining(m -> {
            boolean leaves = p.getKey().endsWith("/close")
                    || p.getKey().startsWith("/api/session")
                    || p.getKey().endsWith("/live")
                    || p.getKey().endsWith("/places")
                    || p.getKey().equals("/api/join");
            if (leaves) {
                return;
            }
            List<JsonNode> parameters = new ArrayList<>();
            m.getValue().path("parameters").forEach(parameters::add);
            JsonNode content = m.getValue().at("/requestBody/content/application~1json/schema");
            calls.add(new Call(
                    m.getKey().toUpperCase(java.util.Locale.ROOT),
                    p.getKey(),
                    parameters,
                    content.isMissingNode() ? Optional.empty() : Optional.of(content)));
        }));
        return calls;
    }

    private String path(Call call, String job) {
        String path = call.path;
        StringBuilder query = new StringBuilder();
        for (JsonNode p : call.parameters) {
            String name = p.get("name").asText();
            if (p.get("in").asText().equals("path")) {
                path = path.replace(
                        "{" + name + "}",
                        name.equals("job") && random.nextInt(12) > 0 ? job : ids.get(random.nextInt(ids.size())));
            } else if (random.nextInt(4) > 0) {
                JsonNode v = like(p.path("schema"), 1);
                query.append(query.isEmpty() ? "?" : "&")
                        .append(name)
                        .append('=')
                        .append(java.net.URLEncoder.encode(v.asText(), java.nio.charset.StandardCharsets.UTF_8));
            }
        }
        return path.replaceAll("\\{[^}]+\\}", "nothing") + query;
    }

    /** Something like what is asked for: mostly of its kind, sometimes not. */
    private JsonNode like(JsonNode schema, int depth) {
        JsonNodeFactory make = JsonNodeFactory.instance;
        if (random.nextInt(25) == 0 || depth > 5) {
            return switch (random.nextInt(5)) {
                case 0 -> make.nullNode();
                case 1 -> make.arrayNode().add(make.nullNode());
                case 2 -> make.objectNode();
                case 3 -> make.textNode(ODD.get(random.nextInt(ODD.size())));
                default -> make.numberNode(NUMBERS.get(random.nextInt(NUMBERS.size())));
            };
        }
        if (schema.has("$ref")) {
            return like(schemas.get(schema.get("$ref").asText().replaceAll(".*/", "")), depth);
        }
        if (schema.has("enum")) {
            return schema.get("enum").get(random.nextInt(schema.get("enum").size()));
        }
        return switch (schema.path("type").asText()) {
            case "boolean" -> make.booleanNode(random.nextBoolean());
            case "integer" -> make.numberNode(random.nextInt(5) - 1);
            case "number" -> make.numberNode(NUMBERS.get(random.nextInt(NUMBERS.size())));
            case "array" -> list(schema.path("items"), depth);
            case "object" -> object(schema, depth);
            default ->
                make.textNode(
                        random.nextInt(3) == 0
                                ? ODD.get(random.nextInt(ODD.size()))
                                : ids.get(random.nextInt(ids.size())));
        };
    }

    private ArrayNode list(JsonNode items, int depth) {
        ArrayNode list = JSON.createArrayNode();
        for (int n = random.nextInt(4); n > 0; n--) {
            list.add(like(items, depth + 1));
        }
        return list;
    }

    private ObjectNode object(JsonNode schema, int depth) {
        ObjectNode object = JSON.createObjectNode();
        Iterator<Map.Entry<String, JsonNode>> properties =
                schema.path("properties").fields();
        while (properties.hasNext()) {
            Map.Entry<String, JsonNode> p = properties.next();
            if (random.nextInt(12) > 0) {
                object.set(p.getKey(), like(p.getValue(), depth + 1));
            }
        }
        if (schema.has("additionalProperties")) {
            object.set(ODD.get(random.nextInt(ODD.size())), like(schema.get("additionalProperties"), depth + 1));
        }
        return object;
    }
}
