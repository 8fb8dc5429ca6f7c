package org.antevid.app.place;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.site.Anchor;
import org.antevid.core.site.Spot;

/**
 * Writes local places into GeoJSON, as they are or in WGS 84 from the site's anchor. docs/formats/geojson.md documents
 * both.
 */
public final class GeoFrame {
    static final String LOCAL = "local-metres";
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final int DIGITS = 9;
    private final Optional<Anchor> anchor;

    /** @param anchor empty for local metres */
    public GeoFrame(Optional<Anchor> anchor) {
        this.anchor = anchor;
    }

    /** @return an empty collection, marked when it is in local metres */
    public ObjectNode collection() {
        ObjectNode all = JSON.createObjectNode().put("type", "FeatureCollection");
        if (anchor.isEmpty()) {
            all.put("antevidFrame", LOCAL);
        }
        all.putArray("features");
        return all;
    }

    /**
     * Adds a feature.
     *
     * @return its properties, to be filled
     */
    public ObjectNode add(ObjectNode collection, String id, Form form, List<Spot> outline) {
        ObjectNode f = ((ArrayNode) collection.get("features"))
                .addObject()
                .put("type", "Feature")
                .put("id", id);
        ObjectNode g = f.putObject("geometry");
        switch (form) {
            case POINT -> g.put("type", "Point").set("coordinates", node(outline.get(0)));
            case LINE -> g.put("type", "LineString").set("coordinates", nodes(outline));
            case POLYGON -> {
                List<Spot> ring = new ArrayList<>(outline);
                if (!outline.get(0).equals(outline.get(outline.size() - 1))) {
                    ring.add(outline.get(0));
                }
                g.put("type", "Polygon").putArray("coordinates").add(nodes(ring));
            }
        }
        return f.putObject("properties");
    }

    public static String write(ObjectNode collection) {
        try {
            return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(collection);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    private ArrayNode node(Spot s) {
        double[] p = anchor.map(a -> a.globe(s))
                .map(g -> new double[] {round(g.longitudeDeg()), round(g.latitudeDeg())})
                .orElseGet(() -> new double[] {s.eastM(), s.northM()});
        return JSON.createArrayNode().add(p[0]).add(p[1]);
    }

    private ArrayNode nodes(List<Spot> spots) {
        ArrayNode a = JSON.createArrayNode();
        spots.forEach(s -> a.add(node(s)));
        return a;
    }

    private static double round(double v) {
        double f = Math.pow(10, DIGITS);
        return Math.rint(v * f) / f;
    }
}
