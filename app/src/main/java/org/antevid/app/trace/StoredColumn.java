package org.antevid.app.trace;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import jakarta.persistence.AttributeConverter;
import org.jspecify.annotations.Nullable;

/**
 * A document in a column, with the schema it was written by: {@code {"schema":1,"json":{...}}}. What an earlier schema
 * wrote is brought up to today's by {@link #upcast}; what stands there bare was written before there were schemas and
 * counts as the first.
 */
public abstract class StoredColumn<T> implements AttributeConverter<T, String> {
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
        return value == null ? null : write(value);
    }

    @Override
    public @Nullable T convertToEntityAttribute(@Nullable String text) {
        return text == null || text.isEmpty() ? null : read(text);
    }

    /** @return the document as it is kept */
    public String write(T value) {
        ObjectNode stored = JsonNodeFactory.instance.objectNode();
        stored.put("schema", schema);
        stored.set("json", StoredJson.tree(value));
        return stored.toString();
    }

    /** @return the document, whichever schema wrote it */
    public T read(String text) {
        JsonNode stored = StoredJson.tree(text);
        boolean bare = !stored.has("schema");
        JsonNode document = bare ? stored : stored.get("json");
        for (int from = bare ? 1 : stored.get("schema").asInt(); from < schema; from++) {
            document = upcast(from, document);
        }
        return StoredJson.as(document, type);
    }
}
