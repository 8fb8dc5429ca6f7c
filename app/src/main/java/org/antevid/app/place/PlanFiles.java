package org.antevid.app.place;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import io.jenetics.jpx.GPX;
import io.jenetics.jpx.WayPoint;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.antevid.app.exchange.ImportReport;
import org.antevid.app.exchange.StrictText;
import org.antevid.app.job.JobLog;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.run.LogWords;
import org.antevid.core.site.Anchor;
import org.antevid.core.site.Bed;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.site.VoltageClass;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The site plan as GeoJSON, in local metres or in WGS 84 once the site has an anchor, and waypoints as GPX;
 * docs/formats/geojson.md documents the properties. A feature is matched by its id, or by name, kind and place, so that
 * what was written out and is read back changes nothing.
 */
@Service
@Transactional
public class PlanFiles {
    private static final int MOST_THINGS = 2_000;
    private static final int MOST_POINTS = 2_000;
    private static final ObjectMapper JSON = new ObjectMapper();
    /** Places closer than this are the same: a file in degrees carries nine decimals. */
    private static final double SAME_M = 0.005;

    private static final double WAYPOINT_SAME_M = 0.2;
    private final Places places;
    private final Surroundings surroundings;
    private final JobLog log;

    PlanFiles(Places places, Surroundings surroundings, JobLog log) {
        this.places = places;
        this.surroundings = surroundings;
        this.log = log;
    }

    private static RefusedInput tooMany(int things) {
        return new RefusedInput(
                "TOO_LONG",
                "file",
                Message.of(Answer.TOO_MANY_THINGS)
                        .with("things", Arg.count(things))
                        .with("most", Arg.count(MOST_THINGS)));
    }

    private Anchor anchor(String jobId) {
        return surroundings
                .state(jobId)
                .anchor()
                .orElseThrow(() -> new RefusedInput("NO_ANCHOR", "anchor", Message.of(Answer.NO_ANCHOR)));
    }

    public String geoJson(String jobId, boolean wgs84) {
        GeoFrame frame = frame(jobId, wgs84);
        ObjectNode all = frame.collection();
        for (Places.PlacedFeature v : places.features(jobId)) {
            Places.Entry e = v.entry();
            ObjectNode p = frame.add(all, v.id(), e.form(), e.outline())
                    .put("name", e.name())
                    .put("kind", key(e.kind()))
                    .put("radiusM", e.radiusM())
                    .put("worth", e.worth())
                    .put("mayBeHit", e.mayBeHit())
                    .put("agreedBy", e.agreedBy())
                    .put("agreedOn", e.more().agreedOn())
                    .put("protection", key(e.protection()))
                    .put("protectedBy", e.protectedBy())
                    .put("protectionDone", e.protectionDone())
                    .put("takenHow", e.takenHow())
                    .put("inside", e.more().inside())
                    .put("occupied", e.more().occupied());
            e.more().voltage().ifPresent(x -> p.put("voltage", key(x)));
            e.more().bed().ifPresent(x -> p.put("bed", key(x)));
            e.more().slopeDeg().ifPresent(x -> p.put("slopeDeg", x));
            e.more().downhillDeg().ifPresent(x -> p.put("downhillDeg", x));
        }
        return GeoFrame.write(all);
    }

    /**
     * @return how places are written out;
     * @throws RefusedInput {@code NO_ANCHOR} when the globe is asked for and the site has no anchor
     */
    public GeoFrame frame(String jobId, boolean wgs84) {
        return new GeoFrame(wgs84 ? Optional.of(anchor(jobId)) : Optional.empty());
    }

    private static double round(double v, int digits) {
        double f = Math.pow(10, digits);
        return Math.rint(v * f) / f;
    }

    private static String key(Enum<?> e) {
        return e.name().toLowerCase(Locale.ROOT);
    }

    public ImportReport readGeoJson(String jobId, byte[] file, boolean takeGoodRows, SignedIn who) {
        JsonNode all = tree(StrictText.of(file));
        if (!all.path("type").asText().equals("FeatureCollection")
                || !all.path("features").isArray()) {
            throw new RefusedInput("NOT_GEOJSON", "file", Message.of(Answer.NO_GEOJSON));
        }
        if (all.path("features").size() > MOST_THINGS) {
            throw tooMany(all.path("features").size());
        }
        Optional<Anchor> anchor = all.path("antevidFrame").asText().equals(GeoFrame.LOCAL)
                ? Optional.empty()
                : Optional.of(anchor(jobId));
        List<ImportReport.Problem> problems = new ArrayList<>();
        Map<Integer, Places.Entry> read = new HashMap<>();
        Map<Integer, String> ids = new HashMap<>();
        int row = 0;
        for (JsonNode f : all.path("features")) {
            row++;
            try {
                read.put(row, entry(f, anchor));
                ids.put(row, f.path("id").asText(""));
            } catch (RefusedInput e) {
                int at = row;
                e.faults()
                        .forEach(x -> problems.add(new ImportReport.Problem(
                                at, x.field(), Speech.words().say(x.says()))));
            }
        }
        ImportReport.refuse(problems, takeGoodRows);
        return store(jobId, row, read, ids, problems, who);
    }

    private ImportReport store(
            String jobId,
            int rows,
            Map<Integer, Places.Entry> read,
            Map<Integer, String> ids,
            List<ImportReport.Problem> problems,
            SignedIn who) {
        Map<String, Places.PlacedFeature> byId = places.features(jobId).stream()
                .collect(Collectors.toMap(Places.PlacedFeature::id, Function.identity()));
        List<Places.Entry> fresh = new ArrayList<>();
        int changed = 0;
        int unchanged = 0;
        for (Map.Entry<Integer, Places.Entry> e : read.entrySet()) {
            Places.Entry entry = e.getValue();
            Optional<Places.PlacedFeature> known = Optional.ofNullable(byId.get(ids.getOrDefault(e.getKey(), "")))
                    .or(() -> byId.values().stream()
                            .filter(v -> v.entry().name().equals(entry.name())
                                    && v.entry().kind() == entry.kind()
                                    && near(v.entry().outline(), entry.outline(), SAME_M))
                            .findFirst());
            if (known.isEmpty()) {
                fresh.add(entry);
            } else if (same(known.get().entry(), entry)) {
                unchanged++;
            } else {
                places.change(jobId, known.get().id(), entry, known.get().version());
                changed++;
            }
        }
        places.addAll(jobId, fresh);
        log.write(
                jobId,
                who.name(),
                Message.of(LogWords.IMPORTED_FEATURES)
                        .with("fresh", Arg.count(fresh.size()))
                        .with("changed", Arg.count(changed)));
        return new ImportReport(rows, fresh.size(), changed, unchanged, problems);
    }

    private static boolean same(Places.Entry a, Places.Entry b) {
        Places.Entry placed = new Places.Entry(
                b.name(),
                b.kind(),
                b.form(),
                a.outline(),
                b.radiusM(),
                b.worth(),
                b.mayBeHit(),
                b.agreedBy(),
                b.protection(),
                b.protectedBy(),
                b.protectionDone(),
                b.takenHow(),
                b.more());
        return a.equals(placed) && near(a.outline(), b.outline(), SAME_M);
    }

    private static boolean near(List<Spot> a, List<Spot> b, double within) {
        if (a.size() != b.size()) {
            return false;
        }
        for (int i = 0; i < a.size(); i++) {
            if (a.get(i).distanceTo(b.get(i)) > within) {
                return false;
            }
        }
        return true;
    }

    private static JsonNode tree(String text) {
        try {
            return JSON.readTree(text);
        } catch (JsonProcessingException e) {
            throw new RefusedInput(
                    "NOT_JSON",
                    "file",
                    Message.of(Answer.NO_JSON)
                            .with("line", Optional.ofNullable(e.getLocation()).map(at -> Arg.count(at.getLineNr()))));
        }
    }

    private static Places.Entry entry(JsonNode f, Optional<Anchor> anchor) {
        JsonNode g = f.path("geometry");
        JsonNode p = f.path("properties");
        String type = g.path("type").asText();
        Form form =
                switch (type) {
                    case "Point" -> Form.POINT;
                    case "LineString" -> Form.LINE;
                    case "Polygon" -> Form.POLYGON;
                    default ->
                        throw new RefusedInput(
                                "BAD_CHOICE",
                                "geometry",
                                Message.of(Answer.NO_GEOMETRY).with("type", Arg.name(type)));
                };
        JsonNode c = g.path("coordinates");
        if (form == Form.POLYGON && c.size() != 1) {
            throw new RefusedInput("BAD_POLYGON", "geometry", Message.of(Answer.ONE_OUTLINE));
        }
        List<Spot> outline = new ArrayList<>();
        if (form == Form.POINT) {
            outline.add(spot(c, anchor));
        } else {
            JsonNode points = form == Form.POLYGON ? c.get(0) : c;
            if (points.size() > MOST_POINTS) {
                throw new RefusedInput(
                        "TOO_LONG",
                        "coordinates",
                        Message.of(Answer.TOO_MANY_POINTS)
                                .with("points", Arg.count(points.size()))
                                .with("most", Arg.count(MOST_POINTS)));
            }
            for (JsonNode at : points) {
                outline.add(spot(at, anchor));
            }
        }
        if (form == Form.POLYGON
                && outline.size() > 1
                && outline.get(0).distanceTo(outline.get(outline.size() - 1)) <= SAME_M) {
            outline.remove(outline.size() - 1);
        }
        requireShape(form, outline, number(p, "radiusM", 0.5));
        double worth = number(p, "worth", 0);
        if (!(worth >= 0 && worth <= 4) || worth != Math.rint(worth)) {
            throw new RefusedInput("OUT_OF_RANGE", "worth", Message.of(Answer.WORTH));
        }
        boolean mayBeHit = p.path("mayBeHit").asBoolean(false);
        if (mayBeHit && p.path("agreedBy").asText("").isBlank()) {
            throw new RefusedInput("MISSING", "agreedBy", Message.of(Answer.WHO_AGREED));
        }
        Protection protection = choice(p, "protection", Protection.class).orElse(Protection.NONE);
        return new Places.Entry(
                Require.text(p.path("name").asText(""), 60, "name"),
                choice(p, "kind", FeatureKind.class).orElse(FeatureKind.OTHER),
                form,
                outline,
                number(p, "radiusM", form == Form.POINT ? 0.5 : 0),
                (int) worth,
                mayBeHit,
                p.path("agreedBy").asText(""),
                protection,
                p.path("protectedBy").asText(""),
                protection != Protection.NONE && p.path("protectionDone").asBoolean(false),
                p.path("takenHow").asText("from a file"),
                new Places.More(
                        p.path("inside").asText(""),
                        p.path("occupied").asText(""),
                        choice(p, "voltage", VoltageClass.class),
                        choice(p, "bed", Bed.class),
                        p.path("agreedOn").asText(""),
                        maybe(p, "slopeDeg"),
                        maybe(p, "downhillDeg")));
    }

    private static void requireShape(Form form, List<Spot> outline, double radiusM) {
        switch (form) {
            case POINT -> Shape.disc(outline.get(0), radiusM);
            case LINE -> Shape.line(outline);
            case POLYGON -> Shape.polygon(outline);
        }
    }

    private static Spot spot(JsonNode at, Optional<Anchor> anchor) {
        if (at.size() < 2 || !at.get(0).isNumber() || !at.get(1).isNumber()) {
            throw new RefusedInput(
                    "NOT_A_NUMBER",
                    "coordinates",
                    Message.of(Answer.TWO_NUMBERS).with("globe", Arg.flag(anchor.isPresent())));
        }
        double x = at.get(0).asDouble();
        double y = at.get(1).asDouble();
        return anchor.map(a -> rounded(a.spot(new Anchor.Globe(y, x)))).orElseGet(() -> new Spot(x, y));
    }

    private static Spot rounded(Spot s) {
        return new Spot(round(s.eastM(), 3), round(s.northM(), 3));
    }

    private static double number(JsonNode p, String name, double standard) {
        return maybe(p, name).orElse(standard);
    }

    private static Optional<Double> maybe(JsonNode p, String name) {
        JsonNode n = p.path(name);
        if (n.isMissingNode() || n.isNull()) {
            return Optional.empty();
        }
        if (!n.isNumber()) {
            throw new RefusedInput("NOT_A_NUMBER", name, Message.of(Answer.A_NUMBER));
        }
        return Optional.of(n.asDouble());
    }

    private static <E extends Enum<E>> Optional<E> choice(JsonNode p, String name, Class<E> type) {
        String text = p.path(name).asText("");
        if (text.isEmpty()) {
            return Optional.empty();
        }
        for (E e : type.getEnumConstants()) {
            if (key(e).equals(text.toLowerCase(Locale.ROOT))) {
                return Optional.of(e);
            }
        }
        throw new RefusedInput("BAD_CHOICE", name, Message.of(Answer.NOT_KNOWN).with("text", Arg.name(text)));
    }

    /** Marks of all features as waypoints. */
    public String gpx(String jobId) {
        Anchor a = anchor(jobId);
        GPX.Builder gpx = GPX.builder().creator("Antevid");
        for (Places.PlacedFeature v : places.features(jobId)) {
            Anchor.Globe g = a.globe(v.mark());
            gpx.addWayPoint(WayPoint.builder()
                    .lat(round(g.latitudeDeg(), 9))
                    .lon(round(g.longitudeDeg(), 9))
                    .name(v.entry().name())
                    .type(key(v.entry().kind()))
                    .build());
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            GPX.Writer.of(new GPX.Writer.Indent("  ")).write(gpx.build(), out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString(StandardCharsets.UTF_8);
    }

    public ImportReport readGpx(String jobId, byte[] file, boolean takeGoodRows, SignedIn who) {
        Anchor a = anchor(jobId);
        int waypoints = StrictText.of(file).split("<wpt", -1).length - 1;
        if (waypoints > MOST_THINGS) {
            throw tooMany(waypoints);
        }
        GPX gpx;
        try {
            gpx = GPX.Reader.of(GPX.Version.V11, GPX.Reader.Mode.STRICT).read(new ByteArrayInputStream(file));
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            throw new RefusedInput(
                    "NOT_GPX",
                    "file",
                    Message.of(Answer.NO_GPX).with("because", Arg.name(String.valueOf(e.getMessage()))));
        }
        List<ImportReport.Problem> problems = new ArrayList<>();
        Map<Integer, Places.Entry> read = new HashMap<>();
        List<Places.PlacedFeature> known = places.features(jobId);
        int row = 0;
        int unchanged = 0;
        for (WayPoint w : gpx.getWayPoints()) {
            row++;
            try {
                Spot at = rounded(a.spot(new Anchor.Globe(
                        w.getLatitude().doubleValue(), w.getLongitude().doubleValue())));
                String name = w.getName().filter(n -> !n.isBlank()).orElse("waypoint " + row);
                if (known.stream()
                        .anyMatch(v -> v.entry().name().equals(name) && v.mark().distanceTo(at) < WAYPOINT_SAME_M)) {
                    unchanged++;
                } else {
                    read.put(
                            row,
                            new Places.Entry(
                                    Require.text(name, 60, "name"),
                                    FeatureKind.OTHER,
                                    Form.POINT,
                                    List.of(at),
                                    0.5,
                                    0,
                                    false,
                                    "",
                                    Protection.NONE,
                                    "",
                                    false,
                                    "waypoint"));
                }
            } catch (RefusedInput e) {
                int at = row;
                e.faults()
                        .forEach(x -> problems.add(new ImportReport.Problem(
                                at, x.field(), Speech.words().say(x.says()))));
            }
        }
        ImportReport.refuse(problems, takeGoodRows);
        ImportReport stored = store(jobId, row, read, Map.of(), problems, who);
        return new ImportReport(row, stored.added(), stored.changed(), stored.unchanged() + unchanged, problems);
    }
}
