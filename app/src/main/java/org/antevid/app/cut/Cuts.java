package org.antevid.app.cut;

import java.time.Clock;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.app.crew.Crews;
import org.antevid.app.cut.web.CutView;
import org.antevid.app.house.House;
import org.antevid.app.job.JobLog;
import org.antevid.app.job.Jobs;
import org.antevid.app.judgement.Documents;
import org.antevid.app.lay.ChoiceRequest;
import org.antevid.app.lay.Lays;
import org.antevid.app.lay.ProposedLines;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotAllowed;
import org.antevid.app.problem.NotThere;
import org.antevid.app.reader.Speech;
import org.antevid.app.run.Runs;
import org.antevid.app.sheet.Sheet;
import org.antevid.app.stem.Stems;
import org.antevid.core.brief.CutPart;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.cutting.DoesNotMove;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.run.LogWords;
import org.antevid.core.site.Site;
import org.antevid.core.stump.OpenedFace;
import org.antevid.words.Answer;
import org.antevid.words.PaperWords;
import org.antevid.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Cut cards of stems, as they are being chosen and as they were saved. */
@Service
@Transactional
public class Cuts {
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.ENGLISH).withZone(ZoneId.systemDefault());
    private final Lays lays;
    private final Stems stems;
    private final House house;
    private final Jobs jobs;
    private final Runs runs;
    private final JobLog log;
    private final Crews crews;
    private final ProposedLines lines;
    private final Clock clock;

    Cuts(
            Lays lays,
            Stems stems,
            House house,
            Jobs jobs,
            Runs runs,
            JobLog log,
            Crews crews,
            ProposedLines lines,
            Clock clock) {
        this.clock = clock;
        this.lays = lays;
        this.stems = stems;
        this.house = house;
        this.jobs = jobs;
        this.runs = runs;
        this.log = log;
        this.crews = crews;
        this.lines = lines;
    }

    /** @return what follows from a choice that is not saved */
    public CutView view(String jobId, String stemId, ChoiceRequest request) {
        Site site = lays.site(jobId);
        CutPlan p = plan(jobId, stemId, request, site);
        return CutView.of(
                p,
                hands(jobId, p.lay()),
                site,
                p.next(site, lines.all(jobId, p.lay().stem())),
                house.rules().usualSchool(),
                lays.chosenFor(stemId)
                        .flatMap(Lays.StemChoice::opened)
                        .map(o -> new CutView.OpenedView(
                                o.soundLeftM(),
                                o.soundRightM(),
                                Speech.words().term(o.wood()),
                                o.note(),
                                o.who(),
                                o.at(),
                                p.opened().isPresent(),
                                p.opened().map(OpenedFace.WoodLeft::woodShare),
                                p.opened().map(x -> Speech.words().term(x.result())))));
    }

    public List<DoesNotMove> doesNotMove(String jobId, String stemId, ChoiceRequest request, DoesNotMove.Uncut uncut) {
        return plan(jobId, stemId, request, lays.site(jobId)).doesNotMove(uncut);
    }

    private CutPart.Hands hands(String jobId, LayPlan p) {
        return Documents.hands(crews.steps(jobId), crews.people(jobId), p);
    }

    private CutPlan plan(String jobId, String stemId, ChoiceRequest request, Site site) {
        return CutPlan.of(lays.plan(jobId, stemId, lays.rigged(jobId, stemId, request), site), site);
    }

    /**
     * The face is open and was read. Work on the stem halts: the card is another one, and whoever cuts by it is briefed
     * on it.
     */
    public void opened(String jobId, String stemId, OpenedFace face, String note, SignedIn who) {
        String label = stems.known(jobId, stemId).reading().label();
        lays.opened(jobId, stemId, face, note, who);
        log.write(
                jobId,
                who.name(),
                Message.of(LogWords.FACE_OPENED)
                        .with("stem", Arg.name(label))
                        .with("left", Arg.down(Dimension.SHORT, face.soundLeftM()))
                        .with("right", Arg.down(Dimension.SHORT, face.soundRightM()))
                        .with("wood", Arg.term(face.wood())));
        runs.end(jobId, Message.of(LogWords.CARD_ANEW).with("stem", Arg.name(label)), who);
    }

    /**
     * The same from whoever cuts the stem of the step whose turn it is: it tightens the plan, and counts no more wood
     * than was read before.
     *
     * @throws NotAllowed for anybody else
     */
    public void openedBy(String jobId, OpenedFace face, SignedIn cutter) {
        String stemId = cutBy(jobId, cutter);
        boolean more = lays.chosenFor(stemId)
                .flatMap(Lays.StemChoice::opened)
                .filter(o -> face.moreThan(new OpenedFace(o.soundLeftM(), o.soundRightM(), o.wood())))
                .isPresent();
        if (more) {
            throw new RefusedInput("MORE_WOOD", "soundLeftM", Message.of(Answer.MORE_WOOD_IS_THE_LEADERS));
        }
        opened(jobId, stemId, face, "", cutter);
    }

    private String cutBy(String jobId, SignedIn cutter) {
        return Runs.cuts(runs.facts(jobId), cutter)
                .flatMap(label -> stems.known(jobId).stream()
                        .filter(k -> k.reading().label().equals(label))
                        .map(Stems.ChosenReading::id)
                        .findFirst())
                .orElseThrow(() -> new NotAllowed(Message.of(Answer.WHO_READS_FACE)));
    }

    /** @return sound wood from one side as it is offered to the cutter for one tap, metres, most first */
    public List<Double> faceM(String jobId, SignedIn cutter) {
        String stemId = cutBy(jobId, cutter);
        Lays.StemChoice c = lays.chosenFor(stemId).orElseThrow(NotThere::new);
        LayPlan p = lays.plan(lays.felled(jobId, stemId), lays.site(jobId), c.choice());
        return OpenedFace.offeredM(p.card().hingeLengthM());
    }

    /** @return a cut card that was frozen into a briefing, on A5, front and back */
    public static List<Sheet> sheet(CutPart briefed, Words words, String job, String briefing) {
        return CutSheet.of(briefed, words, job, briefing, Optional.empty());
    }

    /** @return the saved cut card on A5, front and back */
    public List<Sheet> sheet(String jobId, String stemId, SignedIn who) {
        String label = stems.known(jobId, stemId).reading().label();
        Lays.StemChoice c = lays.chosenFor(stemId)
                .orElseThrow(() -> new RefusedInput(
                        "MISSING", "lay", Message.of(Answer.LAY_OF_FIRST).with("stem", Arg.name(label))));
        Site site = lays.site(jobId);
        LayPlan p = lays.plan(lays.felled(jobId, stemId), site, c.choice());
        String job = jobs.job(jobId).name();
        String state = Speech.words()
                .say(Message.of(PaperWords.STATE)
                        .with("fixed", Arg.flag(c.fixed()))
                        .with("who", Arg.name(who.name()))
                        .with("at", Arg.name(STAMP.format(clock.instant()))));
        return CutSheet.of(
                CutPart.of(CutPlan.of(p, site), hands(jobId, p)),
                Speech.words(),
                job,
                job + ", " + state,
                Optional.of(p.control()).filter(x -> !x.proven()).map(x -> Speech.words()
                        .say(Message.of(PaperWords.NOT_PROVEN).with("because", Arg.all(x.reasons())))));
    }
}
