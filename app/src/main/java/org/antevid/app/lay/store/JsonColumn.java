package org.antevid.app.lay.store;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import jakarta.persistence.AttributeConverter;
import org.jspecify.annotations.Nullable;

/** A value kept as JSON. */
public abstract class JsonColumn<T> implements AttributeConverter<T, String> {
    private static final ObjectMapper JSON = new ObjectMapper()
            .findAndRegisterModules()
            .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
            .setSerializationInclusion(JsonInclude.Include.NON_ABSENT);
    private final TypeReference<T> type;
    private final @Nullable T none;

    JsonColumn(TypeReference<T> type, @Nullable T none) {
        this.type = type;
        this.none = none;
    }

    @Override
    public @Nullable String convertToDatabaseColumn(@Nullable T value) {
        try {
            return value == null ? null : JSON.writeValueAsString(value);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public @Nullable T convertToEntityAttribute(@Nullable String text) {
        try {
            return text == null || text.isEmpty() ? none : JSON.readValue(text, type);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("what is stored cannot be read: " + text, e);
        }
    }
}
