package org.antevid.e2e.bench;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.antevid.e2e.Server;

/** Somebody who asks the server as a page does, signed in by their cookies. */
class Caller {
    static final ObjectMapper JSON = new ObjectMapper();
    private final Server server;
    private final HttpClient http;
    private final Map<String, String> cookies = new ConcurrentHashMap<>();

    Caller(Server server, HttpClient http) throws IOException, InterruptedException {
        this.server = server;
        this.http = http;
        call("GET", "/api/session", null);
    }

    /** @throws IllegalStateException where the server refuses */
    JsonNode call(String method, String path, Object body) throws IOException, InterruptedException {
        HttpRequest.Builder r = request(path)
                .header("X-XSRF-TOKEN", cookies.getOrDefault("XSRF-TOKEN", ""))
                .header("Content-Type", "application/json")
                .method(
                        method,
                        body == null
                                ? HttpRequest.BodyPublishers.noBody()
                                : HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(body)));
        HttpResponse<String> answer = http.send(r.build(), HttpResponse.BodyHandlers.ofString());
        answer.headers()
                .allValues("set-cookie")
                .forEach(c -> cookies.put(
                        c.substring(0, c.indexOf('=')),
                        c.substring(c.indexOf('=') + 1, c.indexOf(';') < 0 ? c.length() : c.indexOf(';'))));
        if (answer.statusCode() >= 400) {
            throw new IllegalStateException(method + " " + path + " " + answer.statusCode() + " " + answer.body());
        }
        return answer.body().isEmpty() ? JSON.createObjectNode() : JSON.readTree(answer.body());
    }

    HttpRequest.Builder request(String path) {
        String cookie = cookies.entrySet().stream()
                .map(e -> e.getKey() + "=" + e.getValue())
                .collect(Collectors.joining("; "));
        HttpRequest.Builder r = HttpRequest.newBuilder(URI.create(server.local() + path));
        return cookie.isEmpty() ? r : r.header("Cookie", cookie);
    }
}
