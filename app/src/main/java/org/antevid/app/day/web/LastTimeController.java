package org.antevid.app.day.web;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.antevid.app.day.LastTime;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.site.EmergencyCard;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What the leader's last job leaves for this one. */
@RestController
@RequestMapping("/api/jobs/{job}/last-time")
public class LastTimeController {
    /** @param role what the person did last; empty for nothing */
    record LastPerson(String id, String name, Optional<String> role) {}

    /**
     * What there is to be taken over.
     *
     * @param sameAddress else only people, wind limit and machines are taken
     * @param permits how many questions were answered
     * @param features how many things of the place stand on the plan
     */
    record LastTimeView(
            String jobId,
            String name,
            LocalDate visitOn,
            boolean sameAddress,
            List<LastPerson> people,
            String windLimit,
            String meetingPoint,
            EmergencyCard card,
            int permits,
            List<String> machines,
            int features) {
        private static LastTimeView of(LastTime.Before b) {
            return new LastTimeView(
                    b.job().id(),
                    b.job().name(),
                    b.job().visitOn(),
                    b.sameAddress(),
                    b.crew().stream()
                            .map(m -> new LastPerson(
                                    m.person().id(),
                                    m.person().name(),
                                    Optional.ofNullable(b.roles().get(m.person().id()))
                                            .map(Speech.words()::term)))
                            .toList(),
                    Speech.words().show(Arg.down(Dimension.SPEED, b.job().windLimitMs())),
                    b.sameAddress() ? b.job().meetingPoint() : "",
                    b.sameAddress() ? b.place().card() : EmergencyCard.EMPTY,
                    b.sameAddress() ? b.place().permits().size() : 0,
                    b.machines().stream().map(m -> m.machine().name()).toList(),
                    b.features().size());
        }
    }

    /** @param before empty where this leader has no earlier job */
    record LastTimeAnswer(Optional<LastTimeView> before) {}

    private final LastTime last;

    LastTimeController(LastTime last) {
        this.last = last;
    }

    /** What would be taken over as last time; nothing is stored. */
    @GetMapping
    @Needs(Needs.Right.LEAD)
    LastTimeAnswer lastTime(@PathVariable String job, @AuthenticationPrincipal SignedIn who) {
        return new LastTimeAnswer(last.before(job, who).map(LastTimeView::of));
    }

    /** Takes it over; what this job has already stays as it is. */
    @PostMapping
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeLastTime(@PathVariable String job, @AuthenticationPrincipal SignedIn who) {
        last.take(job, who);
    }
}
