package org.antevid.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.GpsDirectory;
import com.fasterxml.jackson.databind.JsonNode;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.imageio.ImageIO;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.core.crew.Competence;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;

/**
 * Sightings, defects and photos as the interface keeps them: append-only, tightening at once, relaxing when accepted.
 */
@OnRealStore
class FieldBookServerTest {
    private final Calls calls;
    private SignedIn leader;
    private SignedIn crew;
    private String stem;

    FieldBookServerTest(MockMvc mvc, People people) {
        calls = new Calls(mvc, people);
    }

    @BeforeEach
    void aMeasuredStem() throws Exception {
        leader = calls.person("Lorne Askew", Office.LEADER, Set.of(Competence.values()));
        crew = calls.person("Petra Vane", Office.CREW, Set.of(Competence.SAW));
        calls.open(leader, "Reed End");
        calls.on(leader, "POST", "/members", Map.of("personId", crew.personId()));
        stem = calls.on(leader, "POST", "/stems", Calls.stem("QUERCUS", "STANDING", 0, 0))
                .body()
                .get("id")
                .asText();
        see(leader, "GIRTH", Map.of("girthM", 1.57));
        see(leader, "HEIGHT_ANGLES", Map.of("distanceM", 25, "top", 35, "base", -4));
        see(leader, "CROWN_RADIUS", Map.of("radiusM", 3));
    }

    private Calls.Reply see(SignedIn who, String kind, Map<String, Object> numbers) throws Exception {
        return calls.on(who, "POST", "/stems/" + stem + "/sightings", Calls.sighting(kind, numbers));
    }

    private JsonNode read() throws Exception {
        return calls.on(leader, "GET", "/stems", null).body().get(0);
    }

    @Test
    void aTallerSightingOfTheCrewCountsAtOnceAndALowerOneWaits() throws Exception {
        double sure = read().get("height").get("high").asDouble();
        see(crew, "HEIGHT_ANGLES", Map.of("distanceM", 25, "top", 41, "base", -4));
        double tight = read().get("height").get("high").asDouble();
        assertThat(tight).isGreaterThan(sure + 2);
        see(crew, "HEIGHT_ANGLES", Map.of("distanceM", 25, "top", 28, "base", -4));
        assertThat(read().get("height").get("high").asDouble())
                .as("a lower one relaxes nothing")
                .isGreaterThanOrEqualTo(sure);
        assertThat(calls.on(leader, "GET", "/findings", null).text()).contains("2 from the crew to look at");
    }

    @Test
    void whatIsSetAsideStaysInTheBookWithItsReason() throws Exception {
        see(leader, "HEIGHT_ANGLES", Map.of("distanceM", 25, "top", 45, "base", -4));
        assertThat(read().get("contradictions").toString()).contains("heights disagree");
        String wrong = read().get("sightings").get(3).get("id").asText();
        String path = "/stems/" + stem + "/sightings/" + wrong + "/set-aside";
        assertThat(calls.on(crew, "POST", path, Map.of("reason", "misread")).status())
                .isEqualTo(403);
        assertThat(calls.on(leader, "POST", path, Map.of("reason", "misread")).status())
                .isEqualTo(204);
        assertThat(calls.on(leader, "POST", path, Map.of("reason", "again")).codes())
                .containsExactly("BAD_CHOICE");
        assertThat(read().get("contradictions")).isEmpty();
        assertThat(read().get("sightings").get(3).get("doesNotCount").asText())
                .isEqualTo("set aside by Lorne Askew: misread");
    }

    @Test
    void aStemThatFellIntoAnotherLosesItsLeanVisibly() throws Exception {
        see(leader, "PLUMB_LEAN", Map.of("leanDeg", 4, "azimuthDeg", 90));
        assertThat(read().has("lean")).isTrue();
        Map<String, Object> hung = new java.util.HashMap<>(Calls.stem("QUERCUS", "HUNG", 0, 0));
        hung.put("version", read().get("version").asLong());
        assertThat(calls.on(leader, "PUT", "/stems/" + stem, hung).status()).isEqualTo(204);
        assertThat(read().has("lean")).isFalse();
        assertThat(read().get("sightings").get(3).get("doesNotCount").asText())
                .isEqualTo("taken while standing, now hung up; measure anew");
        assertThat(read().get("sightings").get(0).has("doesNotCount"))
                .as("a girth stays")
                .isFalse();
    }

    @Test
    void aSightingSentTwiceCountsOnce() throws Exception {
        Map<String, Object> once =
                Map.of("id", "made-on-the-phone-" + stem, "kind", "GIRTH", "numbers", Map.of("girthM", 1.6));
        for (int i = 0; i < 2; i++) {
            assertThat(calls.on(crew, "POST", "/stems/" + stem + "/sightings", once)
                            .status())
                    .isEqualTo(201);
        }
        assertThat(read().get("sightings")).hasSize(4);
    }

    @Test
    void aDefectOfTheCrewTightensAtOnceAndOnlyTheLeaderSetsItAside() throws Exception {
        Map<String, Object> crack =
                Map.of("kind", "CRACK", "fromM", 0.5, "toM", 1, "faceDeg", 0, "tells", List.of("MOVES"));
        assertThat(calls.on(crew, "POST", "/stems/" + stem + "/defects", crack).status())
                .isEqualTo(201);
        assertThat(read().get("hingeWood").asText()).isEqualTo("UNRELIABLE");
        String id = read().get("defects").get(0).get("id").asText();
        assertThat(calls.on(crew, "POST", "/stems/" + stem + "/defects/" + id + "/set-aside", Map.of("reason", "none"))
                        .status())
                .isEqualTo(403);
        assertThat(calls.on(
                                leader,
                                "POST",
                                "/stems/" + stem + "/defects/" + id + "/set-aside",
                                Map.of("reason", "bark seam only"))
                        .status())
                .isEqualTo(204);
        assertThat(read().get("hingeWood").asText()).isEqualTo("SOUND");
        assertThat(read().get("defects").get(0).get("setAside").asText()).contains("bark seam only");
    }

    @Test
    void aSignOfAnotherFaultIsRefused() throws Exception {
        Map<String, Object> wrong =
                Map.of("kind", "VINE", "fromM", 1, "toM", 2, "faceDeg", 0, "tells", List.of("EDGE_LIFTED"));
        assertThat(calls.on(crew, "POST", "/stems/" + stem + "/defects", wrong).codes())
                .containsExactly("BAD_CHOICE");
    }

    @Test
    void rawNumbersAnswerBeforeTheyAreKept() throws Exception {
        JsonNode p = calls.on(
                        crew,
                        "POST",
                        "/stems/" + stem + "/sightings/preview",
                        Calls.sighting("GIRTH", Map.of("girthM", 3.14159265)))
                .body();
        assertThat(p.get("value").asDouble()).isCloseTo(1, within(1e-6));
        assertThat(read().get("sightings")).hasSize(3);
        assertThat(calls.on(
                                crew,
                                "POST",
                                "/stems/" + stem + "/sightings/preview",
                                Calls.sighting("HEIGHT_ANGLES", Map.of("distanceM", 25)))
                        .codes())
                .containsExactly("MISSING", "MISSING");
    }

    @Test
    void theSimulatedRangefinderReadsTheSameTreeTheSameWayTwice() throws Exception {
        Map<String, Object> from = Map.of("from", Calls.spot(25, 3));
        JsonNode a = calls.on(crew, "POST", "/stems/" + stem + "/shot", from).body();
        assertThat(a)
                .isEqualTo(
                        calls.on(crew, "POST", "/stems/" + stem + "/shot", from).body());
        assertThat(a.get("simulated").asBoolean()).isTrue();
        Map<String, Object> shot = Map.of(
                "kind",
                "HEIGHT_ANGLES",
                "numbers",
                a.get("height"),
                "choices",
                a.get("heightChoices"),
                "simulated",
                true);
        assertThat(calls.on(leader, "POST", "/stems/" + stem + "/sightings", shot)
                        .status())
                .isEqualTo(201);
    }

    @Test
    void everyWayOfDealingWithItIsWeighed() throws Exception {
        see(leader, "PLUMB_LEAN", Map.of("leanDeg", 1, "azimuthDeg", 90));
        JsonNode v =
                calls.on(leader, "GET", "/stems/" + stem + "/verdicts", null).body();
        assertThat(v.get("ways")).hasSize(8);
        assertThat(v.get("offered").asText()).isEqualTo("FELL_FROM_GROUND");
        Map<String, Object> crane =
                Map.of("verdict", "CRANE", "version", read().get("version").asLong());
        assertThat(calls.on(crew, "PUT", "/stems/" + stem + "/verdict", crane).status())
                .isEqualTo(403);
        assertThat(calls.on(leader, "PUT", "/stems/" + stem + "/verdict", crane).status())
                .isEqualTo(204);
        assertThat(calls.on(leader, "GET", "/findings", null).text())
                .contains("is chosen and excluded here: the crew has no crane");
        assertThat(calls.on(leader, "PUT", "/stems/" + stem + "/verdict", crane).status())
                .as("an old version")
                .isEqualTo(409);
    }

    @Test
    void aPhotoIsTurnedUprightMadeSmallAndStrippedOfItsPlace() throws Exception {
        byte[] photo = sideways(2400, 1200);
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(photo))
                        .getFirstDirectoryOfType(GpsDirectory.class))
                .isNotNull();
        assertThat(calls.send(crew, "/stems/" + stem + "/photos", photo, Map.of())
                        .status())
                .isEqualTo(201);
        JsonNode entry = calls.on(leader, "GET", "/photos", null).body().get(0);
        byte[] kept = calls.bytes(leader, "/photos/" + entry.get("id").asText());
        BufferedImage picture = ImageIO.read(new ByteArrayInputStream(kept));
        assertThat(picture.getHeight()).isEqualTo(1600);
        assertThat(picture.getWidth()).isEqualTo(800);
        assertThat(ImageMetadataReader.readMetadata(new ByteArrayInputStream(kept))
                        .getFirstDirectoryOfType(GpsDirectory.class))
                .isNull();
        // the red half was left of the sideways picture; upright it is on top
        assertThat(new Color(picture.getRGB(400, 200)).getRed()).isGreaterThan(150);
        assertThat(new Color(picture.getRGB(400, 1400)).getRed()).isLessThan(100);
    }

    @Test
    void whatIsSaidOfAFaultIsKeptWithItOnceAndPlayedInParts() throws Exception {
        String fault = calls.on(
                        crew, "POST", "/stems/" + stem + "/defects", Map.of("kind", "CRACK", "fromM", 2, "faceDeg", 90))
                .body()
                .get("id")
                .asText();
        assertThat(calls.on(leader, "GET", "/stems", null)
                        .body()
                        .at("/0/defects/0/toM")
                        .asDouble())
                .as("whose upper end nobody saw")
                .isEqualTo(2.5);
        byte[] said = "OggS and a minute of speech".getBytes(StandardCharsets.UTF_8);
        String path = "/stems/" + stem + "/voice-notes";
        for (int i = 0; i < 2; i++) {
            assertThat(calls.send(crew, path, said, Map.of("defect", fault, "id", "said-1"))
                            .status())
                    .isEqualTo(201);
        }
        JsonNode kept = calls.on(leader, "GET", "/voice-notes", null).body();
        assertThat(kept).hasSize(1);
        assertThat(kept.at("/0/defectId").asText()).isEqualTo(fault);
        assertThat(kept.at("/0/who").asText()).isEqualTo("Petra Vane");
        assertThat(calls.bytes(leader, "/voice-notes/said-1")).isEqualTo(said);
        assertThat(calls.send(crew, path, "speech".getBytes(StandardCharsets.UTF_8), Map.of())
                        .codes())
                .containsExactly("NOT_A_SOUND");
        assertThat(calls.send(crew, path, said, Map.of("defect", "of another stem"))
                        .codes())
                .containsExactly("UNKNOWN_DEFECT");
        byte[] long2 = java.util.Arrays.copyOf(said, 2_000_001);
        assertThat(calls.send(crew, path, long2, Map.of()).codes()).containsExactly("TOO_LARGE");
    }

    @Test
    void whatIsNoPictureIsRefusedAndKeptNowhere() throws Exception {
        assertThat(calls.send(
                                crew,
                                "/stems/" + stem + "/photos",
                                "no picture".getBytes(StandardCharsets.UTF_8),
                                Map.of())
                        .codes())
                .containsExactly("NOT_A_PHOTO");
        assertThat(calls.on(leader, "GET", "/photos", null).body()).isEmpty();
    }

    /** A JPEG, left half red, with a mark to turn it clockwise and a position. */
    private static byte[] sideways(int width, int height) throws Exception {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.BLUE);
        g.fillRect(0, 0, width, height);
        g.setColor(Color.RED);
        g.fillRect(0, 0, width / 2, height);
        g.dispose();
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", jpeg);
        byte[] plain = jpeg.toByteArray();
        byte[] exif = exif();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(plain, 0, 2);
        out.write(new byte[] {(byte) 0xFF, (byte) 0xE1, (byte) ((exif.length + 2) >> 8), (byte) (exif.length + 2)});
        out.write(exif);
        out.write(plain, 2, plain.length - 2);
        return out.toByteArray();
    }

    /** Orientation 6 and a GPS directory with a latitude and a longitude, big-endian. */
    private static byte[] exif() throws Exception {
        ByteArrayOutputStream b = new ByteArrayOutputStream();
        java.io.DataOutputStream o = new java.io.DataOutputStream(b);
        o.write("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
        o.write("MM".getBytes(StandardCharsets.US_ASCII));
        o.writeShort(42);
        o.writeInt(8);
        o.writeShort(2);
        entry(o, 0x0112, 3, 1, 6 << 16);
        entry(o, 0x8825, 4, 1, 38);
        o.writeInt(0);
        o.writeShort(4);
        entry(o, 1, 2, 2, 'N' << 24);
        entry(o, 2, 5, 3, 92);
        entry(o, 3, 2, 2, 'W' << 24);
        entry(o, 4, 5, 3, 116);
        o.writeInt(0);
        for (int degree : new int[] {49, 29}) {
            for (int part : new int[] {degree, 30, 0}) {
                o.writeInt(part);
                o.writeInt(1);
            }
        }
        return b.toByteArray();
    }

    private static void entry(java.io.DataOutputStream o, int tag, int type, int count, int value) throws Exception {
        o.writeShort(tag);
        o.writeShort(type);
        o.writeInt(count);
        o.writeInt(value);
    }
}
