package org.antevid.app.review;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.antevid.app.briefing.Briefings;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.app.job.OwnId;
import org.antevid.app.job.Part;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotAllowed;
import org.antevid.app.problem.SentOtherwise;
import org.antevid.app.review.store.OutcomeEntity;
import org.antevid.app.review.store.OutcomeRepository;
import org.antevid.app.review.store.StumpColumns;
import org.antevid.app.run.AtGo;
import org.antevid.app.run.FallOf;
import org.antevid.app.run.Runs;
import org.antevid.app.stem.Stems;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.learn.Matches;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.Deviation;
import org.antevid.core.outcome.Explanation;
import org.antevid.core.outcome.Fall;
import org.antevid.core.outcome.Foreseen;
import org.antevid.core.outcome.GustAtFall;
import org.antevid.core.outcome.Landing;
import org.antevid.core.outcome.MeasuredBy;
import org.antevid.core.outcome.StumpCompared;
import org.antevid.core.outcome.StumpReading;
import org.antevid.core.outcome.TappedTip;
import org.antevid.core.outcome.WindFrom;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.run.LogWords;
import org.antevid.core.run.watch.LineLimits;
import org.antevid.core.site.Spot;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What really happened, against what was foreseen. */
@Service
@Transactional
public class Reviews {
    /** A stem may slide down its slope that far; beyond it the measure is asked back (judgement). */
    private static final double SLIDES_M = 5;

    private static final double ODD_DEG = 90;
    private final OutcomeRepository outcomes;
    private final Briefings briefings;
    private final Runs runs;
    private final Stems stems;
    private final Jobs jobs;
    private final JobLog log;
    private final Clock clock;

    Reviews(
            OutcomeRepository outcomes,
            Briefings briefings,
            Runs runs,
            Stems stems,
            Jobs jobs,
            JobLog log,
            Clock clock) {
        this.clock = clock;
        this.outcomes = outcomes;
        this.briefings = briefings;
        this.runs = runs;
        this.stems = stems;
        this.jobs = jobs;
        this.log = log;
    }

    /**
     * What was measured after the fall: tip by bearing and distance from the stump, what the stump shows.
     *
     * @param by how the tip was measured; empty of entries that never said it
     * @param control what became of it; empty of entries that never said it
     * @param peakPullN the most its line read while it was felled, 0..500000
     * @param windFrom where the gust came from
     * @param photoId of the stump
     */
    public record FallMeasures(
            double bearingDeg,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double distanceM,
            Optional<MeasuredBy> by,
            Optional<Control> control,
            StumpReading stump,
            Landing landing,
            @Shown(in = Dimension.PULL, to = Side.NEAREST) Optional<Double> peakPullN,
            Optional<WindFrom> windFrom,
            Optional<String> photoId,
            String surprise) {}

    /** What was briefed of the ground, as it was frozen: nothing is computed anew from a stem that no longer stands. */
    public record PlannedFall(
            Spot stump,
            List<Spot> fan,
            boolean wholeCircle,
            List<Spot> dropZone,
            Spot tip,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) double ringM) {}

    /**
     * An outcome against the plan.
     *
     * @param explained what may explain that it fell beside the predicted direction
     * @param stump as it was found beside the one that was briefed
     * @param planned the ground that was briefed
     * @param firstTouch where it touched first, if somebody saw it
     * @param rest where the tip lay after it rolled, if it did
     * @param mostPullN what its line was to pull at most, in the wind it was briefed for
     * @param gustMs the gust at its go
     * @param goAt of its go
     * @param there who was where at its go
     * @param briefing the one under which the go was given
     * @param reason why it corrects the one before it, empty for the first
     */
    public record Outcome(
            String stem,
            String stemId,
            FallMeasures measured,
            Spot tip,
            int briefing,

            @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST)
            double plannedLayDeg,

            Deviation deviation,
            Explanation explained,
            StumpCompared stump,
            PlannedFall planned,
            Optional<Spot> firstTouch,
            Optional<Spot> rest,
            @Shown(in = Dimension.PULL, to = Side.UP) Optional<Double> mostPullN,
            @Shown(in = Dimension.SPEED, to = Side.UP) Optional<Double> gustMs,
            Optional<Instant> goAt,
            List<AtGo> there,
            @Shown(in = Dimension.SAWN, to = Side.NEAREST) double plannedHingeM,
            @Shown(in = Dimension.SAWN, to = Side.NEAREST) double plannedHingeLengthM,
            String who,
            Instant at,
            String reason) {}

    /** What stands, and what was entered before it: nothing is overwritten. */
    public record OutcomeHistory(Outcome outcome, List<Outcome> before) {}

    /**
     * @param sure that a measure is right which cannot be at first sight
     * @param reason why an earlier entry is corrected
     */
    public record Entry(FallMeasures measured, boolean sure, String reason, String id) {}

    public List<OutcomeHistory> outcomes(String jobId) {
        Map<String, List<OutcomeEntity>> byStem = outcomes.findByJobIdOrderByAt(jobId).stream()
                .collect(Collectors.groupingBy(r -> r.stem, LinkedHashMap::new, Collectors.toList()));
        return byStem.values().stream()
                .map(all -> all.stream().map(r -> outcome(jobId, r)).toList())
                .map(all -> new OutcomeHistory(all.get(all.size() - 1), all.subList(0, all.size() - 1)))
                .toList();
    }

    /**
     * Adds what was measured; one that is there already is corrected by a new entry with its reason, and keeps what was
     * told before of the stump and the ground where nothing is told anew.
     */
    public void record(String jobId, String label, Entry e, SignedIn who) {
        String id = OwnId.of(
                jobId,
                e.id == null || e.id.isBlank() ? UUID.randomUUID().toString() : e.id,
                i -> outcomes.findById(i).map(o -> o.jobId).orElse(""));
        Stems.ChosenReading stem = stems.labelled(jobId, label)
                .orElseThrow(() -> new RefusedInput("UNKNOWN_STEM", "stem", Message.of(Answer.NOT_OF_JOB)));
        if (!stem.reading().state().gone()) {
            throw new RefusedInput(
                    "NOT_FELLED", "stem", Message.of(Answer.NOT_FELLED).with("stem", Arg.name(label)));
        }
        Briefings.Issue issue = underWhich(jobId, label);
        if (!maySay(jobId, issue, label, who)) {
            throw new NotAllowed(Message.of(Answer.WHO_SAYS_OUTCOME).with("stem", Arg.name(label)));
        }
        FallMeasures m = e.measured;
        OutcomeEntity r = new OutcomeEntity();
        r.id = id;
        r.jobId = jobId;
        r.stem = label;
        r.briefingNumber = issue.number();
        r.bearingDeg = Require.within(m.bearingDeg, 0, 360, "bearingDeg");
        r.distanceM = Require.within(m.distanceM, 0.6, 120, "distanceM");
        r.measuredBy = m.by.orElse(null);
        r.control = m.control.orElse(null);
        r.stump = StumpColumns.of(m.stump);
        r.photoId = m.photoId.orElse(null);
        r.firstTouchM = m.landing.firstTouchM().orElse(null);
        r.bounceM = m.landing.bounceM().orElse(null);
        r.rolledM = m.landing.rolledM().orElse(null);
        r.peakPullN =
                m.peakPullN.map(n -> Require.within(n, 0, 500_000, "peakPullN")).orElse(null);
        r.windFrom = m.windFrom.orElse(null);
        r.surprise = m.surprise == null ? "" : m.surprise.strip();
        r.reason = e.reason == null ? "" : e.reason.strip();
        if (!r.reason.isEmpty()) {
            outcomes.findByJobIdAndStem(jobId, label).stream()
                    .filter(o -> !o.id.equals(id))
                    .max(Comparator.comparing(o -> o.at))
                    .ifPresent(r::keepOf);
        }
        Optional<OutcomeEntity> known = outcomes.findById(id);
        if (known.isPresent()) {
            if (!known.get().same(r)) {
                throw new SentOtherwise();
            }
            return;
        }
        if (!e.sure) {
            askBack(stem, r, planned(jobId, r));
        }
        if (r.reason.isEmpty() && !outcomes.findByJobIdAndStem(jobId, label).isEmpty()) {
            throw new RefusedInput("MISSING", "reason", Message.of(Answer.WHY_CORRECTED));
        }
        r.who = who.name();
        r.at = clock.instant();
        outcomes.saveAndFlush(r);
        log.write(
                jobId,
                who.name(),
                Message.of(r.reason.isEmpty() ? LogWords.OUTCOME_MEASURED : LogWords.OUTCOME_CORRECTED)
                        .with("stem", Arg.name(label))
                        .with("reason", Arg.name(r.reason)));
        jobs.touched(jobId, Change.REVIEW);
    }

    /**
     * A tip farther out than the tree is long, or a fall away from the lay, is more often a slip of the finger than
     * true.
     */
    private static void askBack(Stems.ChosenReading stem, OutcomeEntity r, PlanDocument.LayPart lay) {
        List<Fault> odd = new ArrayList<>();
        stem.reading()
                .height()
                .filter(h -> r.distanceM > h.high() + SLIDES_M)
                .ifPresent(h -> odd.add(new Fault(
                        "ASKED_BACK",
                        "distanceM",
                        Message.of(Answer.TIP_FAR)
                                .with("distance", Arg.of(Dimension.LENGTH, r.distanceM))
                                .with("most", Arg.up(Dimension.LENGTH, h.high())))));
        double off = Math.abs(Azimuth.turn(lay.layDeg(), r.bearingDeg));
        if (off > ODD_DEG) {
            odd.add(new Fault(
                    "ASKED_BACK", "bearingDeg", Message.of(Answer.OFF_LAY).with("off", Arg.of(Dimension.ANGLE, off))));
        }
        if (!odd.isEmpty()) {
            throw new RefusedInput(odd);
        }
    }

    private Optional<Briefings.Issue> briefed(String jobId, String label) {
        return runs.fallOf(jobId, label)
                .flatMap(f -> briefings.number(jobId, f.briefing()))
                .or(() -> briefings.latest(jobId))
                .filter(b -> lay(b, label).isPresent());
    }

    private Briefings.Issue underWhich(String jobId, String label) {
        return briefed(jobId, label)
                .orElseThrow(() -> new RefusedInput(
                        "NOT_PLANNED", "stem", Message.of(Answer.NO_LAY_BRIEFED).with("stem", Arg.name(label))));
    }

    /** @return the stems that were felled as briefed */
    @Transactional(readOnly = true)
    public List<String> felled(String jobId) {
        return stems.known(jobId).stream()
                .filter(s -> s.reading().state().gone())
                .map(s -> s.reading().label())
                .filter(label -> briefed(jobId, label).isPresent())
                .toList();
    }

    /** @return the felled stems whose fall this person may tell, of those that were briefed with a lay */
    @Transactional(readOnly = true)
    public List<String> told(String jobId, SignedIn who) {
        return felled(jobId).stream()
                .filter(label -> briefed(jobId, label)
                        .filter(b -> maySay(jobId, b, label, who))
                        .isPresent())
                .toList();
    }

    @Transactional(readOnly = true)
    public TappedTip tapped(String jobId, String label, Spot tip) {
        Spot stump = stems.labelled(jobId, label)
                .orElseThrow(() -> new RefusedInput("UNKNOWN_STEM", "stem", Message.of(Answer.NOT_OF_JOB)))
                .reading()
                .at();
        return TappedTip.of(stump, tip);
    }

    /** A stump before anybody looked at it. */
    public record StumpToRead(String stem, String stemId, Optional<StumpCompared.StumpDrawn> drawn) {}

    /** @return the stumps of the stems whose fall this person may tell, as they were briefed */
    @Transactional(readOnly = true)
    public List<StumpToRead> stumps(String jobId, SignedIn who) {
        return told(jobId, who).stream()
                .map(label -> new StumpToRead(
                        label,
                        stems.labelled(jobId, label).orElseThrow().id(),
                        briefed(jobId, label).flatMap(b -> lay(b, label)).flatMap(l -> StumpCompared.of(
                                        l.stump(), StumpReading.NONE, 0)
                                .drawn())))
                .toList();
    }

    /** Leader and reviewers, and who had the saw. */
    private boolean maySay(String jobId, Briefings.Issue issue, String label, SignedIn who) {
        return jobs.part(jobId, who).filter(p -> p != Part.CREW).isPresent()
                || issue.plan()
                        .cutter(label)
                        .filter(p -> p.personId().equals(who.personId()))
                        .isPresent();
    }

    /** @return the cutting of this stem as it was briefed for its go */
    @Transactional(readOnly = true)
    public Optional<Matches.Work> workOf(String jobId, String label) {
        return briefed(jobId, label).flatMap(b -> b.plan().stem(label)).flatMap(part -> part.lay()
                .map(lay -> new Matches.Work(
                        part.species(),
                        lay.spread().map(PlanDocument.SpreadPart::wood),
                        Optional.of(lay.means()),
                        Optional.of(lay.school()),
                        stems.labelled(jobId, label)
                                .map(s -> Matches.defects(s.reading()))
                                .orElse(Set.of()))));
    }

    /** @return whether this person led the job or had a saw in it, as it was briefed */
    @Transactional(readOnly = true)
    public boolean ledOrCut(String jobId, SignedIn who) {
        return jobs.leaderOf(jobId).equals(who.personId())
                || felled(jobId).stream()
                        .flatMap(label -> briefed(jobId, label).stream().flatMap(b -> b.plan().cutter(label).stream()))
                        .anyMatch(p -> p.personId().equals(who.personId()));
    }

    private static Optional<PlanDocument.LayPart> lay(Briefings.Issue briefing, String label) {
        return briefing.plan().stem(label).flatMap(PlanDocument.StemPart::lay);
    }

    private PlanDocument.LayPart planned(String jobId, OutcomeEntity r) {
        return briefings
                .number(jobId, r.briefingNumber)
                .flatMap(b -> lay(b, r.stem))
                .orElseGet(() -> lay(underWhich(jobId, r.stem), r.stem).orElseThrow());
    }

    /** Who saw it fall knows better than an instrument that was read at the go. */
    private static Optional<GustAtFall.Across> across(
            OutcomeEntity r, Optional<FallOf> fall, PlanDocument.LayPart lay) {
        return Optional.ofNullable(r.windFrom).map(GustAtFall.Across::of).or(() -> fall.flatMap(FallOf::gustFromDeg)
                .map(from -> GustAtFall.Across.of(from, lay.layDeg())));
    }

    private Outcome outcome(String jobId, OutcomeEntity r) {
        PlanDocument.LayPart lay = planned(jobId, r);
        Stems.ChosenReading stem = stems.labelled(jobId, r.stem).orElseThrow();
        Spot stump = stem.reading().at();
        Foreseen foreseen = lay.foreseen();
        Deviation d = Deviation.of(foreseen, new Fall(r.bearingDeg, r.distanceM, Optional.ofNullable(r.measuredBy)));
        Optional<FallOf> fall = runs.fallOf(jobId, r.stem);
        Landing landing = r.landing();
        Spot tip = stump.at(r.bearingDeg, r.distanceM);
        return new Outcome(
                r.stem,
                stem.id(),
                new FallMeasures(
                        r.bearingDeg,
                        r.distanceM,
                        Optional.ofNullable(r.measuredBy),
                        Optional.ofNullable(r.control),
                        r.reading(),
                        landing,
                        Optional.ofNullable(r.peakPullN),
                        Optional.ofNullable(r.windFrom),
                        Optional.ofNullable(r.photoId),
                        r.surprise),
                tip,
                r.briefingNumber,
                lay.layDeg(),
                d,
                Explanation.of(
                        foreseen,
                        d,
                        r.reading(),
                        fall.flatMap(FallOf::gustMs).map(ms -> new GustAtFall(ms, across(r, fall, lay)))),
                StumpCompared.of(lay.stump(), r.reading(), Azimuth.turn(lay.layDeg(), r.bearingDeg)),
                new PlannedFall(
                        stump,
                        lay.fan(),
                        lay.wholeCircle(),
                        lay.dropZone(),
                        stump.at(lay.layDeg(), lay.reachM()),
                        lay.exclusionM()),
                landing.firstTouchM().map(m -> stump.at(r.bearingDeg, m)),
                landing.rolledM().map(m -> tip.at(r.bearingDeg + 90, m)),
                lay.line().map(LineLimits::mostN),
                fall.flatMap(FallOf::gustMs),
                fall.map(FallOf::at),
                fall.map(f -> runs.there(jobId, f)).orElse(List.of()),
                lay.hingeThickM(),
                lay.hingeLengthM(),
                r.who,
                r.at,
                r.reason);
    }
}
