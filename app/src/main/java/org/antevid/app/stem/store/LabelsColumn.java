package org.antevid.app.stem.store;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.List;

/** Short keys as text, separated by commas. */
@Converter
public class LabelsColumn implements AttributeConverter<List<String>, String> {
    @Override
    public String convertToDatabaseColumn(List<String> labels) {
        return labels == null ? "" : String.join(",", labels);
    }

    @Override
    public List<String> convertToEntityAttribute(String text) {
        return text == null || text.isEmpty() ? List.of() : List.of(text.split(","));
    }
}
