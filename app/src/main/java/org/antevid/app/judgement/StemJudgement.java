package org.antevid.app.judgement;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.app.house.House;
import org.antevid.app.lay.Lays;
import org.antevid.app.lay.ProposedLines;
import org.antevid.app.stem.Stems;
import org.antevid.core.brief.FirstLook;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.Stage;
import org.antevid.core.judge.all.Findings;
import org.antevid.core.judge.verdict.Verdicts;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.dial.Dial;
import org.antevid.core.message.Message;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stump.School;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the rules say of one stem: the first look, every way of dealing with it, its place in the order of danger. */
@Service
@Transactional
public class StemJudgement {
    /** What a lay is judged with before the leader has chosen anything. */
    private static final LayChoice USUAL = new LayChoice(0, 0.3, School.OPEN_FACE, 0.45, Means.of(Means.Kind.NOTHING));

    private final Judgement judgement;
    private final House house;
    private final Stems stems;
    private final Lays lays;
    private final ProposedLines lines;

    StemJudgement(Judgement judgement, House house, Stems stems, Lays lays, ProposedLines lines) {
        this.judgement = judgement;
        this.house = house;
        this.stems = stems;
        this.lays = lays;
        this.lines = lines;
    }

    /** @return provisional verdict from what is known so far, and what to measure next */
    public LookAnswer firstLook(String jobId, String stemId, LayChoice choice) {
        return firstLook(jobId, stems.known(jobId, stemId).reading(), choice, judgement.situation(jobId));
    }

    /**
     * @param reading of a stem as it would be written down
     * @param s the job with that stem in it
     */
    public LookAnswer firstLook(String jobId, StemReading reading, LayChoice choice, Situation s) {
        boolean proposes = choice.means().isLine() && !choice.means().measured();
        LayChoice asked = proposes
                ? new LayChoice(
                        choice.layDeg(),
                        choice.cutHeightM(),
                        choice.school(),
                        choice.barM(),
                        lines.proposed(choice.means().kind(), reading, lines.machinePullN(jobId)))
                : choice;
        FirstLook look = FirstLook.of(reading, asked, s, house.rules().layLimits());
        Optional<Means> line = proposes
                ? Optional.of(asked.means())
                : look.pullN()
                        .filter(n -> look.headline() == FirstLook.Headline.FELL_WITH_LINE
                                && !asked.means().isLine())
                        .map(n -> lines.proposed(
                                n <= Means.HAND_LINE_MOST_N ? Means.Kind.HAND_LINE : Means.Kind.MACHINE_LINE,
                                reading,
                                lines.machinePullN(jobId)));
        Optional<Means> free =
                line.flatMap(m -> look.layDeg().flatMap(lay -> m.onFreeGround(reading.at(), lay, s.site())));
        return new LookAnswer(
                look, free.or(() -> line), free.isPresent() || look.layDeg().isEmpty(), lines.ropeId());
    }

    /**
     * @param line what is proposed where a line is asked for and nobody has planned one
     * @param room somebody can stand where it is anchored
     */
    public record LookAnswer(FirstLook look, Optional<Means> line, boolean room, Optional<String> ropeId) {}

    /** @return every way of dealing with a stem and what speaks against it */
    public Verdicts verdicts(String jobId, String stemId) {
        StemReading reading = stems.known(jobId, stemId).reading();
        Situation s = judgement.situation(jobId);
        Situation.StemFacts facts = s.stem(reading.label()).orElseThrow();
        LayChoice choice = lays.chosenFor(stemId).map(Lays.StemChoice::choice).orElse(USUAL);
        Means line =
                choice.means().kind() == Means.Kind.HAND_LINE || choice.means().kind() == Means.Kind.MACHINE_LINE
                        ? choice.means()
                        : strongestLine(jobId, reading);
        return Verdicts.of(
                facts, s, dials(reading, s, choice, Means.of(Means.Kind.WEDGES)), dials(reading, s, choice, line));
    }

    private Verdicts.Lays dials(StemReading reading, Situation s, LayChoice c, Means means) {
        return reading.notKnown().isEmpty() && reading.lean().isPresent()
                ? new Verdicts.Lays(dial(reading, s, c, means), dial(reading.asIfMeasured(), s, c, means))
                : new Verdicts.Lays(Optional.empty(), Optional.empty());
    }

    private Optional<Dial> dial(StemReading reading, Situation s, LayChoice c, Means means) {
        return Optional.of(Dial.of(reading, c.by(means), s.site(), house.rules().layLimits()));
    }

    /** A line nobody has planned yet, on the strongest winch that gets in, else pulled by hand. */
    private Means strongestLine(String jobId, StemReading reading) {
        Optional<Double> winch = lines.machinePullN(jobId);
        return lines.proposed(winch.isPresent() ? Means.Kind.MACHINE_LINE : Means.Kind.HAND_LINE, reading, winch);
    }

    /** Where what is found is of the stem itself, and not of what is planned with it. */
    private static final Set<Stage> OF_THE_STEM = EnumSet.of(Stage.PLACE, Stage.STEMS, Stage.TANGLE);

    /** A stem's place in the order of danger. */
    public record Danger(
            String stemId, String label, int stops, int secondOpinions, int cautions, Optional<Message> worst) {}

    /**
     * @return all stems, the most dangerous first: by what is found of the stem itself, cleared or not; what is merely
     *     unplanned is no danger
     */
    public List<Danger> byDanger(String jobId) {
        List<Finding> all = Findings.of(judgement.situation(jobId));
        return stems.known(jobId).stream()
                .map(k -> {
                    List<Finding> own = all.stream()
                            .filter(f -> f.about(k.reading().label()) && OF_THE_STEM.contains(f.stage()))
                            .toList();
                    return new Danger(
                            k.id(),
                            k.reading().label(),
                            count(own, Severity.STOP),
                            count(own, Severity.SECOND_OPINION),
                            count(own, Severity.CAUTION),
                            own.stream().findFirst().map(Finding::message));
                })
                .sorted(Comparator.comparingInt(Danger::stops)
                        .thenComparingInt(Danger::secondOpinions)
                        .thenComparingInt(Danger::cautions)
                        .reversed())
                .toList();
    }

    private static int count(List<Finding> findings, Severity severity) {
        return (int) findings.stream().filter(f -> f.severity() == severity).count();
    }
}
