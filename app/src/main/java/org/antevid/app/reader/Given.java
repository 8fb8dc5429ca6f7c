package org.antevid.app.reader;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a body says. */
public final class Given {
    private Given() {}

    /** @return what was given; a field that was left out arrives as null and is nothing */
    @SuppressWarnings("OptionalUsedAsFieldOrParameterType")
    public static <T> Optional<T> or(@Nullable Optional<T> given) {
        return given == null ? Optional.empty() : given;
    }
}
