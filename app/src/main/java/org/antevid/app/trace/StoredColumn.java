package org.antevid.app.trace;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import jakarta.persistence.AttributeConverter;
import org.jspecify.annotations.Nullable;

/**
 * A document in a column, with the schema it was written by: {@code {"schema":1,"json":{...}}}. What an earlier schema
 * wrote is brought up to today's by {@link #upcast}.
 */
public abstract class StoredColumn<T> implements AttributeConverter<T, String> {
    private static final ObjectMapper JSON = new ObjectMapper();
    private final Class<T> type;
    private final int schema;

    protected StoredColumn(Class<T> type, int schema) {
        this.type = type;
        this.schema = schema;
    }

    /** @return the document as the next schema writes it */
    protected JsonNode upcast(int from, JsonNode document) {
        throw new IllegalStateException("nobody reads schema " + from + " of " + type.getSimpleName());
    }

    @Override
    public @Nullable String convertToDatabaseColumn(@Nullable T value) {
        if (value == null) {
            return null;
        }
        ObjectNode stored = JSON.createObjectNode();
        stored.put("schema", schema);
        stored.set("json", JSON.valueToTree(value));
        return stored.toString();
    }

    @Override
    public @Nullable T convertToEntityAttribute(@Nullable String text) {
        if (text == null) {
            return null;
        }
        try {
            JsonNode stored = JSON.readTree(text);
            JsonNode document = stored.get("json");
            for (int from = stored.get("schema").asInt(); from < schema; from++) {
                document = upcast(from, document);
            }
            return JSON.treeToValue(document, type);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("what is stored cannot be read: " + text, e);
        }
    }
}
