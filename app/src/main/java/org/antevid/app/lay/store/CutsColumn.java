package org.antevid.app.lay.store;

import com.fasterxml.jackson.core.type.TypeReference;
import jakarta.persistence.Converter;
import org.antevid.app.lay.ChoiceRequest;

@Converter
public class CutsColumn extends JsonColumn<ChoiceRequest.CutsRequest> {
    CutsColumn() {
        super(new TypeReference<>() {}, ChoiceRequest.CutsRequest.NONE);
    }
}
