package org.antevid.core.sum;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Named results in order; "not known" is {@code null} in the map, and only there, because the open interface says so.
 */
public final class Answer {
    private final Map<String, Object> values = new LinkedHashMap<>();
    private final List<String> warnings = new ArrayList<>();

    Answer put(String name, Object value) {
        values.put(name, value instanceof Optional<?> o ? o.orElse(null) : value);
        return this;
    }

    Answer warn(List<String> more) {
        warnings.addAll(more);
        return this;
    }

    /** @return {@code ok}, {@code errors}, {@code warnings} and the named results */
    public Map<String, Object> asMap() {
        Map<String, Object> all = new LinkedHashMap<>();
        all.put("ok", true);
        all.put("errors", List.of());
        all.put("warnings", List.copyOf(warnings));
        all.putAll(values);
        return all;
    }
}
