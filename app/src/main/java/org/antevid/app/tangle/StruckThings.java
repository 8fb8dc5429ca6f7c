package org.antevid.app.tangle;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Places;
import org.antevid.app.problem.NotThere;
import org.antevid.app.tangle.store.StruckAnswerEntity;
import org.antevid.app.tangle.store.StruckAnswerRepository;
import org.antevid.core.site.Feature;
import org.antevid.core.tangle.picture.Struck;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was asked about the buildings, vehicles and fences that stems lie on, before anything is lifted off them. */
@Service
@Transactional
public class StruckThings {
    private final StruckAnswerRepository answers;
    private final Places places;
    private final Jobs jobs;
    private final Clock clock;

    StruckThings(StruckAnswerRepository answers, Places places, Jobs jobs, Clock clock) {
        this.clock = clock;
        this.answers = answers;
        this.places = places;
        this.jobs = jobs;
    }

    /** What was found. */
    public record Answer(Struck.Question question, boolean inOrder, String note, TangleRecords.Seen seen) {}

    /** A later answer to the same question counts in place of the earlier one, which stays in the book. */
    public void answer(
            String jobId, String featureId, Struck.Question question, boolean inOrder, String note, SignedIn who) {
        if (places.site(jobId).features().stream().noneMatch(f -> f.id().equals(featureId))) {
            throw new NotThere();
        }
        StruckAnswerEntity a = new StruckAnswerEntity();
        a.id = UUID.randomUUID().toString();
        a.jobId = jobId;
        a.featureId = featureId;
        a.question = question;
        a.inOrder = inOrder;
        a.note = note.strip();
        a.who = who.name();
        a.at = clock.instant();
        answers.saveAndFlush(a);
        jobs.touched(jobId, Change.TANGLE);
    }

    /** @return the newest answer to each question, by feature */
    public Map<String, Map<Struck.Question, Answer>> answers(String jobId) {
        Map<String, Map<Struck.Question, Answer>> all = new LinkedHashMap<>();
        answers.findByJobIdOrderByAtAscIdAsc(jobId).forEach(a -> all.computeIfAbsent(
                        a.featureId, f -> new LinkedHashMap<>())
                .put(a.question, new Answer(a.question, a.inOrder, a.note, new TangleRecords.Seen(a.who, a.at))));
        return all;
    }

    /** @param bearing ids of the features that stems lie on */
    List<Struck> struck(String jobId, Set<String> bearing) {
        Map<String, Map<Struck.Question, Answer>> all = answers(jobId);
        return places.site(jobId).features().stream()
                .filter(f -> bearing.contains(f.id()))
                .filter(f -> !Struck.asked(f.kind()).isEmpty())
                .map(f -> new Struck(f.id(), f.name(), f.kind(), inOrder(all, f)))
                .toList();
    }

    private static Set<Struck.Question> inOrder(Map<String, Map<Struck.Question, Answer>> all, Feature f) {
        return all.getOrDefault(f.id(), Map.of()).values().stream()
                .filter(Answer::inOrder)
                .map(Answer::question)
                .collect(Collectors.toSet());
    }
}
