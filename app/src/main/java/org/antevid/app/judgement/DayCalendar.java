package org.antevid.app.judgement;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Date;
import java.util.stream.Collectors;
import org.antevid.app.crew.Crews;
import org.antevid.app.job.Jobs;
import org.antevid.app.place.Surroundings;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.Phrase;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.words.Answer;
import org.antevid.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The steps ahead as a calendar file (iCalendar), on the day of the visit, in the reader's words. */
@Service
@Transactional(readOnly = true)
public class DayCalendar {
    private final Jobs jobs;
    private final Crews crews;
    private final Surroundings surroundings;

    DayCalendar(Jobs jobs, Crews crews, Surroundings surroundings) {
        this.jobs = jobs;
        this.crews = crews;
        this.surroundings = surroundings;
    }

    /** @throws RefusedInput while nobody said when work starts */
    public String of(String jobId, Words words) {
        int startsMin = surroundings
                .day(jobId)
                .hours()
                .startsMin()
                .orElseThrow(() -> new RefusedInput("MISSING", "startsMin", Message.of(Answer.SAY_WHEN_WORK_STARTS)));
        Jobs.Job job = jobs.job(jobId);
        LocalDateTime start = job.visitOn().atStartOfDay().plusMinutes(startsMin);
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Antevid//" + job.name() + "//EN");
        calendar.setName(job.name());
        var names = crews.people(jobId).stream().collect(Collectors.toMap(Person::id, Person::name));
        crews.steps(jobId).stream().filter(s -> !s.done()).forEach(s -> {
            VEvent e = new VEvent();
            e.setUid(s.id() + "@antevid");
            e.setSummary(s.turn() + " " + words.say(Phrase.step(s.kind(), s.stem(), s.work())) + ", " + job.name());
            e.setLocation(job.place());
            e.setDateStart(at(start, s.startMin()));
            e.setDateEnd(at(start, s.endMin()));
            e.setDescription(s.posts().stream()
                    .map((Step.Post p) -> names.getOrDefault(p.personId(), "?") + ", " + words.term(p.role()))
                    .collect(Collectors.joining("\n")));
            calendar.addEvent(e);
        });
        return Biweekly.write(calendar).go();
    }

    private static Date at(LocalDateTime start, int min) {
        return Date.from(start.plusMinutes(min).atZone(ZoneId.systemDefault()).toInstant());
    }
}
