package org.antevid.app.tangle;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.problem.NotThere;
import org.antevid.app.reader.Speech;
import org.antevid.app.stem.Stems;
import org.antevid.app.tangle.store.HangEntity;
import org.antevid.app.tangle.store.HangRepository;
import org.antevid.app.tangle.store.RelationEntity;
import org.antevid.app.tangle.store.RelationRepository;
import org.antevid.app.trace.Trail;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.tangle.KeepOut;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.Release;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What rests on, hangs in or is bound to what, and what is done about it. */
@Service
@Transactional
public class Tangles {
    /** Stands for all ground below, where the slope is too steep for a radius. */
    private static final double WHOLE_SLOPE_M = 500;

    private final RelationRepository relations;
    private final HangRepository hangs;
    private final Stems stems;
    private final Jobs jobs;
    private final Trail trail;

    Tangles(RelationRepository relations, HangRepository hangs, Stems stems, Jobs jobs, Trail trail) {
        this.relations = relations;
        this.hangs = hangs;
        this.stems = stems;
        this.jobs = jobs;
        this.trail = trail;
    }

    /** A recorded relation. */
    public record Relation(String id, String a, Pile.Type type, String b) {}

    /** What is at hand for a hung stem and who guards it; newton. */
    public record HangEntry(
            Optional<Double> tractorWinchN,
            Optional<Double> handWinchN,
            boolean lockedInFork,
            String guard,
            String closure) {}

    /** The same with its version, -1 when nothing was recorded yet. */
    public record Hang(String stemId, String stem, HangEntry entry, long version) {}

    /** The pile with the stems that could not be put into it because they are not measured. */
    public record Answer(
            Optional<Pile> pile, Optional<Release> release, List<String> notKnown, List<Situation.Hang> hangs) {}

    public List<Relation> relations(String jobId) {
        return relations.findByJobId(jobId).stream()
                .map(r -> new Relation(r.id, r.a, r.type, r.b))
                .toList();
    }

    public String relate(String jobId, String a, Pile.Type type, String b) {
        StemReading upper = stems.labelled(jobId, a)
                .orElseThrow(
                        () -> new RefusedInput("UNKNOWN_STEM", "a", Message.of(org.antevid.words.Answer.NOT_OF_JOB)))
                .reading();
        if (stems.labelled(jobId, b).isEmpty()) {
            throw new RefusedInput("UNKNOWN_STEM", "b", Message.of(org.antevid.words.Answer.NOT_OF_JOB));
        }
        if (a.equals(b)) {
            throw new RefusedInput(Refusal.SELF_RELATION, "b");
        }
        if (relations.findByJobId(jobId).stream().anyMatch(r -> r.a.equals(a) && r.b.equals(b) && r.type == type)) {
            throw new RefusedInput("DUPLICATE", "b", Message.of(org.antevid.words.Answer.RECORDED_ALREADY));
        }
        RelationEntity r = new RelationEntity();
        r.id = UUID.randomUUID().toString();
        r.jobId = jobId;
        r.a = upper.label();
        r.type = type;
        r.b = b;
        relations.saveAndFlush(r);
        jobs.touched(jobId, Change.TANGLE);
        return r.id;
    }

    public void unrelate(String jobId, String id) {
        relations.delete(
                relations.findById(id).filter(r -> r.jobId.equals(jobId)).orElseThrow(NotThere::new));
        jobs.touched(jobId, Change.TANGLE);
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

    /** Pile and release order from the stems that are in a relation; stems to be kept stand. */
    public Answer answer(String jobId) {
        List<Relation> all = relations(jobId);
        Set<String> involved = new HashSet<>();
        all.forEach(r -> involved.addAll(List.of(r.a(), r.b())));
        double slope = jobs.job(jobId).ground().slopeDeg();
        List<Stems.ChosenReading> in = stems.known(jobId).stream()
                .filter(s ->
                        involved.contains(s.reading().label()) && s.reading().state() != StemState.FELLED)
                .toList();
        Set<String> standing = new HashSet<>();
        in.stream()
                .filter(s -> s.reading().toBeKept())
                .forEach(s -> standing.add(s.reading().label()));
        List<String> missing = in.stream()
                .filter(s -> !s.reading().toBeKept() && !measured(s.reading()))
                .map(s -> s.reading().label() + ": "
                        + String.join(", ", Speech.words().terms(s.reading().notKnown())))
                .toList();
        List<Situation.Hang> hung = all.stream()
                .filter(r -> r.type() == Pile.Type.RESTS_ON)
                .flatMap(r -> hang(in, r, slope).stream())
                .toList();
        if (!missing.isEmpty() || in.isEmpty()) {
            return new Answer(Optional.empty(), Optional.empty(), missing, hung);
        }
        List<Pile.Stem> removed = in.stream()
                .filter(s -> !s.reading().toBeKept())
                .map(s -> pileStem(s, slope))
                .toList();
        Set<String> present = new HashSet<>(standing);
        removed.forEach(s -> present.add(s.id()));
        Pile pile = new Pile(
                removed,
                standing,
                false,
                all.stream()
                        .filter(r -> present.contains(r.a()) && present.contains(r.b()))
                        .map(r -> new Pile.Relation(r.a(), r.type(), r.b()))
                        .toList());
        return new Answer(Optional.of(pile), Optional.of(Release.of(pile)), missing, hung);
    }

    private static boolean measured(StemReading r) {
        return r.dbh().isPresent() && r.height().isPresent();
    }

    private Pile.Stem pileStem(Stems.ChosenReading s, double slopeDeg) {
        StemReading r = s.reading();
        Optional<HangEntity> h = hangs.findById(s.id());
        StemMass mass = r.mass(0.1).orElseThrow();
        boolean plate = r.defects().stream().anyMatch(d -> d.kind() == DefectKind.LIFTED_ROOT_PLATE);
        return new Pile.Stem(
                r.label(),
                r.height().orElseThrow().high(),
                mass.massHighKg(),
                r.dbh().orElseThrow().high(),
                Optional.of(r.height().orElseThrow().high()),
                r.state() == StemState.HUNG,
                false,
                plate,
                Optional.empty(),
                slopeDeg,
                h.map(x -> x.lockedInFork).orElse(false),
                h.flatMap(x -> Optional.ofNullable(x.tractorWinchN)),
                h.flatMap(x -> Optional.ofNullable(x.handWinchN)),
                0.6);
    }

    /** Strip under a hung stem: from its stump toward the support, its whole length, half width by the core. */
    private static Optional<Situation.Hang> hang(List<Stems.ChosenReading> in, Relation r, double slopeDeg) {
        Optional<StemReading> upper = in.stream()
                .map(Stems.ChosenReading::reading)
                .filter(s -> s.label().equals(r.a()) && s.state() == StemState.HUNG)
                .findFirst();
        Optional<StemReading> support = in.stream()
                .map(Stems.ChosenReading::reading)
                .filter(s -> s.label().equals(r.b()))
                .findFirst();
        if (upper.isEmpty() || support.isEmpty()) {
            return Optional.empty();
        }
        Spot from = upper.get().at();
        double length = Math.max(
                upper.get().height().map(h -> h.high()).orElse(0.0),
                from.distanceTo(support.get().at()) + 2);
        double half = Math.max(5, length / 4);
        Shape strip = Shape.line(
                        List.of(from, from.at(from.bearingTo(support.get().at()), length)))
                .grown(half);
        return Optional.of(new Situation.Hang(
                r.a(), r.b(), strip, KeepOut.hungRadiusM(length, slopeDeg).orElse(WHOLE_SLOPE_M)));
    }

    /** @return guards of hung stems, as the rules see them */
    public List<Situation.Guard> guards(String jobId) {
        return hangs(jobId).stream()
                .map(h -> new Situation.Guard(
                        h.stem(), h.entry().guard(), h.entry().closure()))
                .toList();
    }
}
