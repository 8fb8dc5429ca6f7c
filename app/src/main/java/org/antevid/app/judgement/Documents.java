package org.antevid.app.judgement;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.antevid.app.job.JobCache;
import org.antevid.app.job.Jobs;
import org.antevid.app.lay.Lays;
import org.antevid.app.place.Places;
import org.antevid.app.place.Surroundings;
import org.antevid.app.stem.Stems;
import org.antevid.core.brief.BriefedTurns;
import org.antevid.core.brief.CutPart;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.brief.ReleaseCard;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.cutting.CutStep;
import org.antevid.core.cutting.Pull;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.crew.PieceSteps;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.Obstacles;
import org.antevid.core.lay.spread.AimRecord;
import org.antevid.core.lay.spread.LossRecord;
import org.antevid.core.learn.Matches;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.retreat.WayOut;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.MassRecord;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.WeighedBefore;
import org.antevid.core.tangle.picture.Picture;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes the plan down as the document that a briefing freezes. */
@Service
@Transactional(readOnly = true)
public class Documents {
    private final Judgement judgement;
    private final Jobs jobs;
    private final Places places;
    private final Stems stems;
    private final Lays lays;
    private final Surroundings surroundings;
    private final JobCache kept;
    private final ObjectProvider<LearnedChecks> checks;

    Documents(
            Judgement judgement,
            Jobs jobs,
            Places places,
            Stems stems,
            Lays lays,
            Surroundings surroundings,
            JobCache kept,
            ObjectProvider<LearnedChecks> checks) {
        this.checks = checks;
        this.judgement = judgement;
        this.jobs = jobs;
        this.places = places;
        this.stems = stems;
        this.lays = lays;
        this.surroundings = surroundings;
        this.kept = kept;
    }

    /** @return the plan as it would be frozen now */
    public PlanDocument of(String jobId) {
        Judgement.Outside outside = judgement.outside();
        return kept.ofPlan(
                jobId, new Judgement.QuestionKey(Judgement.Question.DOCUMENT, outside), () -> make(jobId, outside));
    }

    private PlanDocument make(String jobId, Judgement.Outside outside) {
        Situation s = judgement.situation(jobId, outside);
        Jobs.Job job = jobs.job(jobId);
        Map<String, Lays.StemChoice> chosen =
                lays.chosen(jobId).stream().collect(Collectors.toMap(Lays.StemChoice::stemId, Function.identity()));
        List<PlanDocument.Thing> things = places.features(jobId).stream()
                .map(f -> new PlanDocument.Thing(
                        f.id(),
                        f.entry().name(),
                        f.entry().kind(),
                        f.entry().form().name(),
                        f.entry().outline(),
                        f.entry().radiusM(),
                        f.entry().worth(),
                        f.entry().mayBeHit(),
                        f.entry().protection(),
                        f.entry().protectedBy()))
                .toList();
        List<PlanDocument.StemPart> parts = stems.known(jobId).stream()
                .map(k -> stem(s, k, Optional.ofNullable(chosen.get(k.id()))))
                .toList();
        Map<String, String> names = s.people().stream().collect(Collectors.toMap(Person::id, Person::name));
        List<PlanDocument.StepPart> steps =
                s.steps().stream().map(st -> step(s, st, names)).toList();
        return new PlanDocument(
                job.name(),
                job.windLimitMs(),
                job.ground().slopeDeg(),
                job.ground().downhillDeg(),
                things,
                parts,
                steps,
                surroundings.state(jobId).card(),
                surroundings.state(jobId).day().hours().radioChannel());
    }

    private static PlanDocument.StemPart stem(Situation s, Stems.ChosenReading k, Optional<Lays.StemChoice> chosen) {
        Optional<LayPlan> plan = s.stem(k.reading().label()).flatMap(Situation.StemFacts::lay);
        Optional<PlanDocument.LayPart> lay =
                chosen.filter(Lays.StemChoice::fixed).flatMap(c -> plan.map(p -> lay(s, k, c, p)));
        List<Spot> beneath = s.hangs().stream()
                .filter(h -> h.hung().equals(k.reading().label()))
                .findFirst()
                .map(h -> h.beneath().outline())
                .orElse(List.of());
        return new PlanDocument.StemPart(
                k.reading().label(),
                k.reading().species(),
                k.reading().state(),
                k.reading().at(),
                k.reading().height().map(h -> Rounding.up(h.high(), 1)),
                lay,
                beneath,
                closed(s, k));
    }

    private static PlanDocument.LayPart lay(Situation s, Stems.ChosenReading k, Lays.StemChoice c, LayPlan p) {
        CutPlan cut = CutPlan.of(p, s.site());
        return new PlanDocument.LayPart(
                p.choice().layDeg(),
                Rounding.up(p.zone().designReachM(), 1),
                Rounding.up(p.zone().exclusionM(), 0),
                p.fan().wholeCircle(),
                p.fanOutline(),
                c.dropZone(),
                ways(p),
                p.choice().school(),
                p.choice().means().kind(),
                p.control().biasDeg(),
                p.control().sigmaDeg(),
                p.card().hingeLengthM(),
                p.card().hingeThickM(),
                s.stem(k.reading().label()).orElseThrow().zones().stream()
                        .map(z -> new PlanDocument.ZonePart(z.kind(), z.area().outlines(), z.clippedBy()))
                        .toList(),
                Optional.of(CutPart.of(cut, hands(s.steps(), s.people(), p))),
                Optional.of(p.gustLimitMs(s.windLimitMs())),
                cut.pull().map(Pull::limits),
                p.judged()
                        .map(j -> new PlanDocument.SpreadPart(
                                p.choice().skill(),
                                j.control().spread().sawyerDeg(),
                                j.control().spread().biasHingeDeg(),
                                j.control().wood(),
                                k.reading()
                                        .height()
                                        .map(h -> h.value() - p.choice().cutHeightM()),
                                Optional.of(learned(p)),
                                BriefedTurns.of(p))));
    }

    private static PlanDocument.LearnedPart learned(LayPlan p) {
        WeighedBefore weighed = p.stem().more().weighed();
        return new PlanDocument.LearnedPart(
                p.learned()
                        .filter(AimRecord.Learned::used)
                        .map(AimRecord.Learned::falls)
                        .orElse(0),
                p.lost()
                        .filter(LossRecord.Learned::used)
                        .map(LossRecord.Learned::falls)
                        .orElse(0),
                weights(weighed.stem()),
                weights(weighed.crown()));
    }

    private static int weights(Optional<MassRecord.Learned> l) {
        return l.filter(MassRecord.Learned::used)
                .map(MassRecord.Learned::weights)
                .orElse(0);
    }

    private static Optional<PlanDocument.ClosedPart> closed(Situation s, Stems.ChosenReading k) {
        String label = k.reading().label();
        boolean down = k.reading().state() == StemState.HUNG || k.reading().state() == StemState.LYING;
        return s.place().tangle().filter(p -> down).flatMap(p -> Optional.ofNullable(
                        s.rings().get(label))
                .flatMap(ring -> p.member(label)
                        .map(m -> new PlanDocument.ClosedPart(
                                ring.reachM().map(r -> Rounding.up(r, 0)),
                                p.closed(m, ring, Situation.Hang.WHOLE_SLOPE_M).outline(),
                                m.pose().isPresent()
                                        ? m.axis()
                                        : List.of(m.reading().at())))));
    }

    /** @return who cuts this stem and who is at its line, as the steps name them */
    public static CutPart.Hands hands(List<Step> steps, List<Person> people, LayPlan p) {
        Role puller = p.choice().means().kind() == Means.Kind.MACHINE_LINE ? Role.WINCH : Role.GROUND;
        return new CutPart.Hands(named(steps, people, p, Role.CUTTER), named(steps, people, p, puller));
    }

    private static Optional<String> named(List<Step> steps, List<Person> people, LayPlan p, Role role) {
        return steps.stream()
                .filter(st -> st.kind() == Step.Kind.FELL
                        && st.stem().filter(p.stem().label()::equals).isPresent())
                .flatMap(st -> st.posts().stream())
                .filter(x -> x.role() == role)
                .findFirst()
                .flatMap(x -> people.stream()
                        .filter(y -> y.id().equals(x.personId()))
                        .map(Person::name)
                        .findFirst());
    }

    private static List<PlanDocument.WayPart> ways(LayPlan p) {
        return p.escape().routes().stream()
                .filter(EscapeRoutes.Route::open)
                .map(r -> new PlanDocument.WayPart(
                        r.side().wayName(),
                        r.way().orElseThrow().azimuthDeg(),
                        r.way().orElseThrow().lengthM(),
                        p.onPlan(r.way().orElseThrow())))
                .toList();
    }

    private PlanDocument.StepPart step(Situation s, Step st, Map<String, String> names) {
        List<PlanDocument.PostPart> posts = new ArrayList<>();
        Optional<Situation.StemFacts> stem = st.stem().flatMap(s::stem);
        for (Step.Post p : st.posts()) {
            Optional<LayPlan> lay = stem.flatMap(Situation.StemFacts::lay).filter(l -> st.kind() == Step.Kind.FELL);
            boolean atStump = p.role() == Role.CUTTER && lay.isPresent();
            Optional<Spot> stand = atStump ? stem.map(f -> f.reading().at()) : p.stand();
            List<PlanDocument.WayPart> ways = atStump
                    ? ways(lay.get())
                    : stand.flatMap(at -> stem.map(
                                    f -> wayOut(s.site(), at, f.reading().at(), keepOut(s, st, lay))))
                            .orElse(List.of());
            posts.add(new PlanDocument.PostPart(
                    p.personId(), names.getOrDefault(p.personId(), "?"), p.role(), stand, ways));
        }
        return new PlanDocument.StepPart(
                st.id(),
                st.turn(),
                st.kind(),
                st.stem(),
                st.startMin(),
                st.endMin(),
                posts,
                ticks(s, st),
                st.work(),
                st.kit(),
                st.done(),
                PieceSteps.briefed(s, st));
    }

    private List<CutStep> ticks(Situation s, Step st) {
        return switch (st.kind()) {
            case FELL -> st.stem().flatMap(s::stem).map(this::learned).orElse(List.of());
            case RELEASE ->
                s.place()
                        .tangle()
                        .flatMap(Picture::release)
                        .flatMap(r -> st.stem().map(l -> ReleaseCard.of(r, l, id -> called(s, id))))
                        .orElse(List.of());
            case CROSSCUT, CLEAR, PREPARE, ALOFT -> List.of();
        };
    }

    private List<CutStep> learned(Situation.StemFacts stem) {
        return Optional.ofNullable(checks.getIfAvailable())
                .flatMap(c -> Matches.work(stem.reading(), stem.lay().map(LayPlan::choice))
                        .map(c::at))
                .orElse(List.of());
    }

    /** What a thing of the place is called; a stem goes by its label. */
    private static String called(Situation s, String id) {
        return s.site().features().stream()
                .filter(f -> f.id().equals(id))
                .map(Feature::name)
                .findFirst()
                .orElse(id);
    }

    private static double keepOut(Situation s, Step st, Optional<LayPlan> lay) {
        return lay.map(l -> l.zone().exclusionM()).orElseGet(() -> s.hangs().stream()
                .filter(h -> st.stem().filter(h.hung()::equals).isPresent())
                .mapToDouble(Situation.Hang::keepOutM)
                .max()
                .orElse(0));
    }

    private static List<PlanDocument.WayPart> wayOut(Site site, Spot stand, Spot stump, double ringM) {
        try {
            WayOut w = WayOut.of(stand, stump, ringM, Obstacles.around(site, stand));
            return List.of(new PlanDocument.WayPart(
                    "E",
                    w.azimuthDeg(),
                    Rounding.up(w.lengthM(), 0),
                    List.of(stand, stand.at(w.azimuthDeg(), w.lengthM()))));
        } catch (RefusedInput e) {
            return List.of();
        }
    }
}
