package org.antevid.core.learn;

import java.util.List;
import java.util.Optional;
import org.antevid.core.cutting.CutStep;
import org.antevid.core.judge.Tightening;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * Something learned on a job, to be told at work that matches.
 *
 * @param idea the sentence it is, where one of the catalogue was picked
 * @param rule the number it makes stricter; of a house rule, which goes for all work, and of nothing else
 * @param words in somebody's own words, up to 500; empty only with a sentence picked
 * @param fromJob name of the job it comes from
 */
public record Lesson(
        String id,
        Optional<LessonIdea> idea,
        String words,
        String fromJob,
        Becomes becomes,
        Matches matches,
        Optional<Tightening> rule) {
    private static final int LONGEST = 500;

    /** @throws IllegalArgumentException without a sentence and words, naming what would be right */
    public Lesson {
        if ((becomes == Becomes.HOUSE_RULE) != rule.isPresent()) {
            throw new RefusedInput(Refusal.NEEDED, "rule");
        }
        if (rule.isPresent() && !matches.equals(Matches.ALL)) {
            throw new RefusedInput(Refusal.RULE_FOR_ALL, "matches");
        }
        words = words.strip();
        if (idea.isEmpty()) {
            words = Require.text(words, LONGEST, "words");
        }
    }

    /** @return the lesson, its sentence in the language of whoever reads it */
    public Message says() {
        return Message.of(LessonWords.LESSON)
                .with("idea", idea.map(Arg::term))
                .with("words", Arg.name(words))
                .with(
                        "rule",
                        rule.map(r -> Arg.said(Message.of(LessonWords.HOUSE_RULE)
                                .with("threshold", Arg.term(r.threshold()))
                                .with("value", r.shown()))));
    }

    /** @return it as a line to tick off before the face is cut, saying where it comes from */
    public CutStep check() {
        return new CutStep(
                "lesson-" + id,
                CutStep.Kind.CHECK,
                says(),
                List.of(Message.of(LessonWords.FROM_JOB).with("job", Arg.name(fromJob))));
    }
}
