package org.antevid.sums;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.antevid.core.takedown.Remarks;
import org.jspecify.annotations.Nullable;

/**
 * Named results in order; "not known" is {@code null} in the map, and only there, because the open interface says so.
 */
public final class Answer {
    private final Map<String, @Nullable Object> values = new LinkedHashMap<>();
    private final List<String> warnings = new ArrayList<>();
    private Optional<List<Remarks.Told>> told = Optional.empty();

    Answer put(String name, @Nullable Object value) {
        values.put(name, value instanceof Optional<?> o ? o.orElse(null) : value);
        return this;
    }

    Answer warn(Collection<? extends Enum<?>> more) {
        return warn(more, Enum::name);
    }

    /** @param code what a warning is called among the sums */
    <W> Answer warn(Collection<W> more, Function<W, String> code) {
        more.forEach(w -> warnings.add(code.apply(w)));
        return this;
    }

    Answer warn(boolean when, String code) {
        if (when) {
            warnings.add(code);
        }
        return this;
    }

    /** What is to be said, each with its level: the worst of it is the answer's finding. */
    Answer told(List<Remarks.Told> remarks) {
        told = Optional.of(remarks);
        return this;
    }

    Optional<List<Remarks.Told>> told() {
        return told;
    }

    List<String> warnings() {
        return List.copyOf(warnings);
    }

    /** @return {@code ok}, {@code errors}, {@code warnings} and the named results */
    public Map<String, @Nullable Object> asMap() {
        Map<String, @Nullable Object> all = new LinkedHashMap<>();
        all.put("ok", true);
        all.put("errors", List.of());
        all.put("warnings", List.copyOf(warnings));
        all.putAll(values);
        return all;
    }
}
