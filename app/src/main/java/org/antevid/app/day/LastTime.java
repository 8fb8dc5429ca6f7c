package org.antevid.app.day;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.antevid.app.crew.Crews;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.app.job.Part;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Places;
import org.antevid.app.place.Surroundings;
import org.antevid.app.problem.NotThere;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.run.LogWords;
import org.antevid.core.site.Access;
import org.antevid.core.site.EmergencyCard;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * As last time: people with their roles, wind limit and machines of the leader's last job; at the same address also
 * permits, emergency card, way in, ground and what stands there. What this job has already stays as it is. Nothing is
 * confirmed by being taken over: what is protected is asked again, and the leader looks it over.
 */
@Service
@Transactional
public class LastTime {
    private final Jobs jobs;
    private final Crews crews;
    private final Places places;
    private final Surroundings surroundings;
    private final JobLog log;
    private final ApplicationEventPublisher events;

    LastTime(
            Jobs jobs,
            Crews crews,
            Places places,
            Surroundings surroundings,
            JobLog log,
            ApplicationEventPublisher events) {
        this.jobs = jobs;
        this.crews = crews;
        this.places = places;
        this.surroundings = surroundings;
        this.log = log;
        this.events = events;
    }

    /**
     * What there is to be taken over.
     *
     * @param sameAddress else only what belongs to the crew is taken
     * @param roles what each person did last, by their id
     */
    public record Before(
            Jobs.Job job,
            boolean sameAddress,
            List<Jobs.Member> crew,
            Map<String, Role> roles,
            Surroundings.State place,
            List<Surroundings.KnownMachine> machines,
            List<Places.PlacedFeature> features) {}

    /**
     * @return the leader's last job before this one, at the same address where there was one; of several on one day the
     *     one in which most of the day is written down
     */
    @Transactional(readOnly = true)
    public Optional<Before> before(String jobId, SignedIn who) {
        Jobs.Job now = jobs.job(jobId);
        List<Jobs.Job> earlier = jobs.seenBy(who).stream()
                .filter(j -> !j.id().equals(jobId)
                        && !j.visitOn().isAfter(now.visitOn())
                        && jobs.part(j.id(), who).filter(p -> p == Part.LEADER).isPresent())
                .toList();
        return latest(earlier, j -> address(j).equals(address(now)))
                .or(() -> latest(earlier, j -> true))
                .map(j -> of(j, address(j).equals(address(now))));
    }

    private Optional<Jobs.Job> latest(List<Jobs.Job> all, Predicate<Jobs.Job> which) {
        return all.stream()
                .filter(which)
                .max(Comparator.comparing(Jobs.Job::visitOn).thenComparingInt(this::writtenDown));
    }

    private int writtenDown(Jobs.Job j) {
        Surroundings.State place = surroundings.state(j.id());
        return jobs.members(j.id()).size()
                + place.permits().size()
                + (place.card().equals(EmergencyCard.EMPTY) ? 0 : EmergencyCard.Entry.values().length);
    }

    private static String address(Jobs.Job j) {
        return j.place().strip().toLowerCase(Locale.ROOT);
    }

    private Before of(Jobs.Job j, boolean sameAddress) {
        return new Before(
                j,
                sameAddress,
                jobs.members(j.id()).stream().filter(m -> m.part() == Part.CREW).toList(),
                roles(j.id()),
                surroundings.state(j.id()),
                surroundings.machines(j.id()),
                sameAddress ? places.features(j.id()) : List.of());
    }

    /** @return what each person did in the latest step they had a part in, by their id */
    public Map<String, Role> roles(String jobId) {
        Map<String, Role> roles = new HashMap<>();
        crews.steps(jobId).stream().sorted(Comparator.comparingInt(Step::turn)).forEach(s -> s.posts()
                .forEach(p -> roles.put(p.personId(), p.role())));
        return roles;
    }

    /** @throws NotThere where there was no last time */
    public void take(String jobId, SignedIn who) {
        Before b = before(jobId, who).orElseThrow(NotThere::new);
        Jobs.Job now = jobs.job(jobId);
        Set<String> here =
                jobs.members(jobId).stream().map(m -> m.person().id()).collect(Collectors.toSet());
        b.crew.stream()
                .map(m -> m.person().id())
                .filter(p -> !here.contains(p))
                .forEach(p -> jobs.put(jobId, p, Part.CREW));
        boolean ground = b.sameAddress && now.meetingPoint().isEmpty();
        jobs.change(
                jobId,
                new Jobs.Conditions(
                        Math.min(now.windLimitMs(), b.job.windLimitMs()),
                        ground ? b.job.ground() : now.ground(),
                        ground ? b.job.meetingPoint() : now.meetingPoint()),
                now.version());
        Set<String> machines = surroundings.machines(jobId).stream()
                .map(m -> m.machine().name())
                .collect(Collectors.toSet());
        b.machines.stream()
                .filter(m -> !machines.contains(m.machine().name()))
                .forEach(m -> surroundings.addMachine(jobId, m.machine()));
        if (b.sameAddress) {
            takePlace(jobId, b);
        }
        events.publishEvent(new DayTaken(jobId, b.roles));
        log.write(jobId, who.name(), Message.of(LogWords.AS_LAST_TIME).with("job", Arg.name(b.job.name())));
    }

    private void takePlace(String jobId, Before b) {
        Surroundings.State now = surroundings.state(jobId);
        if (now.permits().isEmpty()) {
            surroundings.permits(jobId, b.place.permits());
        }
        if (now.card().equals(EmergencyCard.EMPTY)) {
            surroundings.card(jobId, b.place.card(), now.versions().card());
        }
        if (now.access().equals(Access.NOT_KNOWN)) {
            surroundings.access(jobId, b.place.access(), now.versions().access());
        }
        if (now.anchor().isEmpty()) {
            b.place
                    .anchor()
                    .ifPresent(a -> surroundings.anchor(jobId, a, now.versions().anchor()));
        }
        if (places.features(jobId).isEmpty()) {
            places.addAll(
                    jobId,
                    b.features.stream().map(f -> f.entry().notProtectedYet()).toList());
        }
    }
}
