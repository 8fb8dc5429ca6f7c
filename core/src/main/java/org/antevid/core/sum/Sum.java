package org.antevid.core.sum;

import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** One computation callable alone: its name, what it answers, its fields, and the computation. */
public record Sum(String name, String title, List<Field> fields, Function<Input, Answer> computation) {

    /** @throws org.antevid.core.quantity.RefusedInput naming every field at fault; no values are given then */
    public Map<String, Object> compute(Map<String, ?> raw) {
        Input input = Input.read(fields, raw);
        Answer computed = computation.apply(input);
        Answer answer = new Answer().warn(input.warnings());
        Map<String, Object> all = computed.asMap();
        answer.warn(
                ((List<?>) all.get("warnings")).stream().map(String::valueOf).toList());
        all.forEach((k, v) -> {
            if (!k.equals("ok") && !k.equals("errors") && !k.equals("warnings")) {
                answer.put(k, v);
            }
        });
        return answer.asMap();
    }
}
