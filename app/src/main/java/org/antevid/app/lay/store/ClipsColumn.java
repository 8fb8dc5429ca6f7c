package org.antevid.app.lay.store;

import com.fasterxml.jackson.core.type.TypeReference;
import jakarta.persistence.Converter;
import java.util.List;

@Converter
public class ClipsColumn extends JsonColumn<List<LayEntity.Clip>> {
    ClipsColumn() {
        super(new TypeReference<>() {}, List.of());
    }
}
