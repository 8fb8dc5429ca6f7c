package org.antevid.app.lay.store;

import com.fasterxml.jackson.core.type.TypeReference;
import jakarta.persistence.Converter;
import org.antevid.app.lay.ChoiceRequest;

@Converter
public class RigColumn extends JsonColumn<ChoiceRequest.RigRequest> {
    RigColumn() {
        super(new TypeReference<>() {}, ChoiceRequest.RigRequest.PLAIN);
    }
}
