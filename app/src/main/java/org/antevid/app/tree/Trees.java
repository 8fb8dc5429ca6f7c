package org.antevid.app.tree;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.app.crew.Crews;
import org.antevid.app.day.DayTaken;
import org.antevid.app.day.LastTime;
import org.antevid.app.house.House;
import org.antevid.app.job.JobLog;
import org.antevid.app.judgement.Documents;
import org.antevid.app.judgement.Judgement;
import org.antevid.app.judgement.StemJudgement;
import org.antevid.app.lay.ChoiceRequest;
import org.antevid.app.lay.Lays;
import org.antevid.app.people.SignedIn;
import org.antevid.app.stem.TreeSights;
import org.antevid.core.brief.CutPart;
import org.antevid.core.brief.FirstLook;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.Stage;
import org.antevid.core.judge.all.Findings;
import org.antevid.core.judge.crew.ProposedPosts;
import org.antevid.core.lay.DropZone;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.run.LogWords;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.TreeSight;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * One tree in one go: what was tapped is judged as if it were written down, without writing it; using it writes down
 * stem, sightings, faults, lay, drop zone and the step to fell it.
 */
@Service
@Transactional
public class Trees {
    private static final double CUT_M = 0.3;
    private static final double BAR_M = 0.45;
    /** Minutes a step is given until somebody says otherwise. */
    private static final int STEP_MIN = 30;

    /** What of the findings belongs to the tree itself and is cleared before anybody is posted. */
    private static final Set<Stage> OF_THE_TREE =
            EnumSet.of(Stage.PLACE, Stage.STEMS, Stage.LAY, Stage.CUTS, Stage.TANGLE);

    private final TreeSights sights;
    private final Judgement judgement;
    private final StemJudgement stemJudgement;
    private final Lays lays;
    private final Crews crews;
    private final House house;
    private final LastTime last;
    private final JobLog log;

    Trees(
            TreeSights sights,
            Judgement judgement,
            StemJudgement stemJudgement,
            Lays lays,
            Crews crews,
            House house,
            LastTime last,
            JobLog log) {
        this.sights = sights;
        this.judgement = judgement;
        this.stemJudgement = stemJudgement;
        this.lays = lays;
        this.crews = crews;
        this.house = house;
        this.last = last;
        this.log = log;
    }

    /**
     * A tree as it was tapped.
     *
     * @param stem id of a stem that is written down already
     * @param at where it stands, for one that is not
     * @param means what can bring it over; empty while nobody has said: what its planned lay counts on, where it has
     *     one
     */
    public record Entry(Optional<String> stem, Optional<Spot> at, TreeSight sight, Optional<Means.Kind> means) {}

    /**
     * What follows from it.
     *
     * @param open what is still to be tapped; nothing is judged before
     * @param means what it is brought over by, as tapped or as its lay was planned; empty where that is still to be
     *     said
     */
    public record Answer(
            TreeSights.Sketch sketch,
            List<TreeSight.Question> open,
            Optional<Means.Kind> means,
            boolean placeOpen,
            Optional<Judged> judged) {}

    /**
     * @param lay what it is felled by; empty where it is not felled by hand
     * @param against of the tree itself, worst first; what the leader has cleared of it is left out
     */
    public record Judged(
            StemJudgement.LookAnswer look,
            Site site,
            Optional<LayPlan> lay,
            Optional<CutPart> cut,
            List<Finding> against) {}

    /** What was written down. */
    public record Used(String stemId, String label, boolean laid, Optional<String> stepId) {}

    /** Judged as if it were written down; nothing is stored. */
    @Transactional(readOnly = true)
    public Answer look(String jobId, Entry e) {
        TreeSights.Sketch sketch = e.stem.map(id -> sights.known(jobId, id, e.sight))
                .orElseGet(() -> sights.fresh(jobId, e.at.orElse(new Spot(0, 0)), e.sight));
        List<TreeSight.Question> open = sketch.open();
        boolean placeOpen = e.stem.isEmpty() && e.at.isEmpty();
        Optional<Means.Kind> means = e.means.or(() ->
                e.stem.flatMap(lays::chosenFor).map(lay -> lay.choice().means().kind()));
        return new Answer(
                sketch,
                open,
                means,
                placeOpen,
                open.isEmpty() && !placeOpen ? means.map(m -> judged(jobId, sketch.reading(), m)) : Optional.empty());
    }

    private Judged judged(String jobId, StemReading stem, Means.Kind means) {
        Situation job = judgement.situation(jobId);
        Situation bare = job.with(new Situation.StemFacts(stem, Optional.empty(), false, Optional.empty()));
        LayChoice asked = new LayChoice(0, CUT_M, house.rules().usualSchool(), BAR_M, Means.of(means));
        StemJudgement.LookAnswer look = stemJudgement.firstLook(jobId, stem, asked, bare);
        Optional<LayPlan> plan = look.look()
                .layDeg()
                .filter(d -> look.look().headline() != FirstLook.Headline.NOT_BY_HAND)
                .map(d -> lays.plan(
                        stem, bare.site(), asked.onLay(d).by(look.line().orElse(asked.means()))));
        Situation planned = plan.map(p -> job.with(new Situation.StemFacts(
                        stem, Optional.of(p), true, Optional.of(Shape.polygon(DropZone.of(p))))))
                .orElse(bare);
        List<Step> steps = crews.steps(jobId);
        return new Judged(
                look,
                bare.site(),
                plan,
                plan.map(p -> CutPart.of(CutPlan.of(p, bare.site()), Documents.hands(steps, crews.people(jobId), p))),
                Findings.of(planned).stream()
                        .filter(f -> f.about(stem.label())
                                && OF_THE_TREE.contains(f.stage())
                                && f.severity() != Severity.NOTE)
                        .toList());
    }

    /**
     * Writes it all down: the stem with what was tapped, the lay with its drop zone, and the step to fell it where it
     * has none. A tree that is not felled by hand is written down without a lay.
     *
     * @throws RefusedInput while something is still to be tapped, naming it
     */
    public Used use(String jobId, Entry e, SignedIn who) {
        Answer answer = look(jobId, e);
        Judged judged = answer.judged.orElseThrow(() ->
                new RefusedInput(Message.of(Refusal.STILL_TO_TAP).with("asked", Arg.count(missing(answer))), "sight"));
        String id = sights.write(jobId, answer.sketch, who);
        String label = answer.sketch.label();
        judged.lay.ifPresent(p -> lays.choose(
                jobId,
                id,
                request(p, judged.look),
                true,
                DropZone.of(p),
                lays.chosenFor(id).map(Lays.StemChoice::version).orElse(null)));
        Optional<String> step = judged.lay.flatMap(p -> step(jobId, label, who));
        log.write(jobId, who.name(), Message.of(LogWords.TREE_USED).with("stem", Arg.name(label)));
        return new Used(id, label, judged.lay.isPresent(), step);
    }

    private static int missing(Answer a) {
        return a.open.size() + (a.means.isEmpty() ? 1 : 0) + (a.placeOpen ? 1 : 0);
    }

    private static ChoiceRequest request(LayPlan p, StemJudgement.LookAnswer look) {
        LayChoice c = p.choice();
        ChoiceRequest plain = ChoiceRequest.plain(
                c.layDeg(),
                c.cutHeightM(),
                c.school(),
                c.barM(),
                c.means().kind(),
                c.means().ropeHeightM(),
                c.means().anchorDistM(),
                c.means().pullN());
        return c.means().isLine() ? plain.onProposedRope(look.ropeId()) : plain;
    }

    private Optional<String> step(String jobId, String label, SignedIn who) {
        List<Step> steps = crews.steps(jobId);
        if (steps.stream()
                .anyMatch(s -> s.kind() == Step.Kind.FELL
                        && s.stem().filter(label::equals).isPresent())) {
            return Optional.empty();
        }
        Map<String, Role> before = steps.isEmpty()
                ? last.before(jobId, who).map(LastTime.Before::roles).orElse(Map.of())
                : last.roles(jobId);
        Situation s = judgement.situation(jobId);
        int start = steps.stream().mapToInt(Step::endMin).max().orElse(0);
        return Optional.of(crews.add(
                jobId,
                new Crews.Entry(
                        Step.Kind.FELL,
                        Optional.of(label),
                        start,
                        start + STEP_MIN,
                        ProposedPosts.of(s, label, before))));
    }

    /**
     * Trees that were tapped in before anybody was on the job get their crew: whoever is posted stays, what is empty is
     * filled with what the same people did last.
     */
    @EventListener
    void dayTaken(DayTaken day) {
        for (Crews.VersionedStep v : crews.views(day.jobId())) {
            Step step = v.step();
            if (!step.done() && step.kind() == Step.Kind.FELL && step.stem().isPresent()) {
                fill(day, step, v.version());
            }
        }
    }

    private void fill(DayTaken day, Step step, long version) {
        Set<Role> posted = step.posts().stream().map(Step.Post::role).collect(Collectors.toSet());
        Map<String, Role> before = new HashMap<>(day.roles());
        step.posts().forEach(p -> before.put(p.personId(), p.role()));
        List<Step.Post> more =
                ProposedPosts.of(judgement.situation(day.jobId()), step.stem().orElseThrow(), before).stream()
                        .filter(p -> !posted.contains(p.role())
                                && step.posts().stream()
                                        .noneMatch(x -> x.personId().equals(p.personId())))
                        .toList();
        if (!more.isEmpty()) {
            crews.change(
                    day.jobId(),
                    step.id(),
                    new Crews.Entry(
                            step.kind(),
                            step.stem(),
                            step.startMin(),
                            step.endMin(),
                            Stream.concat(step.posts().stream(), more.stream()).toList()),
                    version);
        }
    }
}
