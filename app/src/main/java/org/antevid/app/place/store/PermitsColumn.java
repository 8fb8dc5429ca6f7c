package org.antevid.app.place.store;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.EnumMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.antevid.core.site.Permit;

/** Answers as text: "NESTING=YES,WATERCOURSE=NOT_NEEDED". */
@Converter
public class PermitsColumn implements AttributeConverter<Map<Permit, Permit.Answer>, String> {
    @Override
    public String convertToDatabaseColumn(Map<Permit, Permit.Answer> answers) {
        return answers == null
                ? ""
                : new TreeMap<>(answers)
                        .entrySet().stream()
                                .map(e -> e.getKey() + "=" + e.getValue())
                                .collect(Collectors.joining(","));
    }

    @Override
    public Map<Permit, Permit.Answer> convertToEntityAttribute(String text) {
        Map<Permit, Permit.Answer> answers = new EnumMap<>(Permit.class);
        if (text != null && !text.isEmpty()) {
            for (String pair : text.split(",", 0)) {
                String[] kv = pair.split("=", 2);
                answers.put(Permit.valueOf(kv[0]), Permit.Answer.valueOf(kv[1]));
            }
        }
        return answers;
    }
}
