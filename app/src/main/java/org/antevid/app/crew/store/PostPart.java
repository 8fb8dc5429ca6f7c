package org.antevid.app.crew.store;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Optional;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.site.Spot;
import org.jspecify.annotations.Nullable;

@Embeddable
public class PostPart {
    @Enumerated(EnumType.STRING)
    Role role;

    String personId;

    @Nullable
    Double standEastM;

    @Nullable
    Double standNorthM;

    public static PostPart of(Step.Post p) {
        PostPart part = new PostPart();
        part.role = p.role();
        part.personId = p.personId();
        part.standEastM = p.stand().map(Spot::eastM).orElse(null);
        part.standNorthM = p.stand().map(Spot::northM).orElse(null);
        return part;
    }

    public Step.Post forCore() {
        return new Step.Post(
                role,
                personId,
                standEastM == null || standNorthM == null
                        ? Optional.empty()
                        : Optional.of(new Spot(standEastM, standNorthM)));
    }
}
