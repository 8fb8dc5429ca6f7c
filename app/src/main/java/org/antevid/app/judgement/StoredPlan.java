package org.antevid.app.judgement;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.antevid.app.trace.FirstWords;
import org.antevid.app.trace.StoredColumn;
import org.antevid.core.brief.PlanDocument;

/**
 * The plan as briefings and small drawings keep it. Schema 1 had words where 2 has codes; what cannot be told from its
 * words stays as it was said.
 */
public final class StoredPlan extends StoredColumn<PlanDocument> {
    public static final StoredPlan COLUMN = new StoredPlan();
    private static final Pattern LENGTH = Pattern.compile("(-?[0-9.]+) (mm|m)");
    private static final Pattern ANGLE = Pattern.compile("(-?[0-9.]+)°");
    private static final double MM = 1000;
    /** Measures by the names they had. */
    private static final Map<String, String> MEASURES = Map.of(
            "depth", "DEPTH",
            "face", "FACE",
            "mouth", "MOUTH",
            "hingeLeft", "HINGE_LEFT",
            "hingeRight", "HINGE_RIGHT",
            "hingeLength", "HINGE_LENGTH",
            "step", "STEP",
            "boreFrom", "BORE_FROM",
            "bore", "BORE",
            "strap", "STRAP");

    private StoredPlan() {
        super(PlanDocument.class, 2);
    }

    @Override
    protected JsonNode upcast(int from, JsonNode document) {
        document.path("things").forEach(t -> {
            code((ObjectNode) t, "kind", "FeatureKind", "OTHER");
            code((ObjectNode) t, "protection", "Protection", "NONE");
        });
        document.path("stems").forEach(s -> {
            code((ObjectNode) s, "species", "Species", "UNKNOWN");
            code((ObjectNode) s, "state", "StemState", "STANDING");
            if (s.path("lay").isObject()) {
                lay((ObjectNode) s.get("lay"));
            }
        });
        return document;
    }

    private static void lay(ObjectNode lay) {
        code(lay, "school", "School", "CONVENTIONAL");
        code(lay, "means", "Means.Kind", "NOTHING");
        lay.path("zones").forEach(z -> {
            ObjectNode zone = (ObjectNode) z;
            zone.set("kind", zone.path("words"));
            code(zone, "kind", "Zone.Kind", "RING");
        });
        if (lay.path("cuts").isObject()) {
            cuts((ObjectNode) lay.get("cuts"));
        }
    }

    private static void cuts(ObjectNode c) {
        code(c, "school", "School", "CONVENTIONAL");
        code(c, "backCut", "BackCut", "STRAIGHT");
        upper(c, "barReach");
        upper(c, "stand");
        c.set("standsBecause", said(c.path("standsBecause").asText()));
        ArrayNode measures = JsonNodeFactory.instance.arrayNode();
        c.path("measures").forEach(m -> measures.add(measure((ObjectNode) m)));
        c.set("measures", measures);
        c.path("passes").forEach(p -> {
            ObjectNode pass = (ObjectNode) p;
            pass.set("says", said(pass.path("words").asText()));
            upper(pass, "entry");
        });
        c.path("steps").forEach(s -> {
            ObjectNode step = (ObjectNode) s;
            step.set("says", said(step.path("words").asText()));
            ArrayNode met = step.putArray("measures");
            if (!step.path("measure").asText("").isEmpty()) {
                met.add(said(step.get("measure").asText()));
            }
        });
        ArrayNode help = JsonNodeFactory.instance.arrayNode();
        c.path("help").forEach(h -> help.add(said(h.asText())));
        c.set("help", help);
    }

    private static ObjectNode measure(ObjectNode m) {
        String key = MEASURES.getOrDefault(m.path("key").asText(), "STEP");
        String side = m.path("safe").asText("").isEmpty()
                ? "NEAREST"
                : m.get("safe").asText().toUpperCase(Locale.ROOT);
        ObjectNode now = JsonNodeFactory.instance.objectNode();
        now.put("key", key);
        now.set("value", m.path("value"));
        now.set("shown", amount(m.path("metric").asText(), side));
        if (m.hasNonNull("outside")) {
            now.set("outside", amount(m.get("outside").asText(), side));
        }
        if (m.hasNonNull("rule")) {
            now.set("rule", amount(m.get("rule").asText(), side));
        }
        now.set("own", m.path("own"));
        if (!m.path("off").asText("").isEmpty()) {
            now.set("off", said(m.get("off").asText()));
        }
        return now;
    }

    private static ObjectNode amount(String shown, String side) {
        ObjectNode amount = JsonNodeFactory.instance.objectNode();
        Matcher length = LENGTH.matcher(shown);
        Matcher angle = ANGLE.matcher(shown);
        boolean turned = angle.matches();
        if (!turned && !length.matches()) {
            throw new IllegalStateException("no measure reads like " + shown);
        }
        double value = Double.parseDouble(turned ? angle.group(1) : length.group(1));
        amount.put("amount", turned || length.group(2).equals("m") ? value : value / MM);
        amount.put("dimension", turned ? "OPENING" : "SAWN");
        amount.put("side", side);
        return amount;
    }

    private static ObjectNode said(String words) {
        ObjectNode message = JsonNodeFactory.instance.objectNode();
        message.put("code", "Plain.AS_SAID");
        message.putObject("args").putObject("words").put("name", words);
        return message;
    }

    private static void code(ObjectNode in, String field, String type, String otherwise) {
        String word = in.path(field).asText("");
        in.put(field, FirstWords.constant(type, word).orElse(otherwise));
    }

    private static void upper(ObjectNode in, String field) {
        in.put(field, in.path(field).asText().toUpperCase(Locale.ROOT).replace(' ', '_'));
    }
}
