package org.antevid.app.drills.web;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.app.reader.Speech;
import org.antevid.core.drill.Answering;
import org.antevid.core.drill.DrillKind;
import org.antevid.core.drill.Drills;
import org.antevid.core.drill.Exercise;
import org.antevid.core.drill.Picture;
import org.antevid.core.drill.Practice;
import org.antevid.core.drill.Sure;
import org.antevid.core.message.Message;
import org.antevid.words.Language;
import org.antevid.words.Manner;
import org.antevid.words.Units;
import org.antevid.words.Words;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Practice, for guests too: who asks says in which language and units. */
@RestController
@RequestMapping("/api/drills")
public class DrillController {
    /**
     * @param againDays after so many days what failed is asked again
     * @param risesAfter so many right ones in a row open the next level
     * @param round exercises of a round
     * @param today the one exercise everybody gets today
     */
    record DrillsView(
            List<DrillKindView> kinds, List<Integer> againDays, int risesAfter, int round, DrillLinkView today) {}

    /** @param key of the kind, as it stands in an address */
    record DrillLinkView(String key, int level, long seed) {}

    record DrillKindView(DrillKind kind, String key, String words, String says, int levels) {}

    /**
     * @param said the picture in words
     * @param way one is right; all that is true is marked; or all that is true in an order that breaks no rule
     */
    record ExerciseView(
            DrillKind kind,
            int level,
            long seed,
            PictureView picture,
            String said,
            String asked,
            Answering way,
            List<ChoiceView> choices,
            List<SureView> sure,
            List<TruthView> truth,
            int thrownAway) {}

    record PictureView(
            double leftM, double rightM, double bottomM, double topM, List<InkView> items, List<InkView> over) {}

    record InkView(Picture.Ink ink, List<Picture.At> points, boolean closed, Optional<String> words) {}

    /**
     * @param right of several: to be marked
     * @param abstains says that it is not known
     * @param alone says something of all the others: it is marked alone
     * @param after of an order: numbers of the choices that come before it, from 0
     * @param deadly why this answer ends the round: marked where it is wrong, of several left out where it is right, in
     *     an order marked too early
     */
    record ChoiceView(
            String words,
            boolean right,
            boolean abstains,
            boolean alone,
            List<Integer> after,
            Optional<String> deadly) {}

    /** @param right points when it was right, {@code wrong} when not */
    record SureView(Sure sure, String words, double right, double wrong) {}

    record TruthView(Exercise.Told told, String words, String says) {}

    private final Clock clock;

    DrillController(Clock clock) {
        this.clock = clock;
    }

    /** What can be practised. */
    @GetMapping
    DrillsView drills(
            @RequestParam(defaultValue = "ENGLISH") Language language,
            @RequestParam(defaultValue = "METRIC") Units units) {
        Words words = words(language, units);
        return new DrillsView(
                Stream.of(DrillKind.values())
                        .map(k -> new DrillKindView(k, k.key(), words.term(k), words.term(k, "what"), k.levels()))
                        .toList(),
                Practice.AGAIN_DAYS,
                Practice.RISES_AFTER,
                Practice.ROUND,
                today());
    }

    /** One exercise: the same kind, level and seed are the same one. What is right is worked out now. */
    @GetMapping("/{kind}/{level}/{seed}")
    ExerciseView exercise(
            @PathVariable DrillKind kind,
            @PathVariable int level,
            @PathVariable long seed,
            @RequestParam(defaultValue = "ENGLISH") Language language,
            @RequestParam(defaultValue = "METRIC") Units units) {
        return view(Drills.of(kind, level, seed), words(language, units));
    }

    private DrillLinkView today() {
        Practice.Link link = Practice.ofDay(
                LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()).toEpochDay());
        return new DrillLinkView(link.kind().key(), link.level(), link.seed());
    }

    private static Words words(Language language, Units units) {
        return Words.of(new Manner(language, units), Speech.ofTheHouse());
    }

    private static ExerciseView view(Exercise e, Words words) {
        Picture p = e.picture();
        return new ExerciseView(
                e.kind(),
                e.level(),
                e.seed(),
                new PictureView(
                        p.leftM(), p.rightM(), p.bottomM(), p.topM(), ink(p.items(), words), ink(p.over(), words)),
                words.say(e.said()),
                words.say(e.asked()),
                e.way(),
                e.choices().stream()
                        .map(c -> new ChoiceView(
                                words.show(c.says()),
                                c.right(),
                                c.abstains(),
                                c.alone(),
                                c.after(),
                                c.deadly().map((Message d) -> words.say(d))))
                        .toList(),
                Stream.of(Sure.values())
                        .map(s -> new SureView(s, words.term(s), s.told(true), s.told(false)))
                        .toList(),
                e.truth().stream()
                        .map(t -> new TruthView(t.told(), words.term(t.told()), words.say(t.says())))
                        .toList(),
                e.thrownAway());
    }

    private static List<InkView> ink(List<Picture.Item> items, Words words) {
        return items.stream()
                .map(i -> new InkView(i.ink(), i.points(), i.closed(), i.words().map(words::show)))
                .toList();
    }
}
