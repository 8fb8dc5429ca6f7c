package org.antevid.app.trace;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import org.antevid.core.message.Message;
import org.antevid.core.message.Plain;

/** What is kept as JSON: values by their codes, so that it is the same whoever writes it, in any language. */
public final class StoredJson {
    private static final ObjectMapper JSON = new ObjectMapper()
            .registerModule(new Jdk8Module())
            .registerModule(new JavaTimeModule())
            .registerModule(new StoredMessages())
            .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .setSerializationInclusion(JsonInclude.Include.NON_ABSENT);

    private StoredJson() {}

    public static String write(Object value) {
        try {
            return JSON.writeValueAsString(value);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    public static <T> T read(String text, Class<T> type) {
        return as(tree(text), type);
    }

    /** @return what is kept, as a tree */
    public static JsonNode node(String text) {
        return tree(text);
    }

    /** @return a text of ours that ships with the program */
    public static String resource(String path) {
        try (InputStream in = StoredJson.class.getResourceAsStream(path)) {
            return new String(Objects.requireNonNull(in, path).readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @return the message that is kept so; text that is none was written before there were messages */
    public static Message message(String text) {
        return text.startsWith("{") ? read(text, Message.class) : Plain.said(text);
    }

    static JsonNode tree(String text) {
        try {
            return JSON.readTree(text);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("what is stored cannot be read: " + text, e);
        }
    }

    static JsonNode tree(Object value) {
        return JSON.valueToTree(value);
    }

    static <T> T as(JsonNode tree, Class<T> type) {
        try {
            return JSON.treeToValue(tree, type);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("what is stored cannot be read: " + tree, e);
        }
    }
}
