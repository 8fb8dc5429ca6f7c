package org.antevid.core.stem;

import java.util.List;
import java.util.Optional;

/**
 * One number or choice that a person writes down for a sighting.
 *
 * <p>Its words are those of the kind with its name behind: {@code SightingKind.GIRTH.girthM}.
 *
 * @param step what a press of a big button moves it by
 * @param standard used when nothing is written; empty with {@code required} false means not given
 * @param choices keys to choose from, empty for a number
 * @param touched read off where somebody touched a photo, not typed
 */
public record FieldNote(
        String name,
        String unit,
        double low,
        double high,
        double step,
        boolean required,
        Optional<Double> standard,
        List<String> choices,
        boolean touched) {
    static FieldNote need(String name, String unit, double low, double high, double step) {
        return new FieldNote(name, unit, low, high, step, true, Optional.empty(), List.of(), false);
    }

    static FieldNote maybe(String name, String unit, double low, double high, double step) {
        return new FieldNote(name, unit, low, high, step, false, Optional.empty(), List.of(), false);
    }

    static FieldNote with(String name, String unit, double low, double high, double step, double standard) {
        return new FieldNote(name, unit, low, high, step, false, Optional.of(standard), List.of(), false);
    }

    /** A place on a picture as a share of its width or height from the lower left, or the width over the height. */
    static FieldNote touch(String name) {
        return new FieldNote(name, "", 0, 4, 0.001, true, Optional.empty(), List.of(), true);
    }

    /** The first choice counts when none is made. */
    static FieldNote choice(String name, String... choices) {
        return new FieldNote(name, "", 0, 0, 0, false, Optional.empty(), List.of(choices), false);
    }
}
