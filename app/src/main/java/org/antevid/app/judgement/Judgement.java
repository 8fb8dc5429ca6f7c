package org.antevid.app.judgement;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.antevid.app.crew.Crews;
import org.antevid.app.house.House;
import org.antevid.app.house.Kits;
import org.antevid.app.instrument.Anemometer;
import org.antevid.app.instrument.Bulletin;
import org.antevid.app.job.Change;
import org.antevid.app.job.JobCache;
import org.antevid.app.job.Jobs;
import org.antevid.app.judgement.store.AcknowledgementEntity;
import org.antevid.app.judgement.store.AcknowledgementRepository;
import org.antevid.app.judgement.store.OpinionEntity;
import org.antevid.app.judgement.store.OpinionRepository;
import org.antevid.app.lay.Lays;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.app.people.Way;
import org.antevid.app.place.Surroundings;
import org.antevid.app.problem.NotAllowed;
import org.antevid.app.problem.NotThere;
import org.antevid.app.stem.Stems;
import org.antevid.app.takedown.Cranes;
import org.antevid.app.tangle.Tangles;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.WorkDay;
import org.antevid.core.judge.Clearance;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.SecondOpinion;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.all.Findings;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Site;
import org.antevid.core.stem.Verdict;
import org.antevid.core.tangle.picture.Picture;
import org.antevid.words.Answer;
import org.antevid.words.Manner;
import org.antevid.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The plan of a job put together from all stages, and what the rules say about it now. */
@Service
@Transactional
public class Judgement {
    private static final Duration OLDEST_CALL = Duration.ofDays(1);
    private static final int FEWEST_DIGITS = 6;
    private final Jobs jobs;
    private final People people;
    private final House house;
    private final Stems stems;
    private final Lays lays;
    private final Tangles tangles;
    private final Cranes cranes;
    private final Crews crews;
    private final Anemometer anemometer;
    private final Bulletin bulletin;
    private final Surroundings surroundings;
    private final OpinionRepository opinions;
    private final AcknowledgementRepository acknowledgements;
    private final JobCache kept;
    private final Kits kits;
    private final Clock clock;

    Judgement(
            Jobs jobs,
            People people,
            House house,
            Stems stems,
            Lays lays,
            Tangles tangles,
            Cranes cranes,
            Crews crews,
            Anemometer anemometer,
            Bulletin bulletin,
            Surroundings surroundings,
            OpinionRepository opinions,
            AcknowledgementRepository acknowledgements,
            JobCache kept,
            Kits kits,
            Clock clock) {
        this.clock = clock;
        this.kits = kits;
        this.jobs = jobs;
        this.people = people;
        this.house = house;
        this.stems = stems;
        this.lays = lays;
        this.tangles = tangles;
        this.cranes = cranes;
        this.crews = crews;
        this.anemometer = anemometer;
        this.bulletin = bulletin;
        this.surroundings = surroundings;
        this.opinions = opinions;
        this.acknowledgements = acknowledgements;
        this.kept = kept;
    }

    /**
     * What the situation rests on beside the records: while these are the same, it is the same. Looked at once for each
     * question, and every part of the answer is made from it: a gust that comes in between belongs to the next
     * question.
     */
    public record Outside(Estimate gustMs, double fromDeg, Bulletin.Issue forecast, LocalDate day) {}

    /** The answers kept for a job, each with what it rests on. */
    record QuestionKey(Question question, Outside outside) {}

    enum Question {
        SITUATION,
        FINDINGS,
        DOCUMENT
    }

    public Outside outside() {
        return outside(anemometer.now());
    }

    public Outside outside(Anemometer.Reading wind) {
        return new Outside(
                wind.gustMs(),
                wind.fromDeg(),
                bulletin.now(),
                LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()));
    }

    public Situation situation(String jobId) {
        return situation(jobId, outside());
    }

    public Situation situation(String jobId, Outside outside) {
        return kept.ofPlan(jobId, new QuestionKey(Question.SITUATION, outside), () -> makeSituation(jobId, outside));
    }

    private Situation makeSituation(String jobId, Outside outside) {
        List<Situation.StemFacts> facts = new ArrayList<>();
        Site site = lays.site(jobId, outside.gustMs());
        List<Stems.ChosenReading> known = stems.known(jobId);
        Map<String, Lays.StemChoice> lay =
                lays.chosen(jobId).stream().collect(Collectors.toMap(Lays.StemChoice::stemId, Function.identity()));
        for (Stems.ChosenReading s : known) {
            Optional<Lays.StemChoice> chosen = Optional.ofNullable(lay.get(s.id()));
            Optional<LayPlan> plan =
                    chosen.filter(c -> s.reading().canBeLaid()).map(c -> lays.plan(s.reading(), site, c.choice()));
            facts.add(new Situation.StemFacts(
                    s.reading(),
                    plan,
                    chosen.map(Lays.StemChoice::fixed).orElse(false),
                    chosen.flatMap(Lays.StemChoice::zone),
                    chosen.map(Lays.StemChoice::zoneClips).orElse(List.of())));
        }
        Tangles.Tangle tangle = tangles.tangle(jobId);
        return new Situation(
                house.rules(),
                site,
                Optional.of(outside.gustMs()),
                jobs.job(jobId).windLimitMs(),
                facts,
                tangle.rings(),
                tangle.hangs(),
                crews.steps(jobId),
                crews.people(jobId),
                jobs.leaderOf(jobId),
                tangles.guards(jobId),
                circumstances(jobId, known, outside, tangle.picture()));
    }

    private Situation.Circumstances circumstances(
            String jobId, List<Stems.ChosenReading> known, Outside outside, Picture tangle) {
        Surroundings.State s = surroundings.state(jobId);
        Map<String, Verdict> chosen = known.stream()
                .filter(k -> k.chosen().isPresent())
                .collect(Collectors.toMap(
                        k -> k.reading().label(), k -> k.chosen().orElseThrow()));
        return new Situation.Circumstances(
                outside.forecast().hours(),
                s.day().ground(),
                s.day().light(),
                s.day().load(),
                s.permits(),
                s.card(),
                s.access(),
                surroundings.machines(jobId).stream()
                        .map(Surroundings.KnownMachine::machine)
                        .toList(),
                chosen,
                Optional.of(tangle),
                new WorkDay(
                        outside.day().toEpochDay(),
                        s.day().hours().lightUntilMin(),
                        kits.inspections(),
                        s.day().hours().radioChannel()),
                cranes.all(jobId));
    }

    /** @return findings worst first, with what opinions and acknowledgements have cleared */
    public List<Finding> findings(String jobId) {
        return findings(jobId, outside());
    }

    public List<Finding> findings(String jobId, Outside outside) {
        return kept.ofPlan(jobId, new QuestionKey(Question.FINDINGS, outside), () -> makeFindings(jobId, outside));
    }

    private List<Finding> makeFindings(String jobId, Outside outside) {
        Situation s = situation(jobId, outside);
        List<OpinionEntity> taken = opinions.findByJobId(jobId);
        List<AcknowledgementEntity> noted = acknowledgements.findByJobId(jobId);
        return Findings.of(s).stream().map(f -> cleared(s, f, taken, noted)).toList();
    }

    private Finding cleared(Situation s, Finding f, List<OpinionEntity> taken, List<AcknowledgementEntity> noted) {
        return switch (f.severity()) {
            case SECOND_OPINION ->
                taken.stream()
                        .filter(o -> o.findingKey.equals(f.key()) && stillMayTake(s, f, o))
                        .reduce((a, b) -> b)
                        .map(o -> f.clearedBy(clearance(o)))
                        .orElse(f);
            case CAUTION ->
                noted.stream()
                        .filter(a -> a.findingKey.equals(f.key())
                                && (f.rule().lasts() == RuleId.Lasts.DAY
                                        ? LocalDate.ofInstant(a.at, ZoneId.systemDefault())
                                                .equals(LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()))
                                        : a.grounds != null && a.grounds.still(f.args())))
                        .reduce((a, b) -> b)
                        .map(a -> f.clearedBy(new Clearance.Note(a.who, a.at.toEpochMilli())))
                        .orElse(f);
            case STOP, NOTE -> f;
        };
    }

    private Clearance clearance(OpinionEntity o) {
        String name = people.person(o.takerId).name();
        return o.byTelephone
                ? new Clearance.ByTelephone(
                        name,
                        o.takenAt.toEpochMilli(),
                        o.phone,
                        Optional.ofNullable(o.calledAt).map(Instant::toEpochMilli),
                        o.readBack)
                : new Clearance.OnSite(name, o.takenAt.toEpochMilli());
    }

    /** An opinion lapses when its giver has since become planner or cutter. */
    private boolean stillMayTake(Situation s, Finding f, OpinionEntity o) {
        try {
            SecondOpinion.require(s, f, people.person(o.takerId));
            return true;
        } catch (RefusedInput e) {
            return false;
        }
    }

    public Finding finding(String jobId, String key) {
        return finding(situation(jobId), key);
    }

    private static Finding finding(Situation s, String key) {
        return Findings.of(s).stream()
                .filter(x -> x.key().equals(key))
                .findFirst()
                .orElseThrow(NotThere::new);
    }

    /**
     * A second opinion.
     *
     * @param phone the taker's number when not on site
     * @param shown what the taker was shown
     * @param calledAt when they were called
     * @param readBack their words, read back to them and agreed
     */
    public record Opinion(
            String findingKey,
            String takerId,
            boolean byTelephone,
            String phone,
            String shown,
            Instant calledAt,
            String readBack) {}

    /**
     * On site it is given by the taker's own passphrase: a PIN could have been set by whoever planned this. By
     * telephone the leader writes it down.
     */
    public String takeOpinion(String jobId, Opinion o, SignedIn enteredBy) {
        if (jobs.job(jobId).closed()) {
            throw new RefusedInput("CLOSED", "job", Message.of(Answer.JOB_CLOSED));
        }
        Situation s = situation(jobId);
        Finding f = finding(s, o.findingKey);
        Person taker = people.person(o.takerId);
        SecondOpinion.require(s, f, taker);
        if (o.byTelephone && !enteredBy.personId().equals(s.planner())) {
            throw new NotAllowed(Message.of(Answer.LEADER_WRITES_OPINION));
        }
        if (!o.byTelephone && !enteredBy.personId().equals(o.takerId)) {
            throw new RefusedInput(
                    "NOT_SELF", "takerId", Message.of(Answer.IN_PERSON).with("who", Arg.name(taker.name())));
        }
        if (!o.byTelephone && enteredBy.way() != Way.PASSPHRASE) {
            throw new NotAllowed(Message.of(Answer.OPINION_OWN_PASSPHRASE));
        }
        OpinionEntity r = new OpinionEntity();
        r.id = UUID.randomUUID().toString();
        r.jobId = jobId;
        r.findingKey = o.findingKey;
        r.takerId = o.takerId;
        r.byTelephone = o.byTelephone;
        r.phone = o.byTelephone ? number(o.phone) : "";
        r.shown = Require.text(o.shown, 300, "shown");
        r.calledAt = o.byTelephone ? called(o.calledAt) : null;
        r.readBack = o.byTelephone ? Require.text(o.readBack, 300, "readBack") : "";
        r.signInId = enteredBy.signInId();
        r.enteredBy = enteredBy.name();
        r.takenAt = clock.instant();
        opinions.save(r);
        jobs.touched(jobId, Change.PLAN);
        return r.id;
    }

    private static String number(String phone) {
        String text = Require.text(phone, 40, "phone");
        if (text.chars().filter(Character::isDigit).count() < FEWEST_DIGITS) {
            throw new RefusedInput(
                    "OUT_OF_RANGE", "phone", Message.of(Answer.PHONE_DIGITS).with("least", Arg.count(FEWEST_DIGITS)));
        }
        return text;
    }

    private Instant called(Instant at) {
        if (at == null
                || at.isAfter(clock.instant().plusSeconds(120))
                || at.isBefore(clock.instant().minus(OLDEST_CALL))) {
            throw new RefusedInput("OUT_OF_RANGE", "calledAt", Message.of(Answer.WHEN_CALLED));
        }
        return at;
    }

    public String acknowledge(String jobId, String key, SignedIn who) {
        Finding f = finding(situation(jobId), key);
        if (f.severity() != Severity.CAUTION) {
            throw new RefusedInput("BAD_CHOICE", "findingKey", Message.of(Answer.ONLY_CAUTION));
        }
        AcknowledgementEntity r = new AcknowledgementEntity();
        r.id = UUID.randomUUID().toString();
        r.jobId = jobId;
        r.findingKey = key;
        r.words = Words.of(Manner.USUAL).finding(f).found();
        r.grounds = f.grounds();
        r.who = who.name();
        r.at = clock.instant();
        acknowledgements.save(r);
        jobs.touched(jobId, Change.PLAN);
        return r.id;
    }

    /**
     * Ends the job.
     *
     * @throws RefusedInput while a hung stem has no guard or closure named
     */
    public void closeJob(String jobId) {
        List<Situation.Guard> unnamed =
                tangles.guards(jobId).stream().filter(g -> !g.named()).toList();
        if (!unnamed.isEmpty()) {
            throw new RefusedInput(
                    "NO_GUARD",
                    "guard",
                    Message.of(Answer.NAME_GUARD)
                            .with(
                                    "stems",
                                    Arg.names(unnamed.stream()
                                            .map(Situation.Guard::stem)
                                            .toList())));
        }
        jobs.close(jobId);
    }
}
