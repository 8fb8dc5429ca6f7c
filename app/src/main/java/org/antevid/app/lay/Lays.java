package org.antevid.app.lay;

import java.time.Clock;
import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.antevid.app.house.House;
import org.antevid.app.house.Kits;
import org.antevid.app.instrument.Anemometer;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobCache;
import org.antevid.app.job.Jobs;
import org.antevid.app.lay.store.ClipPart;
import org.antevid.app.lay.store.LayEntity;
import org.antevid.app.lay.store.LayRepository;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Places;
import org.antevid.app.place.Surroundings;
import org.antevid.app.problem.NotThere;
import org.antevid.app.stem.Stems;
import org.antevid.app.tangle.Tangles;
import org.antevid.app.trace.Trail;
import org.antevid.core.lay.Basis;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.dial.Dial;
import org.antevid.core.lay.rehearsal.Rehearsal;
import org.antevid.core.lay.spread.PastWork;
import org.antevid.core.lay.zone.Zone;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Today;
import org.antevid.core.stem.EffectiveLean;
import org.antevid.core.stem.SightedQuantity;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.Tipping;
import org.antevid.core.stump.OpenedFace;
import org.antevid.words.Answer;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lays chosen for stems, and what the core says of any lay. */
@Service
@Transactional
public class Lays {
    private static final double USUAL_CUT_M = 0.3;
    private static final int MOST_CLIPS = 20;
    private final LayRepository lays;
    private final Stems stems;
    private final Places places;
    private final Surroundings surroundings;
    private final Tangles tangles;
    private final House house;
    private final Jobs jobs;
    private final JobCache kept;
    private final Trail trail;
    private final Kits kits;
    private final Anemometer anemometer;
    /** Asked late: who answers asks for lays too. */
    private final ObjectProvider<PastFalls> pastFalls;

    private final Clock clock;

    Lays(
            LayRepository lays,
            Stems stems,
            Places places,
            Surroundings surroundings,
            Tangles tangles,
            House house,
            Jobs jobs,
            JobCache kept,
            Trail trail,
            Kits kits,
            Anemometer anemometer,
            ObjectProvider<PastFalls> pastFalls,
            Clock clock) {
        this.clock = clock;
        this.lays = lays;
        this.stems = stems;
        this.places = places;
        this.surroundings = surroundings;
        this.tangles = tangles;
        this.house = house;
        this.jobs = jobs;
        this.kept = kept;
        this.trail = trail;
        this.kits = kits;
        this.anemometer = anemometer;
        this.pastFalls = pastFalls;
    }

    /** A recorded lay. {@code clearedBy} says who cleared which way out, {@code basis} what a fixed lay rested on. */
    public record StemChoice(
            String stemId,
            ChoiceRequest request,
            LayChoice choice,
            Optional<FaceReading> opened,
            boolean fixed,
            List<Spot> dropZone,
            List<ClipPart> clips,
            Map<EscapeRoutes.Side, String> clearedBy,
            Optional<Basis> basis,
            long version) {
        public List<Zone.Clip> zoneClips() {
            return clips.stream().map(ClipPart::forCore).toList();
        }

        /** @return the fixed drop zone */
        public Optional<Shape> zone() {
            return Optional.of(dropZone).filter(z -> z.size() >= 3).map(Shape::polygon);
        }
    }

    /** What is not as it was when a lay was fixed, and by how much the answers moved. */
    public record OutOfDate(List<Basis.Change> changed, List<Basis.Change> moved) {}

    /** Something a lay depends on and when it was last looked at or changed; empty for what has no date. */
    public record Depends(Basis.Fact fact, Optional<Instant> at) {}

    public List<StemChoice> chosen(String jobId) {
        return lays.findByJobId(jobId).stream().map(this::chosen).toList();
    }

    public Optional<StemChoice> chosenFor(String stemId) {
        return lays.findById(stemId).map(this::chosen);
    }

    private StemChoice chosen(LayEntity r) {
        Map<EscapeRoutes.Side, String> clearedBy = new EnumMap<>(EscapeRoutes.Side.class);
        for (EscapeRoutes.Side side : EscapeRoutes.Side.values()) {
            r.clearedBy(side, r.layDeg).ifPresent(who -> clearedBy.put(side, who));
        }
        return new StemChoice(
                r.stemId,
                r.request(),
                r.choice(kits).cutBy(before(r.jobId, r.stemId)),
                r.opened(),
                r.fixed,
                r.dropZone,
                List.copyOf(r.clips),
                clearedBy,
                Optional.ofNullable(r.basis),
                r.version);
    }

    /**
     * @return the place with what stands on it, the ground beneath what hangs, and the gust measured now, its sigma on
     *     top
     */
    public Site site(String jobId) {
        return site(jobId, anemometer.now().gustMs());
    }

    public Site site(String jobId, Estimate gustMs) {
        return place(jobId).withGust(gustMs.value() + gustMs.sigma());
    }

    private enum Question {
        PLACE
    }

    private Site place(String jobId) {
        return kept.ofPlan(jobId, Question.PLACE, () -> {
            List<Site.Danger> beneath = tangles.tangle(jobId).hangs().stream()
                    .map(h -> new Site.Danger("beneath " + h.hung(), h.beneath()))
                    .toList();
            return places.site(jobId)
                    .with(stems.standing(jobId))
                    .withTrunks(stems.trunks(jobId))
                    .withDangers(beneath);
        });
    }

    /**
     * @return what follows from a lay that is not recorded; a way out that was cleared for a lay like it stays cleared
     */
    public LayPlan plan(String jobId, String stemId, LayChoice choice, Site site) {
        return plan(felled(jobId, stemId), site, known(jobId, stemId, choice));
    }

    /** @throws RefusedInput for a stem that hangs, lies or is broken at its base: it gets no lay */
    public StemReading felled(String jobId, String stemId) {
        StemReading r = stems.known(jobId, stemId).reading();
        r.notFelled().ifPresent(why -> {
            throw new RefusedInput(why.refusal(), "stem");
        });
        return r;
    }

    private LayChoice known(String jobId, String stemId, LayChoice c) {
        return lays.findById(stemId).map(r -> r.withWhatIsThere(c)).orElse(c).cutBy(before(jobId, stemId));
    }

    private PastWork before(String jobId, String stemId) {
        return Optional.ofNullable(pastFalls.getIfAvailable())
                .map(p -> p.of(jobId, stemId))
                .orElse(PastWork.NONE);
    }

    public Kits kits() {
        return kits;
    }

    /** @return the choice with its kit, refused at the field where nobody can rig it on this stem */
    public LayChoice rigged(String jobId, String stemId, ChoiceRequest request) {
        LayChoice c = request.choice(kits);
        c.requireRiggedOn(stems.known(jobId, stemId).reading());
        return c;
    }

    /** What the opened face showed; the card is computed anew with it. */
    public void opened(String jobId, String stemId, OpenedFace face, String note, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        LayEntity r = record(jobId, stemId);
        r.opened(new FaceReading(
                face.soundLeftM(),
                face.soundRightM(),
                face.wood(),
                note == null ? "" : note.strip(),
                who.name(),
                clock.instant(),
                r.cutHeightM,
                r.layDeg));
        lays.saveAndFlush(r);
        jobs.touched(jobId, Change.LAY);
    }

    /** @return how the answers of a fixed lay have moved since; empty while it is as it was, or not fixed */
    public Optional<OutOfDate> outOfDate(StemChoice c, LayPlan now, Site site) {
        return c.basis
                .filter(b -> c.fixed)
                .map(then -> {
                    Basis is = Basis.of(now, site);
                    return new OutOfDate(is.changedSince(then), is.movedSince(then));
                })
                .filter(o -> !o.changed.isEmpty());
    }

    /** @return everything a lay depends on, with its age */
    public List<Depends> depends(String jobId, String stemId, LayChoice choice) {
        Site site = site(jobId);
        Stems.LastLook looked = stems.looked(jobId, stemId);
        Map<String, Instant> features = places.changedAt(jobId);
        Map<String, Stems.ChosenReading> byLabel = stems.known(jobId).stream()
                .collect(Collectors.toMap(k -> k.reading().label(), Function.identity()));
        return Basis.of(plan(jobId, stemId, choice, site), site).facts().stream()
                .map(f -> new Depends(
                        f,
                        switch (f.source()) {
                            case DIAMETER ->
                                Optional.ofNullable(looked.measured().get(SightedQuantity.DIAMETER));
                            case HEIGHT -> Optional.ofNullable(looked.measured().get(SightedQuantity.HEIGHT));
                            case LEAN -> Optional.ofNullable(looked.measured().get(SightedQuantity.LEAN));
                            case CROWN -> Optional.ofNullable(looked.measured().get(SightedQuantity.CROWN));
                            case WOOD -> looked.changed();
                            case DEFECTS -> looked.faults();
                            case GROUND -> jobs.changedAt(jobId);
                            case TODAY -> surroundings.changedAt(jobId);
                            case HOUSE -> house.changedAt();
                            case SAWYER, LOSSES, WEIGHTS -> Optional.empty();
                            case FEATURE -> Optional.ofNullable(features.get(f.key()));
                            case TREE ->
                                Optional.ofNullable(byLabel.get(f.key())).flatMap(k -> stems.looked(jobId, k.id())
                                        .changed());
                        }))
                .toList();
    }

    /** @return seeded falls of a lay as planned and with what goes otherwise */
    public List<Rehearsal> rehearse(
            String jobId, String stemId, LayChoice choice, Rehearsal.WhatIf whatIf, int falls, int seed) {
        LayPlan plan = plan(jobId, stemId, choice, site(jobId));
        Rehearsal asPlanned = Rehearsal.of(plan, Rehearsal.WhatIf.AS_PLANNED, falls, seed);
        return List.of(
                asPlanned,
                whatIf.equals(Rehearsal.WhatIf.AS_PLANNED) ? asPlanned : Rehearsal.of(plan, whatIf, falls, seed));
    }

    /** The same for many stems of one place, which is put together once. */
    public LayPlan plan(StemReading stem, Site site, LayChoice choice) {
        return LayPlan.of(stem, choice, site, house.rules().layLimits());
    }

    /**
     * Lean of a stem with crown and snow as moments along and across a lay, and what the wind limit adds from any side.
     */
    public record Leaning(EffectiveLean stillAir, double windNm, double weightN, double cgM) {
        public double asDeg(double momentNm) {
            return Tipping.asLeanDeg(momentNm, weightN, cgM);
        }
    }

    /** @return empty while lean, height, diameter or crown is not known */
    public Optional<Leaning> leaning(String jobId, String stemId, double layDeg) {
        StemReading r = stems.known(jobId, stemId).reading();
        if (!r.notKnown().isEmpty() || r.lean().isEmpty()) {
            return Optional.empty();
        }
        double cut = chosenFor(stemId).map(c -> c.choice().cutHeightM()).orElse(USUAL_CUT_M);
        StemMass mass = r.mass(cut).orElseThrow();
        Today today = places.site(jobId).today();
        Tipping tips = Tipping.of(r, mass, cut, today);
        return Optional.of(
                new Leaning(Tipping.stillAir(r, mass, cut, today, layDeg), tips.windNm(), tips.weightN(), mass.cgM()));
    }

    public Dial dial(String jobId, String stemId, LayChoice choice) {
        LayChoice byThem = choice.cutBy(before(jobId, stemId));
        return Dial.of(felled(jobId, stemId), byThem, site(jobId), house.rules().layLimits());
    }

    /** Records the choice; a fixed lay with its drop zone is what the crew is briefed on. */
    public void choose(
            String jobId,
            String stemId,
            ChoiceRequest request,
            boolean fixed,
            List<Spot> dropZone,
            @Nullable Long version) {
        stems.requireOpen(jobId, stemId);
        Stems.ChosenReading stem = stems.known(jobId, stemId);
        if (stem.reading().toBeKept()) {
            throw new RefusedInput(
                    "BAD_CHOICE",
                    "stem",
                    Message.of(Answer.KEPT).with("stem", Arg.name(stem.reading().label())));
        }
        felled(jobId, stemId);
        LayChoice choice = rigged(jobId, stemId, request);
        LayEntity r = lays.findById(stemId).orElse(null);
        if (r == null) {
            r = new LayEntity();
            r.stemId = stemId;
            r.jobId = jobId;
        } else {
            trail.requireFresh(r, stemId, r.version, version, layOf(jobId, stemId));
        }
        if (!dropZone.isEmpty()) {
            Shape.polygon(dropZone);
        }
        if (fixed && dropZone.isEmpty()) {
            throw new RefusedInput("MISSING", "dropZone", Message.of(Answer.DROP_ZONE));
        }
        Site site = site(jobId);
        LayPlan plan = plan(jobId, stemId, choice, site);
        r.takes(request, choice, id -> kits.has(id));
        r.basis = fixed ? Basis.of(plan, site) : null;
        r.fixed = fixed;
        r.dropZone = List.copyOf(dropZone);
        lays.saveAndFlush(r);
        jobs.touched(jobId, Change.LAY);
    }

    /** A way out has been cleared, or is not any more. It holds for the lay it was cleared for. */
    public void cleared(String jobId, String stemId, EscapeRoutes.Side side, boolean done, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        LayEntity r = record(jobId, stemId);
        if (r.cleared(r.layDeg).isEmpty()) {
            r.clearedLeft = null;
            r.clearedRight = null;
        }
        if (side == EscapeRoutes.Side.LEFT) {
            r.clearedLeft = done ? who.name() : null;
        } else {
            r.clearedRight = done ? who.name() : null;
        }
        r.clearedLayDeg = r.layDeg;
        lays.saveAndFlush(r);
        jobs.touched(jobId, Change.LAY);
    }

    /** Takes ground out of a zone, with the leader's reason. */
    public void clip(
            String jobId,
            String stemId,
            Zone.Kind kind,
            List<Spot> outline,
            String reason,
            SignedIn who,
            Long version) {
        stems.requireOpen(jobId, stemId);
        LayEntity r = record(jobId, stemId);
        trail.requireFresh(r, stemId, r.version, version, layOf(jobId, stemId));
        ClipPart clip = ClipPart.of(kind, outline, Require.text(reason, 200, "reason"), who.name());
        clip.forCore();
        if (r.clips.size() >= MOST_CLIPS) {
            throw new RefusedInput("TOO_MANY", "clips", Message.of(Answer.CLIPS).with("most", Arg.count(MOST_CLIPS)));
        }
        r.clips.add(clip);
        lays.saveAndFlush(r);
        jobs.touched(jobId, Change.LAY);
    }

    private Arg layOf(String jobId, String stemId) {
        String label = stems.known(jobId, stemId).reading().label();
        return Arg.said(Message.of(Answer.LAY_OF).with("stem", Arg.name(label)));
    }

    /** Puts a piece back into its zone. */
    public void unclip(String jobId, String stemId, int index, Long version) {
        stems.requireOpen(jobId, stemId);
        LayEntity r = record(jobId, stemId);
        trail.requireFresh(r, stemId, r.version, version, layOf(jobId, stemId));
        if (index < 0 || index >= r.clips.size()) {
            throw new NotThere();
        }
        r.clips.remove(index);
        lays.saveAndFlush(r);
        jobs.touched(jobId, Change.LAY);
    }

    private LayEntity record(String jobId, String stemId) {
        return lays.findById(stemId)
                .filter(r -> r.jobId.equals(jobId))
                .orElseThrow(() -> new RefusedInput("MISSING", "lay", Message.of(Answer.LAY_FIRST)));
    }
}
