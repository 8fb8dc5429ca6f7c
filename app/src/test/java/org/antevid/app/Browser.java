package org.antevid.app;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;

/** Somebody with a browser of their own: cookies, token, real sockets. */
final class Browser {
    private static final ObjectMapper JSON = new ObjectMapper();
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .connectTimeout(Duration.ofSeconds(20))
            .build();
    private final String base;

    Browser(int port) throws IOException, InterruptedException {
        base = "http://localhost:" + port;
        get("/api/session");
    }

    /** What came back. */
    record Answer(int status, JsonNode body, String text, String type) {
        String code() {
            return body.at("/errors/0/code").asText();
        }

        String field() {
            return body.at("/errors/0/field").asText();
        }
    }

    static Browser signedIn(int port, String name, String passphrase) throws IOException, InterruptedException {
        Browser b = new Browser(port);
        Answer a = b.post("/api/session", Map.of("name", name, "passphrase", passphrase));
        if (a.status != 200) {
            throw new IllegalStateException(a.status + " " + a.text);
        }
        return b;
    }

    Answer get(String path) throws IOException, InterruptedException {
        return send("GET", path, HttpRequest.BodyPublishers.noBody(), Map.of());
    }

    Answer post(String path, Object body) throws IOException, InterruptedException {
        return send("POST", path, JSON.writeValueAsString(body), Map.of("Content-Type", "application/json"));
    }

    Answer put(String path, Object body) throws IOException, InterruptedException {
        return send("PUT", path, JSON.writeValueAsString(body), Map.of("Content-Type", "application/json"));
    }

    Answer delete(String path) throws IOException, InterruptedException {
        return send("DELETE", path, HttpRequest.BodyPublishers.noBody(), Map.of());
    }

    Answer send(String method, String path, String body, Map<String, String> headers)
            throws IOException, InterruptedException {
        return send(method, path, HttpRequest.BodyPublishers.ofString(body), headers);
    }

    Answer send(String method, String path, HttpRequest.BodyPublisher body, Map<String, String> headers)
            throws IOException, InterruptedException {
        HttpRequest.Builder r = HttpRequest.newBuilder(URI.create(base + path))
                .timeout(Duration.ofSeconds(60))
                .method(method, body)
                .header("X-XSRF-TOKEN", cookie("XSRF-TOKEN"));
        headers.forEach(r::header);
        HttpResponse<String> response = http.send(r.build(), HttpResponse.BodyHandlers.ofString());
        String type = response.headers().firstValue("content-type").orElse("");
        JsonNode tree = type.contains("json") && !response.body().isEmpty()
                ? JSON.readTree(response.body())
                : JSON.createObjectNode();
        return new Answer(response.statusCode(), tree, response.body(), type);
    }

    String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals(name))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("none");
    }

    /** The sign-in as a header, for raw sockets. */
    String cookieHeader() {
        return "XSRF-TOKEN=" + cookie("XSRF-TOKEN") + "; ANTEVID=" + cookie("ANTEVID");
    }

    HttpClient http() {
        return http;
    }

    URI uri(String path) {
        return URI.create(base + path);
    }

    static Optional<JsonNode> find(JsonNode list, String field, String value) {
        for (JsonNode n : list) {
            if (n.path(field).asText().equals(value)) {
                return Optional.of(n);
            }
        }
        return Optional.empty();
    }
}
