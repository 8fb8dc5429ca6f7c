package org.antevid.app.logbook;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.app.lay.Lays;
import org.antevid.app.people.SignedIn;
import org.antevid.app.stem.Stems;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.spread.AimRecord;
import org.antevid.core.lay.spread.LossRecord;
import org.antevid.core.lay.spread.PastWork;
import org.antevid.core.learn.CorrectionKind;
import org.antevid.core.learn.CorrectionWords;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Site;
import org.antevid.core.stem.MassPart;
import org.antevid.core.stem.MassRecord;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the house has measured before, beside the plan of a stem: with it, without it, and by whose word. */
@Service
@Transactional
public class Corrections {
    private final Decisions decisions;
    private final Lays lays;
    private final Stems stems;

    Corrections(Decisions decisions, Lays lays, Stems stems) {
        this.decisions = decisions;
        this.lays = lays;
        this.stems = stems;
    }

    /**
     * A plan with and without what was measured before.
     *
     * @param subject whose falls, which species, which wood
     * @param measured how many
     * @param was of the tables: degrees, chance, or 1 of a mass
     * @param of what it rests on
     * @param says what it makes of the table's value
     * @param effect what it does to this plan
     * @param use whether it is in use, and why
     * @param told beside it, never applied
     */
    public record Comparison(
            CorrectionKind kind,
            String subject,
            int measured,
            double was,
            double becomes,
            boolean used,
            boolean mayBeTaken,
            Message of,
            Message says,
            Optional<Message> effect,
            Message use,
            Optional<Message> told,
            List<Decisions.Decision> decided) {}

    /** @return empty where nothing was measured yet that bears on this stem */
    @Transactional(readOnly = true)
    public List<Comparison> compared(String jobId, String stemId) {
        StemReading stem = stems.known(jobId, stemId).reading();
        if (stem.notFelled().isPresent()) {
            return List.of();
        }
        Optional<LayChoice> choice = lays.chosenFor(stemId).map(Lays.StemChoice::choice);
        Stream<Comparison> ofLay = choice.stream().flatMap(c -> {
            Site site = lays.site(jobId);
            LayPlan now = lays.plan(stem, site, c);
            Stream<Comparison> spread = now.learned().stream()
                    .map(l -> spread(jobId, c.before().aim().orElseThrow(), l, ring(now, otherAim(stem, site, c, l))));
            Stream<Comparison> lost =
                    now.lost().stream().map(l -> lost(jobId, l, ring(now, otherLosses(stem, site, c, l))));
            return Stream.concat(spread, lost);
        });
        double cutM = choice.map(LayChoice::cutHeightM).orElse(StemMass.USUAL_CUT_M);
        return Stream.concat(ofLay, stem.more().weighed().all().stream().map(l -> mass(jobId, l, stem, cutM)))
                .toList();
    }

    private LayPlan otherAim(StemReading stem, Site site, LayChoice c, AimRecord.Learned l) {
        PastWork before = c.before();
        return lays.plan(
                stem, site, c.cutBy(new PastWork(before.aim().map(a -> a.decided(!l.used())), before.losses())));
    }

    private LayPlan otherLosses(StemReading stem, Site site, LayChoice c, LossRecord.Learned l) {
        PastWork before = c.before();
        return lays.plan(
                stem, site, c.cutBy(new PastWork(before.aim(), before.losses().decided(l.wood(), !l.used()))));
    }

    private static Message ring(LayPlan now, LayPlan otherwise) {
        Arg is = Arg.up(Dimension.DISTANCE, now.zone().exclusionM());
        Arg other = Arg.up(Dimension.DISTANCE, otherwise.zone().exclusionM());
        return is.equals(other)
                ? Message.of(CorrectionWords.RING_SAME).with("is", is)
                : Message.of(CorrectionWords.RING_MOVES).with("is", is).with("otherwise", other);
    }

    private Comparison spread(String jobId, AimRecord record, AimRecord.Learned l, Message ring) {
        return new Comparison(
                CorrectionKind.SPREAD,
                record.personId(),
                l.falls(),
                l.tableDeg(),
                l.blendedDeg(),
                l.used(),
                l.mayBeTaken(),
                Message.of(CorrectionWords.FALLS_OF)
                        .with("name", Arg.name(record.name()))
                        .with("falls", Arg.count(l.falls())),
                Message.of(CorrectionWords.SPREAD_BECOMES)
                        .with("was", Arg.up(Dimension.ANGLE, l.tableDeg()))
                        .with("becomes", Arg.up(Dimension.ANGLE, l.blendedDeg())),
                Optional.of(ring),
                use(l.wider(), l.used(), l.mayBeTaken()),
                record.pullDeg().map(deg -> Message.of(CorrectionWords.PULLS_TO_ONE_SIDE)
                        .with("off", Arg.of(Dimension.ANGLE, Math.abs(deg)))
                        .with("right", Arg.flag(deg > 0))),
                decisions.of(jobId, CorrectionKind.SPREAD, record.personId()));
    }

    private Comparison lost(String jobId, LossRecord.Learned l, Message ring) {
        return new Comparison(
                CorrectionKind.CONTROL_LOST,
                l.wood().name(),
                l.falls(),
                l.table(),
                l.blended(),
                l.used(),
                l.mayBeTaken(),
                Message.of(CorrectionWords.FALLS_IN_WOOD)
                        .with("wood", Arg.term(l.wood()))
                        .with("falls", Arg.count(l.falls()))
                        .with("lost", Arg.count(l.lost())),
                Message.of(CorrectionWords.LOST_BECOMES)
                        .with("was", Arg.up(Dimension.CHANCE, l.table()))
                        .with("becomes", Arg.up(Dimension.CHANCE, l.blended())),
                Optional.of(ring),
                use(l.oftener(), l.used(), l.mayBeTaken()),
                Optional.empty(),
                decisions.of(jobId, CorrectionKind.CONTROL_LOST, l.wood().name()));
    }

    private Comparison mass(String jobId, MassRecord.Learned l, StemReading stem, double cutM) {
        CorrectionKind kind = kind(l.part());
        String subject = l.species().name();
        Optional<Double> is = stem.mass(cutM).map(StemMass::massHighKg);
        Optional<Double> otherwise = stem.weighed(stem.more().weighed().otherwise(l.part()))
                .mass(cutM)
                .map(StemMass::massHighKg);
        return new Comparison(
                kind,
                subject,
                l.weights(),
                1,
                l.factor(),
                l.used(),
                l.mayBeTaken(),
                Message.of(CorrectionWords.WEIGHTS_OF)
                        .with("species", Arg.term(l.species()))
                        .with("part", Arg.term(l.part()))
                        .with("weights", Arg.count(l.weights())),
                Message.of(CorrectionWords.MASS_BECOMES)
                        .with("share", Arg.up(Dimension.SHARE, l.factor()))
                        .with("low", Arg.down(Dimension.SHARE, l.low()))
                        .with("high", Arg.up(Dimension.SHARE, l.high())),
                is.flatMap(i -> otherwise.map(o -> Message.of(CorrectionWords.MASS_OF_TREE)
                        .with("is", Arg.up(Dimension.MASS, i))
                        .with("otherwise", Arg.up(Dimension.MASS, o)))),
                use(l.heavier(), l.used(), l.mayBeTaken()),
                Optional.empty(),
                decisions.of(jobId, kind, subject));
    }

    private static CorrectionKind kind(MassPart part) {
        return part == MassPart.CROWN ? CorrectionKind.CROWN_MASS : CorrectionKind.STEM_MASS;
    }

    private static Message use(boolean safer, boolean used, boolean may) {
        if (used) {
            return Message.of(safer ? CorrectionWords.SAFER_IN_USE : CorrectionWords.LAXER_IN_USE);
        }
        return Message.of(
                !may ? CorrectionWords.TOO_FEW : safer ? CorrectionWords.SAFER_REFUSED : CorrectionWords.LAXER_OFFERED);
    }

    /**
     * Uses what was measured in this job's plan, or no longer: then it is to the digit as it was without.
     *
     * @throws RefusedInput where there is nothing to decide on, and for what is laxer while it rests on too little
     */
    public void decide(String jobId, String stemId, CorrectionKind kind, boolean take, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        Comparison c = compared(jobId, stemId).stream()
                .filter(x -> x.kind == kind)
                .findFirst()
                .orElseThrow(() -> new RefusedInput("MISSING", "falls", Message.of(Answer.NO_FALLS_TO_LEARN_FROM)));
        if (take && !c.mayBeTaken) {
            throw new RefusedInput("MISSING", "falls", Message.of(Answer.TOO_FEW_FALLS_TO_NARROW));
        }
        decisions.add(jobId, kind, c.subject, take, new Decisions.Ground(c.measured, c.was, c.becomes), who);
    }
}
