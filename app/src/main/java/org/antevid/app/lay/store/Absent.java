package org.antevid.app.lay.store;

import java.util.Optional;
import org.antevid.core.site.Spot;
import org.jspecify.annotations.Nullable;

/** What a request left out, as it is kept. */
final class Absent {
    private Absent() {}

    static <T> @Nullable T orNull(@Nullable Optional<T> value) {
        return value == null ? null : value.orElse(null);
    }

    static @Nullable String name(@Nullable Enum<?> value) {
        return value == null ? null : value.name();
    }

    static Optional<Spot> spot(@Nullable Double eastM, @Nullable Double northM) {
        return eastM == null || northM == null ? Optional.empty() : Optional.of(new Spot(eastM, northM));
    }
}
