package org.antevid.app.lay.store;

import com.fasterxml.jackson.core.type.TypeReference;
import jakarta.persistence.Converter;
import org.antevid.app.lay.FaceReading;

@Converter
public class OpenedColumn extends JsonColumn<FaceReading> {
    OpenedColumn() {
        super(new TypeReference<>() {}, null);
    }
}
