package org.antevid.app.sums;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.problem.NotThere;
import org.antevid.app.reader.Speech;
import org.antevid.sums.AnswerTable;
import org.antevid.sums.Curve;
import org.antevid.sums.Field;
import org.antevid.sums.Question;
import org.antevid.sums.Sum;
import org.antevid.sums.Sums;
import org.antevid.words.Units;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/sums")
class SumsController {
    /**
     * @param words its name without the unit
     * @param unit of the number that is sent
     * @param reads the unit it is read and written in by who asks
     * @param perUnit how many of those are one of {@code unit}
     * @param handyLow the range that is slid over, as far as an ordinary tree goes
     */
    record FieldView(
            String name,
            String words,
            String unit,
            String reads,
            double perUnit,
            String kind,
            boolean required,
            boolean moves,
            double low,
            double high,
            double usualLow,
            double usualHigh,
            double handyLow,
            double handyHigh,
            Optional<Object> standard,
            List<String> choices) {
        static FieldView of(Field f, Units units) {
            return new FieldView(
                    f.name(),
                    f.words(),
                    f.unit(),
                    f.scale(units).unit(),
                    f.scale(units).per(),
                    f.kind().name().toLowerCase(Locale.ROOT),
                    f.required(),
                    f.moves(),
                    f.low(),
                    f.high(),
                    f.usualLow(),
                    f.usualHigh(),
                    f.handyLow(),
                    f.handyHigh(),
                    f.standard(),
                    f.choices());
        }
    }

    /** @param question what somebody wants to know who opens it */
    record SumView(String name, String title, Question question, List<FieldView> fields) {}

    /** Every sum with its fields, units, ranges and what counts where nothing is given. */
    @GetMapping
    List<SumView> sums() {
        return Sums.all().stream()
                .map(s -> new SumView(
                        s.name(),
                        s.title(),
                        Sums.question(s),
                        s.fields().stream().map(f -> FieldView.of(f, units())).toList()))
                .toList();
    }

    /** Computes one sum: the fields go in under their names, the answer comes back in snake case with units. */
    @PostMapping("/{name}")
    Map<String, Object> compute(@PathVariable String name, @RequestBody Map<String, Object> input) {
        return sum(name).compute(input);
    }

    /** The same answer as somebody reads it: a row for each result, in the reader's units. */
    @PostMapping("/{name}/table")
    AnswerTable tableOfSum(@PathVariable String name, @RequestBody Map<String, Object> input) {
        return sum(name).table(input, Speech.words());
    }

    /**
     * How the number the sum is about moves with one field, in the reader's units.
     *
     * @param against name of the field; where nobody says, the one that moves it most
     */
    @PostMapping("/{name}/curve")
    Curve curveOfSum(
            @PathVariable String name, @RequestParam Optional<String> against, @RequestBody Map<String, Object> input) {
        return sum(name).curve(input, against, units());
    }

    private static Sum sum(String name) {
        return Sums.named(name).orElseThrow(NotThere::new);
    }

    private static Units units() {
        return Speech.words().manner().units();
    }
}
