package org.antevid.app.lay.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import jakarta.persistence.Converter;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.antevid.app.trace.FirstWords;
import org.antevid.app.trace.StoredColumn;
import org.antevid.core.lay.Basis;

/**
 * What a fixed lay rested on. Schema 1 had its numbers inside sentences; they are taken out of them, so that a lay
 * fixed then is compared by its numbers like any other.
 */
@Converter
public class BasisColumn extends StoredColumn<Basis> {
    private static final double PERCENT = 100;
    private static final String N = "(-?[0-9.]+)";
    private static final Map<String, Pattern> FACTS = Map.ofEntries(
            Map.entry("DIAMETER", Pattern.compile(N + " ± " + N + " cm")),
            Map.entry("HEIGHT", Pattern.compile(N + " ± " + N + " m")),
            Map.entry("LEAN", Pattern.compile(N + "° to " + N + "° ± " + N + "°")),
            Map.entry("CROWN", Pattern.compile(N + " m")),
            Map.entry("GROUND", Pattern.compile(N + "° down to " + N + "°")),
            Map.entry("HOUSE", Pattern.compile(N + " lengths kept clear, spread of " + N + "° at least")),
            Map.entry("TREE", Pattern.compile(N + " m high, " + N + " m from the stump")),
            Map.entry("FEATURE", Pattern.compile("worth (\\d+), " + N + " m from the stump, (.*)")),
            Map.entry("TODAY", Pattern.compile("(.*), crown load (.*)")));
    private static final Pattern FAULT = Pattern.compile("(.*) at " + N + " to " + N + " m");
    private static final Map<String, String> TOLD = Map.of(
            "reach", "REACH",
            "keep-out ring", "RING",
            "fan", "FAN",
            "time to spare on the way out", "TIME_TO_SPARE",
            "side lean, of what the hinge holds", "SIDE_USE");
    private static final String CHANCE = "chance to strike the ";

    BasisColumn() {
        super(Basis.class, 2);
    }

    @Override
    protected JsonNode upcast(int from, JsonNode document) {
        ObjectNode now = JsonNodeFactory.instance.objectNode();
        ArrayNode facts = now.putArray("facts");
        document.path("facts").forEach(f -> facts.add(fact(f)));
        ArrayNode answers = now.putArray("answers");
        document.path("answers").forEach(a -> answers.add(answer(a)));
        return now;
    }

    private static ObjectNode fact(JsonNode was) {
        String source = was.path("source").asText();
        String key = was.path("key").asText("");
        ObjectNode fact = JsonNodeFactory.instance.objectNode();
        fact.put("source", source);
        fact.put("key", key);
        fact.put("name", source.equals("FEATURE") ? was.path("words").asText() : source.equals("TREE") ? key : "");
        args(source, was.path("value").asText(), fact.putObject("args"));
        return fact;
    }

    private static void args(String source, String value, ObjectNode args) {
        if (source.equals("WOOD")) {
            args.set("wood", term("Condition", value));
        } else if (source.equals("DEFECTS")) {
            faults(value, args);
        } else {
            Matcher m = FACTS.getOrDefault(source, FAULT).matcher(value);
            if (m.matches()) {
                read(source, m, args);
            }
        }
    }

    private static void read(String source, Matcher m, ObjectNode args) {
        switch (source) {
            case "DIAMETER" -> {
                args.set("value", amount("SHORT", number(m, 1) / PERCENT, "NEAREST"));
                args.set("sigma", amount("SHORT", number(m, 2) / PERCENT, "UP"));
            }
            case "HEIGHT" -> {
                args.set("value", amount("LENGTH", number(m, 1), "NEAREST"));
                args.set("sigma", amount("LENGTH", number(m, 2), "UP"));
            }
            case "LEAN" -> {
                args.set("deg", amount("ANGLE", number(m, 1), "NEAREST"));
                args.set("to", amount("AZIMUTH", number(m, 2), "NEAREST"));
                args.set("sigma", amount("ANGLE", number(m, 3), "UP"));
            }
            case "CROWN" -> args.set("radius", amount("LENGTH", number(m, 1), "NEAREST"));
            case "GROUND" -> {
                args.set("slope", amount("ANGLE", number(m, 1), "NEAREST"));
                args.set("down", amount("AZIMUTH", number(m, 2), "NEAREST"));
            }
            case "HOUSE" -> {
                args.set("lengths", amount("TIMES", number(m, 1), "NEAREST"));
                args.set("spread", amount("ANGLE", number(m, 2), "NEAREST"));
            }
            case "TREE" -> {
                args.set("height", amount("LENGTH", number(m, 1), "NEAREST"));
                args.set("away", amount("LENGTH", number(m, 2), "NEAREST"));
            }
            case "FEATURE" -> {
                args.putObject("worth").put("count", (long) number(m, 1));
                args.set("away", amount("LENGTH", number(m, 2), "NEAREST"));
                args.set("standing", term("Basis.Standing", m.group(3)));
            }
            case "TODAY" -> {
                args.set("ground", term("GroundState", m.group(1)));
                args.set("load", term("CrownLoad", m.group(2)));
            }
            default -> throw new IllegalStateException("no fact is " + source);
        }
    }

    private static void faults(String value, ObjectNode args) {
        ArrayNode parts = JsonNodeFactory.instance.arrayNode();
        for (String one : value.split(", ", -1)) {
            Matcher m = FAULT.matcher(one);
            if (m.matches()) {
                ObjectNode fault = parts.addObject().putObject("message");
                fault.put("code", "Basis.Beside.FAULT");
                ObjectNode said = fault.putObject("args");
                said.putObject("kind")
                        .put(
                                "term",
                                "DefectKind."
                                        + FirstWords.constant("DefectKind", m.group(1))
                                                .orElse("OTHER"));
                said.set("from", amount("LENGTH", number(m, 2), "NEAREST"));
                said.set("to", amount("LENGTH", number(m, 3), "NEAREST"));
            }
        }
        if (!parts.isEmpty()) {
            ObjectNode several = args.putObject("faults");
            several.set("several", parts);
            several.put("joint", "COMMA");
        }
    }

    private static ObjectNode answer(JsonNode was) {
        String words = was.path("words").asText();
        double value = was.path("value").asDouble();
        ObjectNode now = JsonNodeFactory.instance.objectNode();
        boolean chance = words.startsWith(CHANCE);
        String told = chance ? "CHANCE" : TOLD.getOrDefault(words, "REACH");
        now.put("told", told);
        now.put("about", chance ? words.substring(CHANCE.length()) : "");
        now.put("value", told.equals("SIDE_USE") ? value / PERCENT : value);
        return now;
    }

    private static double number(Matcher m, int group) {
        return Double.parseDouble(m.group(group));
    }

    private static ObjectNode term(String type, String words) {
        return JsonNodeFactory.instance
                .objectNode()
                .put("term", type + "." + words.toUpperCase(Locale.ROOT).replace(' ', '_'));
    }

    private static ObjectNode amount(String dimension, double value, String side) {
        return JsonNodeFactory.instance
                .objectNode()
                .put("amount", value)
                .put("dimension", dimension)
                .put("side", side);
    }
}
