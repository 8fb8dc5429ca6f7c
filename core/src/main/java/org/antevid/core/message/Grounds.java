package org.antevid.core.message;

import java.util.HashMap;
import java.util.Map;

/**
 * What somebody took note of: the numbers, values and names a message rested on. It is still the same while no number
 * has moved by more than its rounding and everything else is as it was; how it is worded does not matter.
 */
public record Grounds(Map<String, Double> numbers, Map<String, String> others) {
    public Grounds {
        numbers = Map.copyOf(numbers);
        others = Map.copyOf(others);
    }

    public static Grounds of(Map<String, Arg> args) {
        Map<String, Double> numbers = new HashMap<>();
        Map<String, String> others = new HashMap<>();
        args.forEach((name, arg) -> collect(name, arg, numbers, others));
        return new Grounds(numbers, others);
    }

    /** @return whether what is found now is what was taken note of then */
    public boolean still(Map<String, Arg> now) {
        Grounds then = this;
        Grounds today = of(now);
        Map<String, Double> rounding = new HashMap<>();
        now.forEach((name, arg) -> roundings(name, arg, rounding));
        return today.others.equals(then.others)
                && today.numbers.keySet().equals(then.numbers.keySet())
                && today.numbers.entrySet().stream()
                        .allMatch(e -> Math.abs(e.getValue() - then.numbers.getOrDefault(e.getKey(), Double.NaN))
                                <= rounding.getOrDefault(e.getKey(), 0.0) + 1e-9);
    }

    private static void collect(String name, Arg arg, Map<String, Double> numbers, Map<String, String> others) {
        if (arg instanceof Arg.Amount a) {
            numbers.put(name, a.value());
        } else if (arg instanceof Arg.Count c) {
            others.put(name, Long.toString(c.number()));
        } else if (arg instanceof Arg.Figure f) {
            numbers.put(name, f.value());
        } else if (arg instanceof Arg.Name n) {
            others.put(name, n.text());
        } else if (arg instanceof Arg.Term t) {
            others.put(name, t.value().name());
        } else if (arg instanceof Arg.Flag f) {
            others.put(name, Boolean.toString(f.set()));
        } else if (arg instanceof Arg.Inner i) {
            others.put(name, i.message().code().name());
            i.message().args().forEach((k, v) -> collect(name + "." + k, v, numbers, others));
        } else if (arg instanceof Arg.Several s) {
            for (int i = 0; i < s.parts().size(); i++) {
                collect(name + "." + i, s.parts().get(i), numbers, others);
            }
        }
    }

    private static void roundings(String name, Arg arg, Map<String, Double> roundings) {
        if (arg instanceof Arg.Amount a) {
            roundings.put(name, a.dimension().rounding());
        } else if (arg instanceof Arg.Inner i) {
            i.message().args().forEach((k, v) -> roundings(name + "." + k, v, roundings));
        } else if (arg instanceof Arg.Several s) {
            for (int i = 0; i < s.parts().size(); i++) {
                roundings(name + "." + i, s.parts().get(i), roundings);
            }
        }
    }
}
