package org.antevid.app.tangle;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobCache;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.app.stem.Stems;
import org.antevid.app.tangle.store.HangEntity;
import org.antevid.app.tangle.store.HangRepository;
import org.antevid.app.tangle.store.RelationEntity;
import org.antevid.app.tangle.store.RelationRepository;
import org.antevid.app.trace.Trail;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemState;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.Release;
import org.antevid.core.tangle.beam.Support;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.Picture;
import org.antevid.core.tangle.picture.Rest;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What rests on, hangs in or is tied to what, and what is done about it. */
@Service
@Transactional
public class Tangles {
    private final RelationRepository relations;
    private final HangRepository hangs;
    private final TangleRecords records;
    private final Stems stems;
    private final TangleMaker maker;
    private final Closures closures;
    private final Jobs jobs;
    private final JobCache kept;
    private final Trail trail;

    Tangles(
            RelationRepository relations,
            HangRepository hangs,
            TangleRecords records,
            Stems stems,
            TangleMaker maker,
            Closures closures,
            Jobs jobs,
            JobCache kept,
            Trail trail) {
        this.relations = relations;
        this.hangs = hangs;
        this.records = records;
        this.stems = stems;
        this.maker = maker;
        this.closures = closures;
        this.jobs = jobs;
        this.kept = kept;
        this.trail = trail;
    }

    /** A recorded relation. */
    public record Relation(
            String id, String a, Pile.Type type, String b, Pile.Carries carries, Pile.SeverFrom severFrom) {}

    /** What is at hand for a hung stem and who guards it; newton. */
    public record HangEntry(
            Optional<Double> tractorWinchN,
            Optional<Double> handWinchN,
            boolean lockedInFork,
            String guard,
            String closure) {}

    /** The same with its version, -1 when nothing was recorded yet. */
    public record Hang(String stemId, String stem, HangEntry entry, long version) {}

    /**
     * All that follows from what was seen.
     *
     * @param now the records it follows from
     * @param ids of the stems by label
     * @param names of the features that bear something, by id
     * @param rings closed ground of what hangs, lies or stands tilted, by label
     * @param lookedAt when each was last looked at, by id
     */
    public record Tangle(
            Picture picture,
            TangleRecords.Now now,
            Map<String, String> ids,
            Map<String, String> names,
            Optional<Release> release,
            List<Situation.Hang> hangs,
            Map<String, GuardRing> rings,
            Map<String, Instant> lookedAt) {
        /** @return what a stem or a thing of the place is called, by label or id */
        public String called(String id) {
            return names.getOrDefault(id, id);
        }
    }

    private enum Question {
        TANGLE
    }

    public List<Relation> relations(String jobId) {
        return relations.findByJobId(jobId).stream()
                .map(r -> new Relation(r.id, r.a, r.type, r.b, r.carries, r.severFrom))
                .toList();
    }

    /** A relation between two of the job's stems, or a stem and a feature of the place, by id. */
    public String relate(
            String jobId, String a, Pile.Type type, String b, Pile.Carries carries, Pile.SeverFrom severFrom) {
        requireThere(jobId, a, "a");
        requireThere(jobId, b, "b");
        if (a.equals(b)) {
            throw new RefusedInput(Refusal.SELF_RELATION, "b");
        }
        if (relations.findByJobId(jobId).stream().anyMatch(r -> r.a.equals(a) && r.b.equals(b) && r.type == type)) {
            throw new RefusedInput("DUPLICATE", "b", Message.of(Answer.RECORDED_ALREADY));
        }
        RelationEntity r = new RelationEntity();
        r.id = UUID.randomUUID().toString();
        r.jobId = jobId;
        r.a = a;
        r.type = type;
        r.b = b;
        r.carries = carries;
        r.severFrom = severFrom;
        requirePossible(jobId, new Pile.Relation(a, type, b, carries, severFrom));
        relations.saveAndFlush(r);
        jobs.touched(jobId, Change.TANGLE);
        return r.id;
    }

    private void requireThere(String jobId, String id, String field) {
        if (stems.labelled(jobId, id).isEmpty() && !maker.featureNames(jobId).containsKey(id)) {
            throw new RefusedInput("UNKNOWN_STEM", field, Message.of(Answer.NOT_OF_JOB));
        }
    }

    /** @return ids of the job's stems by label */
    Map<String, String> stemIds(String jobId) {
        Map<String, String> ids = new LinkedHashMap<>();
        stems.known(jobId).forEach(s -> ids.put(s.reading().label(), s.id()));
        return ids;
    }

    /** @return ids of the place's things by name; the first of those that are called alike */
    Map<String, String> things(String jobId) {
        Map<String, String> byName = new LinkedHashMap<>();
        maker.featureNames(jobId).forEach((id, name) -> byName.putIfAbsent(name, id));
        return byName;
    }

    /** @throws RefusedInput where no pile could be like this */
    private void requirePossible(String jobId, Pile.Relation more) {
        List<Pile.Relation> all =
                new ArrayList<>(relations(jobId).stream().map(Tangles::forCore).toList());
        all.add(more);
        requirePossible(maker.make(jobId, records.now(jobId), all).picture());
    }

    private static void requirePossible(Picture p) {
        p.comesDownWithIt().stream().findFirst().ifPresent(r -> {
            throw new RefusedInput(
                    Message.of(Refusal.STANDING_TREE_RESTS_ON_REMOVED_STEM)
                            .with("stays", Arg.name(r.a()))
                            .with("goes", Arg.name(r.b())),
                    "b");
        });
        p.pile();
    }

    private static Pile.Relation forCore(Relation r) {
        return new Pile.Relation(r.a(), r.type(), r.b(), r.carries(), r.severFrom());
    }

    public void unrelate(String jobId, String id) {
        relations.delete(
                relations.findById(id).filter(r -> r.jobId.equals(jobId)).orElseThrow(NotThere::new));
        jobs.touched(jobId, Change.TANGLE);
    }

    /** A new pose of a stem beside the older ones. */
    public void pose(String jobId, String stemId, TangleRecords.TakenPose taken, SignedIn who) {
        tangle(jobId).picture.require(label(jobId, stemId), taken.pose());
        records.pose(jobId, stemId, taken, who);
    }

    /** @return what a stem is called in the job */
    public String label(String jobId, String stemId) {
        return stems.known(jobId, stemId).reading().label();
    }

    /** Where a stem touches something. */
    public String rest(
            String jobId,
            String stemId,
            double xM,
            Rest.On on,
            Optional<String> other,
            Support.Side side,
            double gapM,
            Optional<Rest.Fibres> fibres,
            Rest.Certainty certainty,
            SignedIn who) {
        other.ifPresent(o -> requireThere(jobId, o, "other"));
        Rest rest = new Rest("", label(jobId, stemId), xM, on, other, side, gapM, fibres, certainty);
        withMember(jobId, stemId).require(rest);
        String id = records.rest(jobId, stemId, rest, who);
        requirePossible(tangle(jobId).picture);
        return id;
    }

    private Picture withMember(String jobId, String stemId) {
        Tangle t = tangle(jobId);
        String label = stems.known(jobId, stemId).reading().label();
        if (t.picture.member(label).isPresent()) {
            return t.picture;
        }
        List<Member> members = new ArrayList<>(t.picture.members());
        members.add(maker.member(stems.known(jobId, stemId), t.now, Map.of()));
        return new Picture(
                members,
                t.picture.standing(),
                t.picture.rests(),
                t.picture.relations(),
                t.picture.atHand(),
                t.picture.ground(),
                t.picture.struck());
    }

    public List<Hang> hangs(String jobId) {
        return stems.known(jobId).stream()
                .filter(s -> s.reading().state() == StemState.HUNG)
                .map(s -> hangs.findById(s.id())
                        .map(h -> new Hang(s.id(), s.reading().label(), h.entry(), h.version))
                        .orElse(new Hang(
                                s.id(),
                                s.reading().label(),
                                new HangEntry(Optional.empty(), Optional.empty(), false, "", ""),
                                -1)))
                .toList();
    }

    public void record(String jobId, String stemId, HangEntry e, Long version) {
        Stems.ChosenReading stem = stems.known(jobId, stemId);
        HangEntity h = hangs.findById(stemId).orElse(null);
        if (h == null) {
            h = new HangEntity();
            h.stemId = stemId;
            h.jobId = jobId;
        } else {
            trail.requireFresh(h, stemId, h.version, version, stem.reading().label());
        }
        h.tractorWinchN = e.tractorWinchN.orElse(null);
        h.handWinchN = e.handWinchN.orElse(null);
        h.lockedInFork = e.lockedInFork;
        h.guardName = e.guard == null ? "" : e.guard.strip();
        h.closure = e.closure == null ? "" : e.closure.strip();
        hangs.saveAndFlush(h);
        jobs.touched(jobId, Change.TANGLE);
    }

    /** What follows from everything that was recorded; made once for each version of the plan. */
    public Tangle tangle(String jobId) {
        return kept.ofPlan(
                jobId,
                Question.TANGLE,
                () -> maker.make(
                        jobId,
                        records.now(jobId),
                        relations(jobId).stream().map(Tangles::forCore).toList()));
    }

    /** @return guards of hung stems, as the rules see them */
    public List<Situation.Guard> guards(String jobId) {
        Tangle t = tangle(jobId);
        Map<String, TangleRecords.Noted<Closures.Closed>> closed = closures.current(jobId);
        return hangs(jobId).stream()
                .map(h -> new Situation.Guard(
                        h.stem(), h.entry().guard(), h.entry().closure(), measured(t, closed, h)))
                .toList();
    }

    private static Optional<GuardRing.Closed> measured(
            Tangle t, Map<String, TangleRecords.Noted<Closures.Closed>> closed, Hang h) {
        return t.hangs.stream()
                .filter(x -> x.hung().equals(h.stem()))
                .findFirst()
                .flatMap(x -> Optional.ofNullable(closed.get(h.stemId()))
                        .flatMap(c -> c.what().measured(x.ring(), x.ground())));
    }

    /** @return how far the closure of each hung stem is short of its ring, by label; empty where nobody measured one */
    public Map<String, GuardRing.Closed> closedAgainstRing(String jobId) {
        Map<String, GuardRing.Closed> all = new LinkedHashMap<>();
        guards(jobId).forEach(g -> g.closed().ifPresent(c -> all.put(g.stem(), c)));
        return all;
    }
}
