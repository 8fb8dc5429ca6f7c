package org.antevid.app.crew.store;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Optional;
import org.antevid.core.crew.StepKit;
import org.jspecify.annotations.Nullable;

/** Something a step cannot be done without. */
@Embeddable
public class KitPart {
    @Enumerated(EnumType.STRING)
    StepKit.Kind kind;

    @Nullable
    Double atLeastN;

    static KitPart of(StepKit k) {
        KitPart part = new KitPart();
        part.kind = k.kind();
        part.atLeastN = k.atLeastN().orElse(null);
        return part;
    }

    StepKit forCore() {
        return new StepKit(kind, Optional.ofNullable(atLeastN));
    }
}
