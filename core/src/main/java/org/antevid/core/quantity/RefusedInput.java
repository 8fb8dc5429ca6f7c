package org.antevid.core.quantity;

import java.util.List;

/** Input that cannot be computed with. Names every field at fault and what would be right. */
public final class RefusedInput extends RuntimeException {
    private final transient List<Fault> faults;

    public RefusedInput(List<Fault> faults) {
        super(faults.stream()
                .map(f -> f.field() + ": " + f.message())
                .reduce((a, b) -> a + "; " + b)
                .orElse("input refused"));
        this.faults = List.copyOf(faults);
    }

    public RefusedInput(String code, String field, String message) {
        this(List.of(new Fault(code, field, message)));
    }

    public List<Fault> faults() {
        return faults;
    }
}
