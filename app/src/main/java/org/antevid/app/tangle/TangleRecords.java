package org.antevid.app.tangle;

import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.app.stem.Stems;
import org.antevid.app.tangle.store.BowEntity;
import org.antevid.app.tangle.store.BowRepository;
import org.antevid.app.tangle.store.DragLineEntity;
import org.antevid.app.tangle.store.DragLineRepository;
import org.antevid.app.tangle.store.HiddenPartEntity;
import org.antevid.app.tangle.store.HiddenPartRepository;
import org.antevid.app.tangle.store.KerfEntity;
import org.antevid.app.tangle.store.KerfRepository;
import org.antevid.app.tangle.store.PartOfEntity;
import org.antevid.app.tangle.store.PartOfRepository;
import org.antevid.app.tangle.store.PoseEntity;
import org.antevid.app.tangle.store.PoseRepository;
import org.antevid.app.tangle.store.RaisedPlateEntity;
import org.antevid.app.tangle.store.RaisedPlateRepository;
import org.antevid.app.tangle.store.RestEntity;
import org.antevid.app.tangle.store.RestRepository;
import org.antevid.app.tangle.store.TiedOffEntity;
import org.antevid.app.tangle.store.TiedOffRepository;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Spot;
import org.antevid.core.tangle.picture.DragLine;
import org.antevid.core.tangle.picture.KerfReading;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.PartOf;
import org.antevid.core.tangle.picture.Pose;
import org.antevid.core.tangle.picture.Rest;
import org.antevid.core.tangle.picture.TiedOff;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was seen of a tangle, who saw it and when. A newer look stands beside the older ones, none is overwritten. */
@Service
@Transactional
public class TangleRecords {
    private final PoseRepository poses;
    private final RestRepository rests;
    private final RaisedPlateRepository plates;
    private final BowRepository bows;
    private final HiddenPartRepository hidden;
    private final KerfRepository kerfs;
    private final DragLineRepository lines;
    private final TiedOffRepository tied;
    private final PartOfRepository parts;
    private final Sections sections;
    private final Stems stems;
    private final Jobs jobs;
    private final Clock clock;

    TangleRecords(
            PoseRepository poses,
            RestRepository rests,
            RaisedPlateRepository plates,
            BowRepository bows,
            HiddenPartRepository hidden,
            KerfRepository kerfs,
            DragLineRepository lines,
            TiedOffRepository tied,
            PartOfRepository parts,
            Sections sections,
            Stems stems,
            Jobs jobs,
            Clock clock) {
        this.clock = clock;
        this.poses = poses;
        this.rests = rests;
        this.plates = plates;
        this.bows = bows;
        this.hidden = hidden;
        this.kerfs = kerfs;
        this.lines = lines;
        this.tied = tied;
        this.parts = parts;
        this.sections = sections;
        this.stems = stems;
        this.jobs = jobs;
    }

    /** Who saw something, and when. */
    public record Seen(String who, Instant at) {}

    /** Something that was seen. */
    public record Noted<T>(T what, Seen seen) {}

    /** A pose and how it was taken. */
    public record TakenPose(Pose pose, Pose.TakenHow how) {}

    /**
     * All that counts now, by stem id.
     *
     * @param sections how many pieces were cut off each while it hung
     * @param parts what was torn from another stem
     * @param kerfs what a first cut showed since its stem was last looked at
     * @param rests those that were not ended, each with its stem's label in it
     */
    public record Now(
            Map<String, Noted<TakenPose>> poses,
            List<Noted<Rest>> rests,
            Map<String, Noted<Member.Plate>> plates,
            Map<String, Noted<Member.Bow>> bows,
            Map<String, List<Noted<HiddenPart>>> hidden,
            Map<String, KerfReading> kerfs,
            Map<String, DragLine> lines,
            Map<String, TiedOff> tied,
            Map<String, Integer> sections,
            Map<String, Noted<PartOf>> parts) {}

    /** A part of a stem nobody saw. */
    public record HiddenPart(String id, Member.Hidden part) {}

    public Now now(String jobId) {
        Map<String, String> labels = new LinkedHashMap<>();
        stems.known(jobId).forEach(s -> labels.put(s.id(), s.reading().label()));
        Map<String, Noted<TakenPose>> pose = new LinkedHashMap<>();
        poses.findByJobIdOrderByAtAscIdAsc(jobId)
                .forEach(p -> pose.put(p.stemId, new Noted<>(pose(p), new Seen(p.who, p.at))));
        Map<String, Noted<Member.Plate>> plate = new LinkedHashMap<>();
        plates.findByJobIdOrderByAtAscIdAsc(jobId)
                .forEach(p -> plate.put(
                        p.stemId,
                        new Noted<>(new Member.Plate(p.widthM, p.heightM, p.thickM, p.psiDeg), new Seen(p.who, p.at))));
        Map<String, Noted<Member.Bow>> bow = new LinkedHashMap<>();
        bows.findByJobIdOrderByAtAscIdAsc(jobId)
                .forEach(b -> bow.put(b.stemId, new Noted<>(new Member.Bow(b.chordM, b.riseM), new Seen(b.who, b.at))));
        Map<String, List<Noted<HiddenPart>>> unseen = new LinkedHashMap<>();
        hidden.findByJobIdOrderByAtAscIdAsc(jobId).stream()
                .filter(h -> h.endedAt == null)
                .forEach(h -> unseen.computeIfAbsent(h.stemId, id -> new java.util.ArrayList<>())
                        .add(new Noted<>(
                                new HiddenPart(h.id, new Member.Hidden(h.fromM, h.toM)), new Seen(h.who, h.at))));
        List<Noted<Rest>> touching = rests.findByJobIdOrderByAtAscIdAsc(jobId).stream()
                .filter(r -> r.endedAt == null && labels.containsKey(r.stemId))
                .map(r -> new Noted<>(rest(r, labels.getOrDefault(r.stemId, "")), new Seen(r.who, r.at)))
                .toList();
        Map<String, DragLine> line = new LinkedHashMap<>();
        lines.findByJobIdOrderByAtAscIdAsc(jobId).forEach(l -> line.put(l.stemId, line(l)));
        Map<String, TiedOff> off = new LinkedHashMap<>();
        tied.findByJobIdOrderByAtAscIdAsc(jobId)
                .forEach(t -> off.put(t.stemId, new TiedOff(new Spot(t.anchorE, t.anchorN), t.lineM, t.tieFromButtM)));
        Map<String, Noted<PartOf>> torn = new LinkedHashMap<>();
        parts.findByJobIdOrderByAtAscIdAsc(jobId)
                .forEach(p -> torn.put(
                        p.stemId,
                        new Noted<>(
                                new PartOf(p.kind, Require.present(labels, p.ofStemId), p.atM),
                                new Seen(p.who, p.at))));
        return new Now(
                pose, touching, plate, bow, unseen, kerfs(jobId, pose), line, off, sections.counted(jobId), torn);
    }

    /** A kerf tells until the stem is looked at anew: a later pose, or a rest that was entered or ended since. */
    private Map<String, KerfReading> kerfs(String jobId, Map<String, Noted<TakenPose>> pose) {
        List<RestEntity> all = rests.findByJobIdOrderByAtAscIdAsc(jobId);
        Map<String, KerfReading> told = new LinkedHashMap<>();
        for (KerfEntity k : kerfs.findByJobIdOrderByAtAscIdAsc(jobId)) {
            boolean lookedSince = Optional.ofNullable(pose.get(k.stemId))
                            .filter(p -> p.seen().at().isAfter(k.at))
                            .isPresent()
                    || all.stream()
                            .filter(r -> r.stemId.equals(k.stemId))
                            .anyMatch(r -> r.at.isAfter(k.at) || r.endedAt != null && r.endedAt.isAfter(k.at));
            if (lookedSince) {
                told.remove(k.stemId);
            } else {
                told.put(k.stemId, new KerfReading(k.xM, k.did));
            }
        }
        return told;
    }

    private static DragLine line(DragLineEntity l) {
        return new DragLine(
                new Spot(l.winchE, l.winchN),
                l.redirectE == null || l.redirectN == null
                        ? Optional.empty()
                        : Optional.of(new Spot(l.redirectE, l.redirectN)));
    }

    /** The line by which a stem is to be dragged away. */
    public void line(String jobId, String stemId, DragLine line, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        DragLineEntity l = new DragLineEntity();
        l.seen(jobId, stemId, who.name(), clock.instant());
        l.winchE = line.winch().eastM();
        l.winchN = line.winch().northM();
        l.redirectE = line.redirect().map(Spot::eastM).orElse(null);
        l.redirectN = line.redirect().map(Spot::northM).orElse(null);
        lines.saveAndFlush(l);
        jobs.touched(jobId, Change.TANGLE);
    }

    /** The line a stem is tied off with; a later entry counts in place of this one. */
    public void tiedOff(String jobId, String stemId, TiedOff line, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        TiedOffEntity t = new TiedOffEntity();
        t.seen(jobId, stemId, who.name(), clock.instant());
        t.anchorE = line.anchor().eastM();
        t.anchorN = line.anchor().northM();
        t.lineM = line.lineM();
        t.tieFromButtM = line.tieFromButtM();
        tied.saveAndFlush(t);
        jobs.touched(jobId, Change.TANGLE);
    }

    /** What a stem is part of. */
    void partOf(String jobId, String stemId, String ofStemId, PartOf part, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        PartOfEntity p = new PartOfEntity();
        p.seen(jobId, stemId, who.name(), clock.instant());
        p.ofStemId = ofStemId;
        p.kind = part.kind();
        p.atM = part.atM();
        parts.saveAndFlush(p);
        jobs.touched(jobId, Change.TANGLE);
    }

    /** What the kerf of a first cut did. */
    public void kerf(String jobId, String stemId, KerfReading reading, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        KerfEntity k = new KerfEntity();
        k.seen(jobId, stemId, who.name(), clock.instant());
        k.xM = reading.xM();
        k.did = reading.did();
        kerfs.saveAndFlush(k);
        jobs.touched(jobId, Change.TANGLE);
    }

    private static TakenPose pose(PoseEntity p) {
        return new TakenPose(
                new Pose(
                        new Pose.End(new Spot(p.buttE, p.buttN), p.buttHeightM),
                        new Pose.End(new Spot(p.tipE, p.tipN), p.tipHeightM),
                        p.sigmaM),
                p.takenHow);
    }

    private static Rest rest(RestEntity r, String label) {
        return new Rest(
                r.id,
                label,
                r.xM,
                r.restsOn,
                Optional.ofNullable(r.other),
                r.side,
                r.gapM,
                Optional.ofNullable(r.fibres),
                r.certainty);
    }

    void pose(String jobId, String stemId, TakenPose taken, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        PoseEntity p = new PoseEntity();
        p.seen(jobId, stemId, who.name(), clock.instant());
        p.buttE = taken.pose.butt().at().eastM();
        p.buttN = taken.pose.butt().at().northM();
        p.buttHeightM = taken.pose.butt().heightM();
        p.tipE = taken.pose.tip().at().eastM();
        p.tipN = taken.pose.tip().at().northM();
        p.tipHeightM = taken.pose.tip().heightM();
        p.takenHow = taken.how;
        p.sigmaM = taken.pose.sigmaM();
        poses.saveAndFlush(p);
        jobs.touched(jobId, Change.TANGLE);
    }

    String rest(String jobId, String stemId, Rest rest, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        RestEntity r = new RestEntity();
        r.seen(jobId, stemId, who.name(), clock.instant());
        r.xM = rest.xM();
        r.restsOn = rest.on();
        r.other = rest.other().orElse(null);
        r.side = rest.side();
        r.gapM = rest.gapM();
        r.fibres = rest.fibres().orElse(null);
        r.certainty = rest.certainty();
        rests.saveAndFlush(r);
        jobs.touched(jobId, Change.TANGLE);
        return r.id;
    }

    /** It no longer touches there; what was seen stays in the book. */
    public void endRest(String jobId, String id, SignedIn who) {
        RestEntity r = rests.findById(id).filter(x -> x.stands(jobId)).orElseThrow(NotThere::new);
        r.end(who.name(), clock.instant());
        rests.saveAndFlush(r);
        jobs.touched(jobId, Change.TANGLE);
    }

    public void plate(String jobId, String stemId, Member.Plate plate, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        RaisedPlateEntity p = new RaisedPlateEntity();
        p.seen(jobId, stemId, who.name(), clock.instant());
        p.widthM = plate.widthM();
        p.heightM = plate.heightM();
        p.thickM = plate.thickM();
        p.psiDeg = plate.psiDeg();
        plates.saveAndFlush(p);
        jobs.touched(jobId, Change.TANGLE);
    }

    public void bow(String jobId, String stemId, Member.Bow bow, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        BowEntity b = new BowEntity();
        b.seen(jobId, stemId, who.name(), clock.instant());
        b.chordM = bow.chordM();
        b.riseM = bow.riseM();
        bows.saveAndFlush(b);
        jobs.touched(jobId, Change.TANGLE);
    }

    public String hidden(String jobId, String stemId, Member.Hidden part, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        HiddenPartEntity h = new HiddenPartEntity();
        h.seen(jobId, stemId, who.name(), clock.instant());
        h.fromM = part.fromM();
        h.toM = part.toM();
        hidden.saveAndFlush(h);
        jobs.touched(jobId, Change.TANGLE);
        return h.id;
    }

    /** Somebody looked at it. */
    public void endHidden(String jobId, String id, SignedIn who) {
        HiddenPartEntity h = hidden.findById(id).filter(x -> x.stands(jobId)).orElseThrow(NotThere::new);
        h.end(who.name(), clock.instant());
        hidden.saveAndFlush(h);
        jobs.touched(jobId, Change.TANGLE);
    }
}
