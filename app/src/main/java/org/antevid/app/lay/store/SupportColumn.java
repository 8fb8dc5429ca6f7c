package org.antevid.app.lay.store;

import com.fasterxml.jackson.core.type.TypeReference;
import jakarta.persistence.Converter;
import org.antevid.app.lay.ChoiceRequest;

@Converter
public class SupportColumn extends JsonColumn<ChoiceRequest.SupportRequest> {
    SupportColumn() {
        super(new TypeReference<>() {}, ChoiceRequest.SupportRequest.NONE);
    }
}
