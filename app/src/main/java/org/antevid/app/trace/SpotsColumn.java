package org.antevid.app.trace;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.antevid.core.site.Spot;
import org.jspecify.annotations.Nullable;

/** A list of points as text: "east north;east north", metres. */
@Converter
public class SpotsColumn implements AttributeConverter<List<Spot>, String> {
    @Override
    public @Nullable String convertToDatabaseColumn(@Nullable List<Spot> spots) {
        return spots == null
                ? null
                : spots.stream().map(s -> s.eastM() + " " + s.northM()).collect(Collectors.joining(";"));
    }

    @Override
    public List<Spot> convertToEntityAttribute(@Nullable String text) {
        if (text == null || text.isEmpty()) {
            return List.of();
        }
        return Arrays.stream(text.split(";"))
                .map(p -> p.split(" "))
                .map(p -> new Spot(Double.parseDouble(p[0]), Double.parseDouble(p[1])))
                .toList();
    }
}
