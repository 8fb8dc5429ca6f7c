package org.antevid.app.takedown;

import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.antevid.app.house.House;
import org.antevid.app.house.Kits;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Places;
import org.antevid.app.problem.NotThere;
import org.antevid.app.problem.Stale;
import org.antevid.app.stem.Stems;
import org.antevid.app.takedown.store.ClimbersNoEntity;
import org.antevid.app.takedown.store.ClimbersNoRepository;
import org.antevid.app.takedown.store.TakedownEntity;
import org.antevid.app.takedown.store.TakedownRepository;
import org.antevid.core.crew.Work;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.crew.PieceSteps;
import org.antevid.core.judge.takedown.NextOfPieces;
import org.antevid.core.judge.takedown.PieceJudged;
import org.antevid.core.judge.takedown.PieceOverTarget;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Site;
import org.antevid.core.stem.MissingFact;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.WeighedBefore;
import org.antevid.core.takedown.pieces.Aloft;
import org.antevid.core.takedown.pieces.AnchorTree;
import org.antevid.core.takedown.pieces.Below;
import org.antevid.core.takedown.pieces.Cut;
import org.antevid.core.takedown.pieces.CutFigure;
import org.antevid.core.takedown.pieces.Fallback;
import org.antevid.core.takedown.pieces.GuyCheck;
import org.antevid.core.takedown.pieces.Piece;
import org.antevid.core.takedown.pieces.Proposal;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.words.Answer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Stems that come down in pieces: what was planned of each, newest first to count. */
@Service
@Transactional
public class Takedowns {
    private final TakedownRepository takedowns;
    private final ClimbersNoRepository noes;
    private final Stems stems;
    private final Places places;
    private final Kits kits;
    private final House house;
    private final Jobs jobs;
    private final People people;
    private final DoneWork doneWork;
    private final Clock clock;

    Takedowns(
            TakedownRepository takedowns,
            ClimbersNoRepository noes,
            Stems stems,
            Places places,
            Kits kits,
            House house,
            Jobs jobs,
            People people,
            DoneWork doneWork,
            Clock clock) {
        this.takedowns = takedowns;
        this.noes = noes;
        this.stems = stems;
        this.places = places;
        this.kits = kits;
        this.house = house;
        this.jobs = jobs;
        this.people = people;
        this.doneWork = doneWork;
        this.clock = clock;
    }

    /**
     * A plan and what it comes to.
     *
     * @param id of the plan that counts; empty while none was kept
     * @param since how it differs from the plan that counts
     * @param site what is round it
     * @param missing what has to be measured or looked at first
     * @param reckoned who may be up there by the records
     * @param plan empty while something is missing
     * @param anchors trees that stand beside it, the nearest first
     */
    public record Reckoned(
            Optional<String> id,
            StemReading stem,
            Site site,
            Planned planned,
            NextOfPieces.SinceKept since,
            List<MissingFact> missing,
            Aloft reckoned,
            Optional<TakeDown> plan,
            Optional<Situation.ClimbersNo> saidNo,
            Optional<GuyCheck> guy,
            List<AnchorTree> anchors) {
        /** @return each piece with what stands against it; none while something is missing */
        public List<PieceJudged> judged() {
            return plan.map(t -> PieceJudged.all(t, site, stem.at())).orElse(List.of());
        }
    }

    public Reckoned of(String jobId, String stemId) {
        StemReading stem = stems.known(jobId, stemId).reading();
        Optional<TakedownEntity> kept = kept(jobId, stemId);
        Planned planned = kept.map(KeptPlan::planned).orElse(Planned.NOTHING);
        return reckon(jobId, stemId, kept, stem, planned);
    }

    /** What a plan would come to; nothing is kept. */
    public Reckoned preview(String jobId, String stemId, Planned planned) {
        StemReading stem = stems.known(jobId, stemId).reading();
        return reckon(jobId, stemId, kept(jobId, stemId), stem, planned);
    }

    /** The fewest pieces that every link allows, with these limbs and this gear; nothing is kept. */
    public Reckoned propose(String jobId, String stemId, Planned planned) {
        StemReading stem = stems.known(jobId, stemId).reading();
        if (!CutFigure.missing(stem).isEmpty()) {
            return preview(jobId, stemId, planned.with(List.of()));
        }
        Site site = places.site(jobId);
        return preview(
                jobId,
                stemId,
                planned.with(Proposal.of(
                        CutFigure.of(stem, planned.limbs(), site.today()),
                        allowed(stem, planned),
                        planned.gear().of(kits, LocalDate.now(clock)),
                        below(jobId, planned),
                        house.rules().aloft(),
                        down(jobId, stem, kept(jobId, stemId)),
                        p -> PieceOverTarget.mayEnd(site, stem.at(), p, planned.bed()))));
    }

    /**
     * The rest planned anew with what was chosen for the climber's No; nothing is kept.
     *
     * @throws RefusedInput while nothing is chosen
     */
    public Reckoned instead(String jobId, String stemId, Planned planned) {
        return propose(
                jobId,
                stemId,
                planned.instead(planned.fallback().orElseThrow(() -> new RefusedInput(Refusal.NEEDED, "fallback"))));
    }

    private Optional<TakedownEntity> kept(String jobId, String stemId) {
        return takedowns.findFirstByJobIdAndStemIdOrderByAtDescIdDesc(jobId, stemId);
    }

    /** @return the cuts of the plan that counts that are made, from the first */
    private List<Cut> down(String jobId, StemReading stem, Optional<TakedownEntity> kept) {
        List<Work> done = kept.isEmpty() ? List.of() : doneWork.done(jobId, stem.label());
        if (done.isEmpty()) {
            return List.of();
        }
        Planned p = kept.map(KeptPlan::planned).orElseThrow();
        TakeDown plan = plan(jobId, stem, p);
        return p.cuts().subList(0, PieceSteps.down(plan, done));
    }

    private TakeDown plan(String jobId, StemReading stem, Planned p) {
        return TakeDown.of(
                CutFigure.of(stem, p.limbs(), places.site(jobId).today()),
                allowed(stem, p),
                p.climb(),
                p.cuts(),
                p.gear().of(kits, LocalDate.now(clock)),
                below(jobId, p),
                house.rules().aloft());
    }

    /**
     * A piece shortened to what every link allows; nothing is kept.
     *
     * @throws RefusedInput for a piece that is not limited, or that no length is short enough for
     */
    public Reckoned shorten(String jobId, String stemId, Planned planned, int piece) {
        TakeDown plan = preview(jobId, stemId, planned)
                .plan
                .orElseThrow(() -> new RefusedInput(Refusal.NOTHING_LEFT_THERE, "piece"));
        return preview(jobId, stemId, planned.with(plan.shortened(piece)));
    }

    private Reckoned reckon(
            String jobId, String stemId, Optional<TakedownEntity> kept, StemReading stem, Planned planned) {
        List<MissingFact> missing = CutFigure.missing(stem);
        List<Cut> down = missing.isEmpty() ? down(jobId, stem, kept) : List.of();
        if (planned.cuts().size() < down.size()
                || !planned.cuts().subList(0, down.size()).equals(down)) {
            throw new RefusedInput(Message.of(Refusal.PIECES_ARE_DOWN).with("count", Arg.count(down.size())), "cuts");
        }
        Optional<TakeDown> plan = Optional.of(stem)
                .filter(s -> missing.isEmpty())
                .map(s -> plan(jobId, s, planned).after(down.size()));
        List<StemReading> all =
                stems.known(jobId).stream().map(Stems.ChosenReading::reading).toList();
        return new Reckoned(
                kept.map(k -> k.id),
                stem,
                places.site(jobId),
                planned,
                planned.since(kept.map(KeptPlan::planned).orElse(Planned.NOTHING)),
                missing,
                Aloft.of(stem),
                plan,
                standingNo(jobId, stemId, kept, planned),
                plan.flatMap(p -> planned.guy()
                        .map(g -> GuyCheck.of(
                                p,
                                ChosenGear.guy(kits, g, LocalDate.now(clock)),
                                stem,
                                all,
                                jobs.job(jobId).ground()))),
                AnchorTree.of(stem, all));
    }

    /** @return what a piece would be reckoned at if nothing had been weighed before; empty while it is not planned */
    Optional<Double> bareKg(String jobId, String stemId, int piece) {
        StemReading bare = stems.known(jobId, stemId).reading().weighed(WeighedBefore.NOTHING);
        Optional<TakedownEntity> kept = kept(jobId, stemId);
        return kept.flatMap(k -> reckon(jobId, stemId, kept, bare, KeptPlan.planned(k)).plan).stream()
                .flatMap(p -> p.pieces().stream())
                .filter(p -> p.number() == piece)
                .map(Piece::massKg)
                .findFirst();
    }

    private static Aloft allowed(StemReading stem, Planned planned) {
        Aloft reckoned = Aloft.of(stem);
        return planned.said().map(reckoned::said).orElse(reckoned);
    }

    private Below below(String jobId, Planned planned) {
        Jobs.Job c = jobs.job(jobId);
        return new Below(planned.surface(), c.ground().slopeDeg(), c.windLimitMs(), c.windLimitMs(), planned.bed());
    }

    /**
     * @param replaces id of the plan it was made from; null for the first
     * @throws Stale if somebody kept another one meanwhile
     */
    public String keep(String jobId, String stemId, Planned p, @Nullable String replaces, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        Reckoned r = preview(jobId, stemId, p);
        Optional<TakedownEntity> kept = kept(jobId, stemId);
        if (!Objects.equals(kept.map(k -> k.id).orElse(null), replaces)) {
            throw new Stale(Message.of(Answer.PIECES_CHANGED_SINCE)
                    .with("stem", Arg.name(r.stem.label()))
                    .with("who", Arg.name(kept.map(k -> k.who).orElse(""))));
        }
        if (p.fallback().filter(Fallback.AGREED_DAMAGE::equals).isPresent()
                && p.agreedWith().isEmpty()) {
            throw new RefusedInput(Refusal.NEEDED, "agreedWith");
        }
        if (!r.missing.isEmpty()) {
            throw new RefusedInput(
                    "NOT_KNOWN",
                    "stem",
                    Message.of(Answer.MEASURE_BEFORE_PIECES).with("missing", Arg.terms(r.missing)));
        }
        TakedownEntity e = KeptPlan.entity(p);
        e.id = UUID.randomUUID().toString();
        e.jobId = jobId;
        e.stemId = stemId;
        e.who = who.name();
        e.at = clock.instant();
        takedowns.saveAndFlush(e);
        jobs.touched(jobId, Change.TANGLE);
        return e.id;
    }

    /** @return every stem of the job with a plan of pieces that can be reckoned, as the rules see it */
    public List<Situation.TakenDown> all(String jobId) {
        Map<String, TakedownEntity> newest = new LinkedHashMap<>();
        takedowns.findByJobIdOrderByAtAscIdAsc(jobId).forEach(e -> newest.put(e.stemId, e));
        return stems.known(jobId).stream()
                .filter(s -> !s.reading().state().gone())
                .flatMap(s -> Optional.ofNullable(newest.get(s.id())).stream()
                        .map(e -> reckon(jobId, s.id(), Optional.of(e), s.reading(), KeptPlan.planned(e))))
                .flatMap(r -> r.plan.stream()
                        .map(p -> new Situation.TakenDown(
                                r.stem.label(),
                                p,
                                r.reckoned,
                                r.planned.climber(),
                                r.saidNo,
                                Optional.empty(),
                                r.guy,
                                r.planned.climb().overdue((int)
                                        LocalDate.now(clock).toEpochDay()))))
                .toList();
    }

    /** A No stands until its climber takes it back or the plan is made anew. */
    private Optional<Situation.ClimbersNo> standingNo(
            String jobId, String stemId, Optional<TakedownEntity> kept, Planned planned) {
        return noes.findByJobIdAndEndedAtIsNullOrderByAtAscIdAsc(jobId).stream()
                .filter(n -> n.stemId.equals(stemId))
                .filter(n -> kept.filter(k -> madeAnew(jobId, n, k)).isEmpty())
                .reduce((a, b) -> b)
                .map(n -> new Situation.ClimbersNo(
                        people.person(n.climberId).name(), n.atM, planned.fallback(), planned.agreedWith()));
    }

    /** The same plan kept once more is none that was made anew. */
    private boolean madeAnew(String jobId, ClimbersNoEntity n, TakedownEntity kept) {
        return kept.at.isAfter(n.at)
                && takedowns.findByJobIdOrderByAtAscIdAsc(jobId).stream()
                        .filter(k -> k.stemId.equals(n.stemId) && !k.at.isAfter(n.at))
                        .reduce((a, b) -> b)
                        .filter(was -> KeptPlan.planned(was).sameWay(KeptPlan.planned(kept)))
                        .isEmpty();
    }

    /** A No that stands, of a stem by its label. */
    public record StandingNo(String stem, Situation.ClimbersNo no, boolean mine) {}

    /** @return each that stands */
    @Transactional(readOnly = true)
    public List<StandingNo> noes(String jobId, SignedIn who) {
        return stems.known(jobId).stream()
                .flatMap(s -> {
                    Optional<TakedownEntity> kept =
                            takedowns.findFirstByJobIdAndStemIdOrderByAtDescIdDesc(jobId, s.id());
                    return kept
                            .flatMap(k -> standingNo(jobId, s.id(), kept, KeptPlan.planned(k))
                                    .map(no -> new StandingNo(
                                            s.reading().label(),
                                            no,
                                            who.personId().equals(k.climberId))))
                            .stream();
                })
                .toList();
    }

    /** The same as {@link #takesBack} of a stem by its label. */
    public void takesBackOf(String jobId, String label, SignedIn who) {
        takesBack(jobId, idOf(jobId, label), who);
    }

    private String idOf(String jobId, String label) {
        return stems.known(jobId).stream()
                .filter(s -> s.reading().label().equals(label))
                .findFirst()
                .orElseThrow(NotThere::new)
                .id();
    }

    /** The same of a stem by its label. */
    public String saysNoTo(String jobId, String label, double atM, SignedIn who) {
        return saysNo(jobId, idOf(jobId, label), atM, who);
    }

    /** The climber says No, or gives the sign and somebody enters it. */
    public String saysNo(String jobId, String stemId, double atM, SignedIn who) {
        String climber = takedowns
                .findFirstByJobIdAndStemIdOrderByAtDescIdDesc(jobId, stemId)
                .flatMap(k -> Optional.ofNullable(k.climberId))
                .orElseThrow(() -> new RefusedInput("NO_CLIMBER", "climber", Message.of(Answer.NO_CLIMBER_NAMED)));
        Require.within(atM, 0, 120, "atM");
        ClimbersNoEntity n = new ClimbersNoEntity();
        n.id = UUID.randomUUID().toString();
        n.jobId = jobId;
        n.stemId = stemId;
        n.climberId = climber;
        n.atM = atM;
        n.who = who.name();
        n.at = clock.instant();
        noes.saveAndFlush(n);
        jobs.touched(jobId, Change.TANGLE);
        return n.id;
    }

    /** @throws RefusedInput for anybody but the climber who said it */
    public void takesBack(String jobId, String stemId, SignedIn who) {
        for (ClimbersNoEntity n : noes.findByJobIdAndEndedAtIsNullOrderByAtAscIdAsc(jobId)) {
            if (n.stemId.equals(stemId)) {
                if (!n.climberId.equals(who.personId())) {
                    throw new RefusedInput(
                            "NOT_YOUR_NO",
                            "climber",
                            Message.of(Answer.ONLY_CLIMBER_TAKES_BACK)
                                    .with(
                                            "who",
                                            Arg.name(people.person(n.climberId).name())));
                }
                n.endedBy = who.name();
                n.endedAt = clock.instant();
                noes.saveAndFlush(n);
            }
        }
        jobs.touched(jobId, Change.TANGLE);
    }
}
