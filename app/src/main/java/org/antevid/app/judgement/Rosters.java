package org.antevid.app.judgement;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.antevid.app.crew.Crews;
import org.antevid.app.job.Jobs;
import org.antevid.app.job.Part;
import org.antevid.app.people.People;
import org.antevid.core.crew.Person;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.crew.DayRoster;
import org.antevid.core.judge.crew.DayTimes;
import org.antevid.core.judge.crew.Mend;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The day's plan of people and steps: what mends what is wrong with it, how long it takes, a shorter one. */
@Service
@Transactional
public class Rosters {
    private final Judgement judgement;
    private final Crews crews;
    private final Jobs jobs;
    private final People people;

    Rosters(Judgement judgement, Crews crews, Jobs jobs, People people) {
        this.judgement = judgement;
        this.crews = crews;
        this.jobs = jobs;
        this.people = people;
    }

    /** @param times empty while nothing is left to do */
    public record Day(DayRoster roster, Optional<DayTimes> times, List<Mend> mends) {}

    @Transactional(readOnly = true)
    public Day day(String jobId) {
        Situation s = judgement.situation(jobId);
        DayRoster roster = DayRoster.of(s);
        return new Day(roster, DayTimes.of(roster), Mend.of(s, elsewhere(jobId)));
    }

    @Transactional(readOnly = true)
    public DayRoster roster(String jobId) {
        return DayRoster.of(judgement.situation(jobId));
    }

    /**
     * Makes the change that mends a finding, as it was shown.
     *
     * @throws RefusedInput where another change, or none, mends it now
     */
    public void mend(String jobId, String findingKey, String change) {
        Mend mend = Mend.of(judgement.situation(jobId), elsewhere(jobId)).stream()
                .filter(m -> m.findings().contains(findingKey)
                        && m.change().toString().equals(change))
                .findFirst()
                .orElseThrow(() -> new RefusedInput("CHANGED", "finding", Message.of(Answer.MENDED_OTHERWISE)));
        mend.brings().ifPresent(p -> jobs.put(jobId, p.id(), Part.CREW));
        crews.replan(jobId, mend.steps());
    }

    @Transactional(readOnly = true)
    public Optional<DayTimes.Shorter> shorter(String jobId, int lists) {
        return DayTimes.shorter(judgement.situation(jobId), lists);
    }

    /**
     * Takes the shorter day over.
     *
     * @param endMin when it was said to end
     * @throws RefusedInput where it is another one now
     */
    public void take(String jobId, int lists, int endMin) {
        DayTimes.Shorter day = shorter(jobId, lists)
                .filter(d -> d.endMin() == endMin)
                .orElseThrow(() -> new RefusedInput("CHANGED", "endMin", Message.of(Answer.MENDED_OTHERWISE)));
        crews.replan(jobId, day.steps());
    }

    private List<Person> elsewhere(String jobId) {
        Set<String> here = crews.people(jobId).stream().map(Person::id).collect(Collectors.toSet());
        return people.workers().stream().filter(p -> !here.contains(p.id())).toList();
    }
}
