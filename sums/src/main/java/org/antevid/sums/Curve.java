package org.antevid.sums;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.words.Units;
import org.jspecify.annotations.Nullable;

/**
 * How the number an answer is about moves with one field over its usual range, each point computed, in the reader's
 * units. Where the sum refuses, there is no point.
 *
 * @param against name of the field that is moved
 * @param at where one stands on it; empty while the field is not given
 */
public record Curve(
        String against,
        String xWords,
        String xUnit,
        String yWords,
        String yUnit,
        List<Point> points,
        Optional<Double> at) {
    private static final int POINTS = 25;
    private static final double TENTH = 0.1;
    /** A curve goes from a third of what is given to three times as much. */
    private static final double AROUND = 3;

    /** Values in the units of the curve. */
    public record Point(double x, double y) {}

    /**
     * @param against name of the field that is moved; where nobody says, the one that moves the number most
     * @throws RefusedInput for what the sum itself refuses, and for a field that is no number with a range
     */
    static Curve of(Sum sum, Map<String, ?> input, Optional<String> against, Units units) {
        String out = Sums.main(sum, sum.compute(input)).orElse("");
        List<Field> movable = sum.fields().stream().filter(Field::moves).toList();
        Field field = against.isEmpty()
                ? movable.stream()
                        .max(Comparator.comparingDouble(f -> swing(sum, input, f, out)))
                        .orElseThrow(() -> cannotMove(movable))
                : movable.stream()
                        .filter(f -> f.name().equals(against.get()))
                        .findFirst()
                        .orElseThrow(() -> cannotMove(movable));
        List<Point> bare = new ArrayList<>();
        Optional<Double> at = standsAt(field, input).filter(x -> x > 0);
        double low = at.map(x -> Math.max(field.handyLow(), x / AROUND)).orElse(field.handyLow());
        double high = at.map(x -> Math.min(Math.max(x, field.handyHigh()), x * AROUND))
                .orElse(field.handyHigh());
        for (int i = 0; i < POINTS; i++) {
            double x = low + (high - low) * i / (POINTS - 1);
            number(sum, input, field, x, out).ifPresent(y -> bare.add(new Point(x, y)));
        }
        Unit unit = Unit.ending(out);
        Unit.Scale xs = field.scale(units);
        Unit.Scale ys = unit.read(
                units, bare.stream().mapToDouble(p -> Math.abs(p.y())).max().orElse(0));
        return new Curve(
                field.name(),
                field.words(),
                xs.unit(),
                unit.words(out),
                ys.unit(),
                bare.stream()
                        .map(p -> new Point(p.x() * xs.per(), p.y() * ys.per()))
                        .toList(),
                standsAt(field, input).map(x -> x * xs.per()));
    }

    private static Optional<Double> standsAt(Field field, Map<String, ?> input) {
        return Optional.<Object>ofNullable(input.get(field.name()))
                .or(field::standard)
                .filter(Number.class::isInstance)
                .map(n -> ((Number) n).doubleValue());
    }

    /** How far the number moves where the field is a tenth less or more; what is given counts, not what is possible. */
    private static double swing(Sum sum, Map<String, ?> input, Field f, String out) {
        double at = standsAt(f, input).orElse(0.0);
        if (at == 0) {
            return -1;
        }
        Optional<Double> less = number(sum, input, f, at * (1 - TENTH), out);
        Optional<Double> more = number(sum, input, f, at * (1 + TENTH), out);
        return less.isEmpty() || more.isEmpty() ? -1 : Math.abs(more.get() - less.get());
    }

    private static RefusedInput cannotMove(List<Field> movable) {
        return new RefusedInput(
                Message.of(Refusal.NOT_AMONG)
                        .with(
                                "choices",
                                Arg.names(movable.stream().map(Field::name).toList())),
                "against");
    }

    private static Optional<Double> number(Sum sum, Map<String, ?> input, Field f, double x, String out) {
        Map<String, @Nullable Object> moved = new HashMap<>(input);
        moved.put(f.name(), x);
        try {
            return sum.compute(moved).get(out) instanceof Number y && Double.isFinite(y.doubleValue())
                    ? Optional.of(y.doubleValue())
                    : Optional.empty();
        } catch (RefusedInput noAnswerThere) {
            return Optional.empty();
        }
    }
}
