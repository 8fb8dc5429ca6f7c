package org.antevid.core.quantity;

import java.util.List;
import java.util.stream.Collectors;
import org.antevid.core.message.Message;

/** Input that cannot be computed with. Names every field at fault and what would be right. */
public final class RefusedInput extends RuntimeException {
    private final transient List<Fault> faults;

    public RefusedInput(List<Fault> faults) {
        super(faults.stream().map(RefusedInput::plain).collect(Collectors.joining("; ")));
        this.faults = List.copyOf(faults);
    }

    public RefusedInput(Refusal why, String field) {
        this(Message.of(why), field);
    }

    /** @param says whose code is a {@link Refusal} */
    public RefusedInput(Message says, String field) {
        this(List.of(new Fault(says, field)));
    }

    /** @param code label of the interface */
    public RefusedInput(String code, String field, Message says) {
        this(List.of(new Fault(code, field, says)));
    }

    public List<Fault> faults() {
        return faults;
    }

    /** For those who look for a fault of ours, not for people. */
    private static String plain(Fault f) {
        return f.field() + ": " + f.says().code().name() + " " + f.says().args().values();
    }
}
