package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.core.crew.Competence;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * A stranger on the network sends too much, too slowly, or nonsense: each is refused with a word, and a HOLD waits for
 * none of it.
 */
@OnRealSockets
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class LimitsTest {
    private static final String PASSPHRASE = "gravel under the old sluice";
    private final int port;
    private final People people;
    private Browser leader;
    private String job;
    private String stem;

    LimitsTest(@LocalServerPort int port, People people) {
        this.port = port;
        this.people = people;
    }

    @BeforeAll
    void hire() throws Exception {
        people.add("Vigdis Orme", Office.LEADER, Optional.of(PASSPHRASE), Set.of(Competence.values()));
        leader = Browser.signedIn(port, "Vigdis Orme", PASSPHRASE);
        job = leader.post("/api/jobs", Map.of("name", "Sluice", "place", "a lock", "visitOn", "2026-11-27"))
                .body()
                .get("jobId")
                .asText();
        stem = leader.post("/api/jobs/" + job + "/stems", Calls.stem("QUERCUS", "STANDING", 0, 0))
                .body()
                .get("id")
                .asText();
    }

    private String at(String path) {
        return "/api/jobs/" + job + path;
    }

    private static void isProblem(Browser.Answer a, int status) {
        assertThat(a.status()).as(a.text()).isEqualTo(status);
        assertThat(a.type()).startsWith("application/problem+json");
        assertThat(a.body().get("detail").asText()).isNotBlank();
        assertThat(a.body().get("ok").asBoolean()).isFalse();
        assertThat(a.body().get("errors").isArray()).isTrue();
    }

    /** No length is told, so the bytes are counted as they come. */
    @Test
    void aBodyInPiecesIsCountedAsItComes() throws Exception {
        byte[] piece = "x".repeat(50_000).getBytes(StandardCharsets.UTF_8);
        HttpRequest.BodyPublisher large = HttpRequest.BodyPublishers.ofByteArrays(
                IntStream.range(0, 40).mapToObj(i -> piece).toList());
        isProblem(leader.send("POST", at("/features"), large, Map.of("Content-Type", "application/json")), 413);
        HttpRequest.BodyPublisher sum = HttpRequest.BodyPublishers.ofByteArrays(List.of(piece, piece));
        isProblem(leader.send("POST", "/api/sums/diameter", sum, Map.of("Content-Type", "application/json")), 413);
    }

    @Test
    void aHoldWaitsForNoHalfSentRequestAndForNoStream() throws Exception {
        List<Socket> open = new ArrayList<>();
        try {
            for (int i = 0; i < 230; i++) {
                open.add(half("POST " + at("/features")
                        + " HTTP/1.1\r\nHost: x\r\nContent-Type: "
                        + "application/json\r\nContent-Length: 900\r\n\r\n{\"name\":"));
            }
            for (int i = 0; i < 300; i++) {
                open.add(half("GET " + at("/live") + " HTTP/1.1\r\nHost: x\r\nCookie: " + leader.cookieHeader()
                        + "\r\n\r\n"));
            }
            long slowest = 0;
            for (int i = 0; i < 5; i++) {
                long start = System.nanoTime();
                assertThat(leader.post(at("/run/holds"), Map.of("id", "half-" + i, "reason", ""))
                                .status())
                        .isEqualTo(204);
                slowest = Math.max(slowest, System.nanoTime() - start);
            }
            assertThat(Duration.ofNanos(slowest)).as("waits for nobody").isLessThan(Duration.ofSeconds(5));
        } finally {
            for (Socket s : open) {
                s.close();
            }
        }
    }

    private Socket half(String text) throws IOException {
        Socket s = new Socket("localhost", port);
        s.getOutputStream().write(text.getBytes(StandardCharsets.UTF_8));
        return s;
    }

    /** Many at once: where two clocks run out in the same second, one alone would seldom see the wrong one win. */
    @Test
    void bodiesThatDoNotComeAreGivenUpAfterTenSeconds() throws Exception {
        List<Socket> open = new ArrayList<>();
        try {
            for (int i = 0; i < 60; i++) {
                open.add(half("POST /api/sums/diameter HTTP/1.1\r\nHost: x\r\nContent-Type: "
                        + "application/json\r\nContent-Length: 90\r\n\r\n{"));
            }
            for (Socket s : open) {
                s.setSoTimeout(15_000);
                assertThat(firstLine(s)).contains("408");
            }
        } finally {
            for (Socket s : open) {
                s.close();
            }
        }
    }

    private static String firstLine(Socket s) throws IOException {
        InputStream in = s.getInputStream();
        StringBuilder line = new StringBuilder();
        for (int c = in.read(); c >= 0 && c != '\n'; c = in.read()) {
            line.append((char) c);
        }
        return line.toString();
    }

    @ParameterizedTest
    @CsvSource({
        "Transfer-Encoding: brick",
        "Content-Length: -5",
        "Content-Length: many",
        "Content-Type: */*",
        "Content-Type: nonsense",
        "Accept: \u0001",
        "Content-Encoding: gzip"
    })
    void headersThatAreNoneAreNoFaultOfOurs(String header) throws Exception {
        try (Socket s = half("POST " + at("/features") + " HTTP/1.1\r\nHost: x\r\nConnection: close\r\nCookie: "
                + leader.cookieHeader() + "\r\nX-XSRF-TOKEN: " + leader.cookie("XSRF-TOKEN") + "\r\n" + header
                + (header.startsWith("Content-L") || header.startsWith("Transfer") ? "" : "\r\nContent-Length: 2")
                + "\r\n\r\n{}")) {
            s.setSoTimeout(15_000);
            assertThat(firstLine(s)).as(header).matches("(?s)HTTP/1.1 4\\d\\d.*");
        }
    }

    @Test
    void whatAClientGetsWrongIsAProblemNeverAFault() throws Exception {
        Map<String, String> json = Map.of("Content-Type", "application/json");
        isProblem(
                leader.send(
                        "POST", at("/stems/" + stem + "/photos"), "abc", Map.of("Content-Type", "multipart/form-data")),
                400);
        String form = "--b\r\nContent-Disposition: form-data; name=\"file\"; "
                + "filename=\"a\u0000b.jpg\"\r\nContent-Type: image/jpeg\r\n\r\nabc\r\n--b--\r\n";
        assertThat(leader.send(
                                "POST",
                                at("/stems/" + stem + "/photos"),
                                form,
                                Map.of("Content-Type", "multipart/form-data; boundary=b"))
                        .status())
                .isIn(400, 422);
        isProblem(
                leader.send(
                        "POST", at("/steps"), "{\"kind\":\"FELL\",\"startMin\":0,\"endMin\":5,\"posts\":[null]}", json),
                400);
        isProblem(leader.send("PUT", at("/place/permits"), "{\"answers\":{\"NESTING\":null}}", json), 400);
        isProblem(leader.send("POST", at("/features"), "[]", json), 400);
        isProblem(leader.send("POST", at("/features"), "{}", Map.of("Content-Type", "text/plain")), 415);
        isProblem(leader.send("PATCH", at("/features"), "{}", json), 405);
        isProblem(leader.get(at("/files/csv/NOTHING")), 400);
        isProblem(leader.get("/api/nothing"), 404);
        assertThat(leader.send("OPTIONS", at("/run"), "", Map.of()).status()).isEqualTo(200);
        isProblem(
                new Browser(port)
                        .send(
                                "POST",
                                "/api/session",
                                "{\"name\":\"x\",\"passphrase\":\"" + "y".repeat(990) + "\"}",
                                json),
                401);
        isProblem(new Browser(port).get(at("/run")), 401);
    }

    @Test
    void aPictureIsLookedAtBeforeItIsRead() throws Exception {
        isProblem(photo(png(9000, 7000)), 422);
        assertThat(photo(png(9000, 7000)).body().at("/errors/0/message").asText())
                .contains("63 megapixels");
        assertThat(photo(png(5000, 3000)).status()).isEqualTo(201);
    }

    private static byte[] png(int width, int height) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_BYTE_BINARY), "png", out);
        return out.toByteArray();
    }

    private Browser.Answer photo(byte[] picture) throws Exception {
        return file("/stems/" + stem + "/photos", picture);
    }

    private Browser.Answer file(String path, byte[] bytes) throws Exception {
        byte[] head = "--b\r\nContent-Disposition: form-data; name=\"file\"; filename=\"f\"\r\n\r\n"
                .getBytes(StandardCharsets.UTF_8);
        byte[] tail = "\r\n--b--\r\n".getBytes(StandardCharsets.UTF_8);
        return leader.send(
                "POST",
                at(path),
                HttpRequest.BodyPublishers.ofByteArrays(List.of(head, bytes, tail)),
                Map.of("Content-Type", "multipart/form-data; boundary=b"));
    }

    @Test
    void filesWithTooManyThingsAreRefusedAtOnce() throws Exception {
        String point =
                "{\"type\":\"Feature\",\"properties\":{\"name\":\"p\"},\"geometry\":{\"type\":\"Point\",\"coordinates\":[1,1]}},";
        String many = "{\"type\":\"FeatureCollection\",\"antevidFrame\":\"local metres\",\"features\":["
                + point.repeat(2001).replaceAll(",$", "") + "]}";
        String line = "{\"type\":\"FeatureCollection\",\"antevidFrame\":\"local "
                + "metres\",\"features\":[{\"type\":\"Feature\",\"properties\":{\"name\":\"l\"},\"geometry\":{\"type\":\"LineString\",\"coordinates\":["
                + "[1,1],".repeat(2001).replaceAll(",$", "") + "]}}]}";
        String gpx = "<gpx version=\"1.1\" creator=\"x\" xmlns=\"http://www.topografix.com/GPX/1/1\">"
                + "<wpt lat=\"1\" lon=\"1\"><name>a</name></wpt>".repeat(100_000) + "</gpx>";
        leader.put(at("/place/anchor"), Map.of("latitudeDeg", 1, "longitudeDeg", 1, "gridNorthDeg", 0, "version", 0));
        for (String[] f : new String[][] {
            {"/files/geojson", many},
            {"/files/geojson", line},
            {"/files/gpx", gpx},
            {"/files/csv/STEMS", "label\n" + "S\n".repeat(2001)}
        }) {
            assertThat(file(f[0], f[1].getBytes(StandardCharsets.UTF_8)).status())
                    .as(f[0])
                    .isEqualTo(422);
        }
        assertThat(leader.get(at("/features")).body())
                .as("nothing is half stored")
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"/run/go", "/briefings", "/close", "/steps"})
    void aWriteWithoutTheTokenOfThePageIsRefused(String path) throws Exception {
        HttpRequest r = HttpRequest.newBuilder(leader.uri(at(path)))
                .POST(HttpRequest.BodyPublishers.ofString("{}"))
                .header("Content-Type", "application/json")
                .build();
        assertThat(leader.http()
                        .send(r, java.net.http.HttpResponse.BodyHandlers.ofString())
                        .statusCode())
                .isEqualTo(403);
    }
}
