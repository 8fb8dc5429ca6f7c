package org.antevid.app.stem.store;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.LinkedHashMap;
import java.util.Map;
import org.hibernate.annotations.Immutable;

/** Raw numbers and choices of a sighting as a JSON object of its fields: replaced as a whole, so nobody copies it. */
@Converter
@Immutable
public class RawColumn implements AttributeConverter<Map<String, Object>, String> {
    private static final ObjectMapper JSON = new ObjectMapper();

    @Override
    public String convertToDatabaseColumn(Map<String, Object> raw) {
        try {
            return JSON.writeValueAsString(raw);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public Map<String, Object> convertToEntityAttribute(String text) {
        try {
            return text == null
                    ? Map.of()
                    : JSON.readValue(text, new TypeReference<LinkedHashMap<String, Object>>() {});
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a stored sighting cannot be read: " + text, e);
        }
    }
}
