package org.antevid.app.sums;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.problem.NotThere;
import org.antevid.sums.Field;
import org.antevid.sums.Question;
import org.antevid.sums.Sum;
import org.antevid.sums.Sums;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/sums")
class SumsController {
    record FieldView(
            String name,
            String words,
            String unit,
            String kind,
            boolean required,
            double low,
            double high,
            double usualLow,
            double usualHigh,
            Optional<Object> standard,
            List<String> choices) {
        static FieldView of(Field f) {
            return new FieldView(
                    f.name(),
                    f.words(),
                    f.unit(),
                    f.kind().name().toLowerCase(Locale.ROOT),
                    f.required(),
                    f.low(),
                    f.high(),
                    f.usualLow(),
                    f.usualHigh(),
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
                        s.fields().stream().map(FieldView::of).toList()))
                .toList();
    }

    /** Computes one sum: the fields go in under their names, the answer comes back in snake case with units. */
    @PostMapping("/{name}")
    Map<String, Object> compute(@PathVariable String name, @RequestBody Map<String, Object> input) {
        return Sums.named(name).map((Sum s) -> s.compute(input)).orElseThrow(NotThere::new);
    }
}
