package org.antevid.app.lessons;

import java.util.List;
import org.antevid.app.house.LearnedRules;
import org.antevid.app.lessons.store.LessonDecisionRepository;
import org.antevid.app.lessons.store.LessonRepository;
import org.antevid.core.learn.Becomes;
import org.antevid.core.learn.LessonState;
import org.springframework.stereotype.Component;

/** The house rules that lessons make stricter, as their decisions say. */
@Component
class LessonRules implements LearnedRules {
    private final LessonRepository lessons;
    private final LessonDecisionRepository decisions;

    LessonRules(LessonRepository lessons, LessonDecisionRepository decisions) {
        this.lessons = lessons;
        this.decisions = decisions;
    }

    @Override
    public List<Learned> standing() {
        return lessons.findByBecomes(Becomes.HOUSE_RULE).stream()
                .filter(l -> LessonState.after(decisions.findByLessonIdOrderByAt(l.id).stream()
                                .map(d -> d.decision)
                                .toList())
                        == LessonState.STANDS)
                .flatMap(l -> l.rule().map(r -> new Learned(r, l.id)).stream())
                .toList();
    }
}
