package org.antevid.app.logbook.web;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.app.logbook.Logbook;
import org.antevid.app.logbook.store.FallLineEntity;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.outcome.Accuracy;
import org.antevid.core.outcome.Control;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stump.School;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/logbook")
public class LogbookController {
    /** Lines that are sent one by one; the dots and numbers are of all. */
    private static final int MOST_LINES = 200;

    /**
     * A felled stem. Right of the predicted direction is positive.
     *
     * @param jobId empty of one that was read in from a file
     * @param gustMs the gust at its go
     * @param aimed where it lies says how well it was aimed: measured, and control was kept
     * @param alongDeg how much farther out the tip lies than expected, as an angle seen from the stump
     * @param times the miss over the usual error that was foreseen, signed as the miss is
     */
    record FallView(
            Optional<String> jobId,
            String job,
            String stem,
            Optional<String> sawyerId,
            Optional<String> sawyer,
            String cut,
            String means,
            Instant felledAt,
            boolean measured,
            boolean aimed,
            Optional<String> control,

            @Shown(in = Dimension.SPEED, to = Side.UP) Optional<Double> gustMs,

            @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST)
            double predictedDeg,

            @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST)
            Optional<Double> fellDeg,

            @Shown(in = Dimension.ANGLE, to = Side.NEAREST, unsigned = true)
            Optional<Double> missDeg,

            Optional<Double> alongDeg,

            @Shown(in = Dimension.TIMES, to = Side.NEAREST, unsigned = true)
            Optional<Double> times,

            Optional<Boolean> inside) {}

    /**
     * The falls that fit the filter.
     *
     * @param falls the newest first, at most 200
     * @param accuracy of those that were measured and aimed, beside all that fit
     * @param gone what became of those that count as no miss, each with how many
     * @param toldOf how many said what became of them
     * @param others falls that are only counted together for this reader; empty for who sees all
     * @param least fewer aimed falls make no mean
     * @param all how many falls fit
     * @param measured how many of them were measured, whatever became of them
     */
    record LogbookView(
            List<FallView> falls,
            Accuracy accuracy,
            List<Gone> gone,
            int toldOf,
            Optional<Accuracy> others,
            int least,
            int all,
            int measured,
            LogbookChoices choices) {}

    record Gone(Control control, String words, int count) {}

    record LogbookChoice(String value, String words) {}

    record LogbookChoices(
            List<LogbookChoice> sawyers,
            List<LogbookChoice> species,
            List<LogbookChoice> cuts,
            List<LogbookChoice> means,
            List<LogbookChoice> woods) {}

    private final Logbook logbook;

    LogbookController(Logbook logbook) {
        this.logbook = logbook;
    }

    /**
     * All falls the caller may see, beside what was foreseen of them.
     *
     * @param since first day, by the clock of the house
     * @param until last day
     * @param gustFromMs only falls at whose go a gust of at least this was read
     */
    @GetMapping
    LogbookView logbook(
            @RequestParam(required = false) @Nullable String sawyer,
            @RequestParam(required = false) @Nullable Species species,
            @RequestParam(required = false) @Nullable School cut,
            @RequestParam(required = false) Means.@Nullable Kind means,
            @RequestParam(required = false) @Nullable Condition wood,
            @RequestParam(required = false) @Nullable LocalDate since,
            @RequestParam(required = false) @Nullable LocalDate until,
            @RequestParam(required = false) @Nullable Double gustFromMs,
            @AuthenticationPrincipal SignedIn me) {
        Logbook.Seen seen = logbook.seenBy(me);
        Predicate<FallLineEntity> fits = l -> (species == null || l.species == species)
                && (cut == null || l.school == cut)
                && (means == null || l.means == means)
                && (wood == null || l.wood == wood)
                && (since == null || !l.felledAt.isBefore(startOf(since)))
                && (until == null || l.felledAt.isBefore(startOf(until.plusDays(1))))
                && (gustFromMs == null || l.gustMs != null && l.gustMs >= gustFromMs);
        List<FallLineEntity> open = seen.open().stream()
                .filter(fits.and(l -> sawyer == null || sawyer.equals(l.sawyerId)))
                .toList();
        List<FallLineEntity> summed = seen.summed().stream().filter(fits).toList();
        List<FallLineEntity> told = open.stream().filter(l -> l.control != null).toList();
        return new LogbookView(
                open.stream().limit(MOST_LINES).map(LogbookController::view).toList(),
                accuracy(open),
                gone(told),
                told.size(),
                Optional.of(summed).filter(s -> !s.isEmpty()).map(LogbookController::accuracy),
                Accuracy.LEAST,
                open.size(),
                (int) open.stream().filter(l -> l.missDeg != null).count(),
                choices(seen.open()));
    }

    private static Instant startOf(LocalDate day) {
        return day.atStartOfDay(ZoneId.systemDefault()).toInstant();
    }

    private static Accuracy accuracy(Collection<FallLineEntity> all) {
        return Accuracy.of(
                all.size(),
                all.stream()
                        .filter(Logbook::aimed)
                        .map(l ->
                                new Accuracy.Measured(Objects.requireNonNull(l.missDeg), Optional.ofNullable(l.inside)))
                        .toList());
    }

    private static List<Gone> gone(List<FallLineEntity> told) {
        return Stream.of(Control.values())
                .filter(c -> !c.aimed())
                .map(c -> new Gone(c, Speech.words().term(c), (int)
                        told.stream().filter(l -> l.control == c).count()))
                .filter(g -> g.count > 0)
                .toList();
    }

    private static FallView view(FallLineEntity l) {
        return new FallView(
                Optional.ofNullable(l.jobId),
                l.jobName,
                l.stem,
                Optional.ofNullable(l.sawyerId),
                Optional.ofNullable(l.sawyer),
                Speech.words().term(l.school),
                Speech.words().term(l.means),
                l.felledAt,
                l.missDeg != null,
                Logbook.aimed(l),
                Optional.ofNullable(l.control).map(c -> Speech.words().term(c)),
                Optional.ofNullable(l.gustMs),
                l.predictedDeg,
                Optional.ofNullable(l.fellDeg),
                Optional.ofNullable(l.missDeg),
                Optional.ofNullable(l.alongDeg),
                Optional.ofNullable(l.times),
                Optional.ofNullable(l.inside));
    }

    private static LogbookChoices choices(List<FallLineEntity> all) {
        return new LogbookChoices(
                all.stream()
                        .filter(l -> l.sawyerId != null && l.sawyer != null)
                        .collect(Collectors.toMap(
                                l -> Objects.requireNonNull(l.sawyerId),
                                l -> Objects.requireNonNull(l.sawyer),
                                (newest, older) -> newest))
                        .entrySet()
                        .stream()
                        .sorted(Map.Entry.comparingByValue())
                        .map(e -> new LogbookChoice(e.getKey(), e.getValue()))
                        .toList(),
                met(all, l -> l.species),
                met(all, l -> l.school),
                met(all, l -> l.means),
                met(all, l -> l.wood));
    }

    /** The values that are there, so that no filter leads to nothing. */
    private static List<LogbookChoice> met(List<FallLineEntity> all, Function<FallLineEntity, @Nullable Enum<?>> of) {
        return all.stream()
                .map(of)
                .filter(Objects::nonNull)
                .distinct()
                .map(v -> new LogbookChoice(v.name(), Speech.words().term(v)))
                .sorted(Comparator.comparing(LogbookChoice::words))
                .toList();
    }
}
