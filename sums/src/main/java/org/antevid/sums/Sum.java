package org.antevid.sums;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;
import org.antevid.words.Units;
import org.antevid.words.Words;
import org.jspecify.annotations.Nullable;

/**
 * One computation callable alone: its name, what it answers, its fields, and the computation.
 *
 * @param between faults between fields that are right each by itself; what is not there is not asked about
 */
public record Sum(
        String name,
        String title,
        List<Field> fields,
        Function<Input, List<Fault>> between,
        Function<Input, Answer> computation) {
    Sum(String name, String title, List<Field> fields, Function<Input, Answer> computation) {
        this(name, title, fields, in -> List.of(), computation);
    }

    /** @throws org.antevid.core.quantity.RefusedInput naming every field at fault; no values are given then */
    public Map<String, @Nullable Object> compute(Map<String, ?> raw) {
        Input.Reading reading = Input.reading(fields, raw, "");
        List<Fault> faults = new ArrayList<>(reading.faults());
        faults.addAll(between.apply(reading.read()));
        if (!faults.isEmpty()) {
            throw new RefusedInput(faults);
        }
        Input input = reading.read();
        Answer computed = computation.apply(input);
        Map<String, @Nullable Object> all = computed.asMap();
        Answer answer = computed.told()
                .map(t -> ranked(t, input.unusual()))
                .orElseGet(() -> new Answer().warn(input.warnings(), w -> w).warn(computed.warnings(), w -> w));
        all.forEach((k, v) -> {
            if (!k.equals("ok") && !k.equals("errors") && !k.equals("warnings")) {
                answer.put(k, v);
            }
        });
        return answer.asMap();
    }

    /** Warnings in the order of their labels, each once, and the worst of them. */
    private static Answer ranked(List<Remarks.Told> told, List<String> unusual) {
        Remarks all = new Remarks().all(told);
        unusual.forEach(f -> all.say(Remark.UNUSUAL, f));
        return new Answer()
                .warn(all.told(), Remarks.Told::label)
                .put("finding", Remarks.worst(all.told()).key());
    }

    /** @throws org.antevid.core.quantity.RefusedInput as {@link #compute} does */
    public AnswerTable table(Map<String, ?> raw, Words words) {
        Map<String, @Nullable Object> answer = compute(raw);
        return AnswerTable.of(answer, Sums.main(this, answer), words);
    }

    /**
     * @param against name of the field that is moved over its usual range; where nobody says, the one that moves it
     *     most
     * @throws org.antevid.core.quantity.RefusedInput as {@link #compute} does, and for a field that cannot be moved
     */
    public Curve curve(Map<String, ?> raw, Optional<String> against, Units units) {
        return Curve.of(this, raw, against, units);
    }
}
