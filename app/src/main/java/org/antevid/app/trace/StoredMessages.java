package org.antevid.app.trace;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.module.SimpleModule;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Plain;
import org.antevid.core.message.Side;
import org.antevid.words.Keys;
import org.antevid.words.Words;

/**
 * How messages are kept: {@code {"code":"StepWords.SAW","args":{...}}}, each argument by its kind. A code that nobody
 * knows any more is kept as its key.
 */
final class StoredMessages extends SimpleModule {
    private static final String AMOUNT = "amount";
    private static final String COUNT = "count";
    private static final String FIGURE = "figure";
    private static final String FLAG = "flag";
    private static final String NAME = "name";
    private static final String TERM = "term";
    private static final String MESSAGE = "message";
    private static final String SEVERAL = "several";

    StoredMessages() {
        super("stored messages");
        addSerializer(Message.class, new JsonSerializer<>() {
            @Override
            public void serialize(Message m, JsonGenerator json, SerializerProvider all) throws IOException {
                json.writeStartObject();
                json.writeStringField("code", Words.keyOf(m.code()));
                json.writeObjectFieldStart("args");
                for (Map.Entry<String, Arg> e : m.args().entrySet()) {
                    json.writeFieldName(e.getKey());
                    all.defaultSerializeValue(e.getValue(), json);
                }
                json.writeEndObject();
                json.writeEndObject();
            }
        });
        addSerializer(Arg.class, new JsonSerializer<>() {
            @Override
            public void serialize(Arg arg, JsonGenerator json, SerializerProvider all) throws IOException {
                json.writeStartObject();
                write(arg, json, all);
                json.writeEndObject();
            }
        });
        addDeserializer(Message.class, new JsonDeserializer<>() {
            @Override
            public Message deserialize(JsonParser p, DeserializationContext c) throws IOException {
                return message(p.readValueAsTree());
            }
        });
        addDeserializer(Arg.class, new JsonDeserializer<>() {
            @Override
            public Arg deserialize(JsonParser p, DeserializationContext c) throws IOException {
                return arg(p.readValueAsTree());
            }
        });
        addDeserializer(Arg.Amount.class, new JsonDeserializer<>() {
            @Override
            public Arg.Amount deserialize(JsonParser p, DeserializationContext c) throws IOException {
                return amount(p.readValueAsTree());
            }
        });
    }

    private static void write(Arg arg, JsonGenerator json, SerializerProvider all) throws IOException {
        if (arg instanceof Arg.Amount a) {
            json.writeNumberField(AMOUNT, a.value());
            json.writeStringField("dimension", a.dimension().name());
            json.writeStringField("side", a.side().name());
        } else if (arg instanceof Arg.Count c) {
            json.writeNumberField(COUNT, c.number());
        } else if (arg instanceof Arg.Figure f) {
            json.writeNumberField(FIGURE, f.value());
        } else if (arg instanceof Arg.Flag f) {
            json.writeBooleanField(FLAG, f.set());
        } else if (arg instanceof Arg.Name n) {
            json.writeStringField(NAME, n.text());
        } else if (arg instanceof Arg.Term t) {
            json.writeStringField(TERM, Words.key(t.value()));
        } else if (arg instanceof Arg.Inner i) {
            json.writeFieldName(MESSAGE);
            all.defaultSerializeValue(i.message(), json);
        } else if (arg instanceof Arg.Several s) {
            json.writeArrayFieldStart(SEVERAL);
            for (Arg part : s.parts()) {
                all.defaultSerializeValue(part, json);
            }
            json.writeEndArray();
            json.writeStringField("joint", s.joint().name());
        }
    }

    private static Message message(JsonNode n) {
        Map<String, Arg> args = new LinkedHashMap<>();
        n.path("args").fields().forEachRemaining(e -> args.put(e.getKey(), arg(e.getValue())));
        String key = n.path("code").asText();
        Optional<Code> code = Keys.find(key).filter(Code.class::isInstance).map(Code.class::cast);
        return code.map(c -> new Message(c, args)).orElseGet(() -> Plain.said(key));
    }

    private static Arg arg(JsonNode n) {
        if (n.has(AMOUNT)) {
            return amount(n);
        } else if (n.has(COUNT)) {
            return Arg.count(n.get(COUNT).asLong());
        } else if (n.has(FIGURE)) {
            return Arg.figure(n.get(FIGURE).asDouble());
        } else if (n.has(FLAG)) {
            return Arg.flag(n.get(FLAG).asBoolean());
        } else if (n.has(NAME)) {
            return Arg.name(n.get(NAME).asText());
        } else if (n.has(TERM)) {
            String key = n.get(TERM).asText();
            return Keys.find(key).map(Arg::term).orElseGet(() -> Arg.name(key));
        } else if (n.has(MESSAGE)) {
            return Arg.said(message(n.get(MESSAGE)));
        } else if (n.has(SEVERAL)) {
            List<Arg> parts = new ArrayList<>();
            n.get(SEVERAL).forEach(p -> parts.add(arg(p)));
            return new Arg.Several(parts, Arg.Joint.valueOf(n.path("joint").asText()));
        }
        throw new IllegalStateException("no argument is kept like " + n);
    }

    private static Arg.Amount amount(JsonNode n) {
        return new Arg.Amount(
                Dimension.valueOf(n.path("dimension").asText()),
                n.path(AMOUNT).asDouble(),
                Side.valueOf(n.path("side").asText()));
    }
}
