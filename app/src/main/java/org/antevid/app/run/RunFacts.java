package org.antevid.app.run;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.app.briefing.Briefings;
import org.antevid.app.place.Places;
import org.antevid.app.trace.StoredJson;
import org.antevid.core.brief.WatchedStep;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Step;
import org.antevid.core.cutting.CutStep;
import org.antevid.core.message.Message;
import org.antevid.core.run.Against;
import org.antevid.core.run.Course;
import org.antevid.core.run.Happening;
import org.antevid.core.run.LogWords;

/**
 * What the run of a job is at one version, the same for everybody: put together once, however many ask.
 *
 * @param against what stands against a go of the step, but for how old the wind's reading is
 * @param cautions of the step that nobody has acknowledged: they are read before a go, and end none
 * @param ticked steps round it that need no go: whoever does one ticks it off
 * @param asked the places that must be looked at before each go
 * @param cuts the steps of the cut as they were briefed
 * @param times when each happening was stored, and by whom
 * @param asksWhatItDid the step's stem hangs or lies: what it did is told when it is done
 * @param lookedAt when the step's stem was last looked at, of one that hangs or lies
 * @param weighedSince what readings since the briefing say of the piece on the hook; none where nothing hangs on one
 * @param watch the instruments in use, and what they read at the moment it was asked
 */
public record RunFacts(
        Course course,
        Optional<Step> step,
        List<Step> ticked,
        int stepsInAll,
        Optional<Briefings.Issue> briefing,
        boolean planChanged,
        List<Against> against,
        List<Against> cautions,
        List<Places.PlacedFeature> protections,
        Set<String> asked,
        List<CutStep> cuts,
        List<Person> people,
        Map<Long, Line> times,
        double gustLimitMs,
        String leaderId,
        Optional<Double> ringM,
        String waitAt,
        boolean asksWhatItDid,
        Optional<Instant> lookedAt,
        List<Message> weighedSince,
        Watch watch) {
    /**
     * What instruments watch.
     *
     * @param step limits and closed ground as they were briefed; empty before that
     * @param now what they read; asked each time, never kept
     */
    public record Watch(List<Instruments.InUse> inUse, Optional<WatchedStep> step, List<Instruments.Now> now) {}

    /** @return the same with what only the moment brings: what stands against a go now, what instruments read */
    RunFacts at(List<Against> late, List<Instruments.Now> now) {
        return new RunFacts(
                course,
                step,
                ticked,
                stepsInAll,
                briefing,
                planChanged,
                Stream.concat(late.stream(), against.stream()).toList(),
                cautions,
                protections,
                asked,
                cuts,
                people,
                times,
                gustLimitMs,
                leaderId,
                ringM,
                waitAt,
                asksWhatItDid,
                lookedAt,
                weighedSince,
                new Watch(watch.inUse, watch.step, now));
    }

    /** Who wrote a happening, and when. */
    public record Line(String who, Instant at, String reason) {}

    public Set<String> posted() {
        return step.map(s ->
                        Set.copyOf(s.posts().stream().map(Step.Post::personId).toList()))
                .orElse(Set.of());
    }

    /** @return steps round this one that protect a thing of the place */
    public Stream<Step> protecting(String featureId) {
        return ticked.stream()
                .filter(s -> s.work().filter(w -> w.protects(featureId)).isPresent());
    }

    /** @return steps that need no go, but for those that are told with the place they protect */
    public Stream<Step> tickedAlone() {
        return ticked.stream().filter(s -> protections.stream()
                .noneMatch(f -> s.work().filter(w -> w.protects(f.id())).isPresent()));
    }

    /** @return what has to be cleared or read before a go is given; while one goes, what ends it alone */
    public List<Against> beforeGo() {
        return going().isPresent()
                ? against
                : Stream.concat(against.stream(), cautions.stream()).toList();
    }

    /** @return the go that goes, derived from all it rests on */
    public Optional<Happening> going() {
        return against.isEmpty() ? step.flatMap(s -> course.going(s.id(), posted(), asked)) : Optional.empty();
    }

    /**
     * @return what ended the last go of the step whose turn it is, when that is no hold and nobody has given another
     */
    public Optional<Message> ended() {
        if (step.flatMap(s -> course.lastGo(s.id())).isEmpty() || going().isPresent()) {
            return Optional.empty();
        }
        if (course.openGo().isPresent()) {
            return Optional.of(against.stream()
                    .findFirst()
                    .map(Against::message)
                    .orElseGet(() -> Message.of(LogWords.NOT_READY_ANY_MORE)));
        }
        return course.lastHalt()
                .filter(h -> h.kind() == Happening.Kind.ENDED)
                .map(h -> StoredJson.message(line(h).reason()));
    }

    public Line line(Happening h) {
        return times.getOrDefault(h.seq(), new Line("", Instant.EPOCH, ""));
    }
}
