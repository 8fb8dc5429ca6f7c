package org.antevid.app.crew;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.antevid.app.crew.store.PostPart;
import org.antevid.app.crew.store.StepEntity;
import org.antevid.app.crew.store.StepRepository;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.problem.NotThere;
import org.antevid.app.stem.Stems;
import org.antevid.app.trace.Trail;
import org.antevid.core.crew.CrewCheck;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.StepKit;
import org.antevid.core.crew.Work;
import org.antevid.core.judge.crew.Staffing;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Steps of the job and who does them. A person who cannot do a part, or is elsewhere then, is refused with the reason.
 */
@Service
@Transactional
public class Crews {
    private final StepRepository steps;
    private final Jobs jobs;
    private final Stems stems;
    private final Trail trail;

    Crews(StepRepository steps, Jobs jobs, Stems stems, Trail trail) {
        this.steps = steps;
        this.jobs = jobs;
        this.stems = stems;
        this.trail = trail;
    }

    /**
     * What the leader writes for a step; work and kit that are there stay while none is said and it is about the same.
     */
    public record Entry(
            Step.Kind kind,
            Optional<String> stem,
            int startMin,
            int endMin,
            List<Step.Post> posts,
            Optional<Work> work,
            List<StepKit> kit) {
        public Entry(Step.Kind kind, Optional<String> stem, int startMin, int endMin, List<Step.Post> posts) {
            this(kind, stem, startMin, endMin, posts, Optional.empty(), List.of());
        }
    }

    /** A step with its version. */
    public record VersionedStep(Step step, long version) {}

    public List<Step> steps(String jobId) {
        return steps.findByJobIdOrderByTurn(jobId).stream()
                .map(StepEntity::forCore)
                .toList();
    }

    public List<VersionedStep> views(String jobId) {
        return steps.findByJobIdOrderByTurn(jobId).stream()
                .map(r -> new VersionedStep(r.forCore(), r.version))
                .toList();
    }

    public List<Person> people(String jobId) {
        return jobs.members(jobId).stream().map(Jobs.Member::person).toList();
    }

    public String add(String jobId, Entry e) {
        StepEntity r = new StepEntity();
        r.id = UUID.randomUUID().toString();
        r.jobId = jobId;
        r.turn = steps.findByJobIdOrderByTurn(jobId).stream()
                        .mapToInt(s -> s.turn)
                        .max()
                        .orElse(0)
                + 1;
        save(r, e);
        return r.id;
    }

    public void change(String jobId, String id, Entry e, Long version) {
        StepEntity r = open(jobId, id);
        requireFresh(r, version);
        save(r, e);
    }

    private void requireFresh(StepEntity r, Long version) {
        Message step = Message.of(Answer.STEP_NUMBER).with("number", Arg.count(r.turn));
        trail.requireFresh(r, r.id, r.version, version, Arg.said(step));
    }

    public void remove(String jobId, String id, Long version) {
        StepEntity r = open(jobId, id);
        requireFresh(r, version);
        steps.delete(r);
        steps.flush();
        int turn = 1;
        for (StepEntity left : steps.findByJobIdOrderByTurn(jobId)) {
            left.turn = turn++;
        }
        jobs.touched(jobId, Change.CREW);
    }

    /** Earlier or later by one place in the order. */
    public void move(String jobId, String id, boolean earlier) {
        List<StepEntity> all = new ArrayList<>(steps.findByJobIdOrderByTurn(jobId));
        StepEntity r = record(jobId, id);
        int at = all.indexOf(r);
        int other = earlier ? at - 1 : at + 1;
        if (other < 0 || other >= all.size()) {
            return;
        }
        StepEntity o = all.get(other);
        requireOpen(r);
        requireOpen(o);
        int turn = r.turn;
        r.turn = o.turn;
        o.turn = turn;
        int length = r.endMin - r.startMin;
        int otherLength = o.endMin - o.startMin;
        int start = Math.min(r.startMin, o.startMin);
        StepEntity first = earlier ? r : o;
        StepEntity second = earlier ? o : r;
        first.startMin = start;
        first.endMin = start + (earlier ? length : otherLength);
        second.startMin = first.endMin;
        second.endMin = second.startMin + (earlier ? otherLength : length);
        steps.saveAllAndFlush(List.of(r, o));
        jobs.touched(jobId, Change.CREW);
    }

    public void done(String jobId, String id) {
        record(jobId, id).done = true;
        jobs.touched(jobId, Change.CREW);
    }

    private void save(StepEntity r, Entry e) {
        e.stem.ifPresent(label -> {
            if (stems.labelled(r.jobId, label).isEmpty()) {
                throw new RefusedInput(
                        "UNKNOWN_STEM", "stem", Message.of(Answer.NO_SUCH_STEM).with("stem", Arg.name(label)));
            }
        });
        boolean same = r.kind == e.kind && e.stem.equals(Optional.ofNullable(r.stem));
        Optional<Work> work = e.work.or(() -> r.work().filter(w -> same));
        List<StepKit> kit = e.kit.isEmpty() && same ? r.kit() : e.kit;
        Step step = new Step(r.id, r.turn, e.kind, e.stem, e.startMin, e.endMin, r.done, e.posts, work, kit);
        List<Step> all = new ArrayList<>(
                steps(r.jobId).stream().filter(s -> !s.id().equals(r.id)).toList());
        List<CrewCheck.Violation> before = CrewCheck.of(all, people(r.jobId));
        all.add(step);
        all.sort(Comparator.comparingInt(Step::startMin));
        List<CrewCheck.Violation> broken = CrewCheck.of(all, people(r.jobId)).stream()
                .filter(v -> !before.contains(v))
                .toList();
        if (!broken.isEmpty()) {
            throw new RefusedInput(broken.stream()
                    .map(v -> new Fault(v.code().code(), "posts", Staffing.message(v)))
                    .toList());
        }
        r.kind = e.kind;
        r.stem = e.stem.orElse(null);
        r.keep(work, kit);
        r.startMin = e.startMin;
        r.endMin = e.endMin;
        r.posts.clear();
        e.posts.forEach(p -> r.posts.add(PostPart.of(p)));
        steps.saveAndFlush(r);
        jobs.touched(r.jobId, Change.CREW);
    }

    private StepEntity open(String jobId, String id) {
        StepEntity r = record(jobId, id);
        requireOpen(r);
        return r;
    }

    private static void requireOpen(StepEntity r) {
        if (r.done) {
            throw new RefusedInput(
                    "CLOSED", "step", Message.of(Answer.STEP_DONE).with("turn", Arg.count(r.turn)));
        }
    }

    private StepEntity record(String jobId, String id) {
        return steps.findById(id).filter(s -> s.jobId.equals(jobId)).orElseThrow(NotThere::new);
    }
}
