package org.antevid.app.run.web;

import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.app.instrument.Anemometer;
import org.antevid.app.job.Deputies;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.app.run.RunFacts;
import org.antevid.app.run.Runs;
import org.antevid.core.brief.StemDid;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.cutting.CutStep;
import org.antevid.core.judge.Phrase;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.run.Against;
import org.antevid.core.run.Happening;
import org.antevid.core.run.PieceWent;
import org.antevid.core.run.Word;
import org.antevid.core.site.Spot;

/** The run as one person sees it: what the facts are, in their words, and what they may do. */
final class RunScreen {
    private static final Set<Role> ON_THE_HOOK = EnumSet.of(Role.OPERATOR, Role.SLINGER, Role.SIGNALLER);

    private RunScreen() {}

    record PersonState(
            String personId,
            String name,
            Role role,
            String roleWords,
            Optional<Spot> stand,
            boolean saysStopped,
            boolean signed,
            Optional<Instant> readyAt,
            Optional<String> seenBy) {}

    /** @param mine the caller is named for it, or does the step that does it */
    record ProtectionState(
            String featureId, String name, String words, String by, boolean done, boolean askAgain, boolean mine) {}

    record TickView(
            String key,
            CutStep.Kind kind,
            Message says,
            List<Message> measures,
            Optional<String> who,
            Optional<Instant> at) {}

    /** @param weighedSince of the piece on the hook, for whoever lifts, slings or signals it */
    record StepState(
            String id,
            int turn,
            String title,
            Optional<String> stem,
            List<PersonState> people,
            boolean iMayConfirmStopped,
            boolean iAmPosted,
            boolean iCut,
            boolean iAmReady,
            boolean iSeeReady,
            List<TickView> cuts,
            int openTicks,
            boolean iMayTick,
            Optional<StemAsked> asksWhatItDid,
            List<PieceAsked> asksHowItWent,
            List<String> weighedSince) {}

    /** A way a piece can have gone, asked when its step ends. */
    record PieceAsked(PieceWent piece, String words) {}

    /**
     * What its stem did is asked when a step ends.
     *
     * @param where what it lies on or hangs in now is asked too, of one that moved
     * @param doneIfStill the step is done even where the stem did not move
     * @param anewIfStill its picture has to be looked at again even then
     */
    record StemAsked(boolean where, boolean doneIfStill, boolean anewIfStill) {
        static StemAsked of(Step step) {
            return new StemAsked(
                    !step.cutsUp(),
                    !StemDid.NOTHING.stillUp(step),
                    !StemDid.NOTHING.lookAgain(step).isEmpty());
        }
    }

    /**
     * A step that needs no go and is not told with a place that is protected.
     *
     * @param first it has to be done before the step whose turn it is
     */
    record TickedStep(
            String id, String title, List<String> who, boolean done, boolean first, boolean mine, boolean iMayTick) {}

    record AgainstView(Against.Why why, String subject, String words) {}

    /** @param gust as it is read, with its uncertainty */
    record WindNow(double gustMs, double sigmaMs, String gust, double fromDeg, boolean simulated, Instant at) {}

    /**
     * @param tickedSteps steps round it that need no go: whoever does one ticks it off
     * @param word for the caller alone
     * @param because what ended the last go, when the word is STAND_FAST
     * @param ringM of the step's stem
     * @param iSteer the caller gives the go and lifts: the leader, or the deputy
     * @param waitAt where those without a part wait
     * @param watch the instruments in use
     */
    record RunView(
            Optional<Integer> briefing,
            int stepsInAll,
            Optional<StepState> step,
            List<TickedStep> tickedSteps,
            boolean going,
            Word word,
            Optional<String> because,
            Optional<Double> ringM,
            String waitAt,
            Optional<Instant> signalTriedAt,
            List<AgainstView> against,
            List<ProtectionState> protections,
            boolean held,
            double gustLimitMs,
            String gustLimit,
            Optional<DeputyState> deputy,
            boolean iSteer,
            WindNow wind,
            List<WatchView> watch) {}

    /** @param accepted before that it is an offer and gives no right */
    record DeputyState(String personId, String name, boolean accepted, boolean mine) {}

    static RunView of(RunFacts f, Optional<Deputies.Deputy> deputies, Anemometer.Reading w, SignedIn me) {
        boolean deputy = isDeputy(deputies, me);
        boolean going = f.going().isPresent();
        boolean posted = f.posted().contains(me.personId());
        Word word = Word.of(
                f.step().isPresent(),
                f.course().standing().isPresent(),
                posted,
                going,
                f.ended().isPresent() && !readyNow(f, me));
        return new RunView(
                f.briefing().map(b -> b.number()),
                f.stepsInAll(),
                f.step().map(s -> step(f, s, deputy, me)),
                f.tickedAlone().map(s -> ticked(f, s, me)).toList(),
                going,
                word,
                f.ended().map(Speech.words()::say),
                f.ringM(),
                f.waitAt(),
                f.course().signalTried().map(h -> f.line(h).at()),
                f.beforeGo().stream()
                        .map(a -> new AgainstView(
                                a.why(), a.subject(), Speech.words().say(a.message())))
                        .toList(),
                protections(f, me),
                f.course().standing().isPresent(),
                f.gustLimitMs(),
                Speech.words().show(Arg.down(Dimension.SPEED, f.gustLimitMs())),
                deputies.map(d -> new DeputyState(
                        d.personId(), d.name(), d.accepted(), d.personId().equals(me.personId()))),
                f.leaderId().equals(me.personId()) || deputy,
                new WindNow(
                        w.gustMs().value(),
                        w.gustMs().sigma(),
                        Speech.words().plusMinus(Dimension.SPEED, w.gustMs()),
                        w.fromDeg(),
                        w.simulated(),
                        w.at()),
                WatchView.of(f.watch()));
    }

    private static boolean isDeputy(Optional<Deputies.Deputy> deputy, SignedIn me) {
        return deputy.filter(d -> d.accepted() && d.personId().equals(me.personId()))
                .isPresent();
    }

    private static boolean readyNow(RunFacts f, SignedIn me) {
        return f.step()
                .filter(s -> f.course().ready(s.id()).containsKey(me.personId()))
                .isPresent();
    }

    private static List<ProtectionState> protections(RunFacts f, SignedIn me) {
        Map<String, Happening> so = f.course().stillSo();
        return f.protections().stream()
                .map(p -> new ProtectionState(
                        p.id(),
                        p.entry().name(),
                        Speech.words().term(p.entry().protection()),
                        p.entry().protectedBy(),
                        p.entry().protectionDone(),
                        f.asked().contains(p.id()) && !so.containsKey(p.id()),
                        p.entry().protectedBy().equals(me.name())
                                || f.protecting(p.id()).anyMatch(s -> has(s, me))))
                .toList();
    }

    private static boolean has(Step s, SignedIn me) {
        return s.posts().stream().anyMatch(p -> p.personId().equals(me.personId()));
    }

    private static TickedStep ticked(RunFacts f, Step s, SignedIn me) {
        Set<String> posted = s.posts().stream().map(Step.Post::personId).collect(Collectors.toSet());
        return new TickedStep(
                s.id(),
                Speech.words().say(Phrase.step(s.kind(), s.stem(), s.work())),
                f.people().stream()
                        .filter(p -> posted.contains(p.id()))
                        .map(Person::name)
                        .toList(),
                s.done(),
                f.step().filter(now -> s.turn() < now.turn()).isPresent(),
                has(s, me),
                Runs.mayTickStep(s, f.leaderId(), me));
    }

    private static StepState step(RunFacts f, Step s, boolean deputy, SignedIn me) {
        Map<String, Happening> ready = f.course().ready(s.id());
        List<PersonState> states = s.posts().stream()
                .map(p -> new PersonState(
                        p.personId(),
                        f.people().stream()
                                .filter(x -> x.id().equals(p.personId()))
                                .map(Person::name)
                                .findFirst()
                                .orElse("?"),
                        p.role(),
                        Speech.words().term(p.role()),
                        p.stand(),
                        p.role().saysStopped(),
                        f.briefing().filter(b -> b.signedBy(p.personId())).isPresent(),
                        Optional.ofNullable(ready.get(p.personId()))
                                .map(h -> f.line(h).at()),
                        Optional.ofNullable(ready.get(p.personId()))
                                .filter(h -> h.kind() == Happening.Kind.READY_SEEN)
                                .map(h -> f.line(h).who())))
                .toList();
        List<Role> mine = s.posts().stream()
                .filter(p -> p.personId().equals(me.personId()))
                .map(Step.Post::role)
                .toList();
        Map<String, Happening> ticked = f.course().ticked(s.id());
        List<TickView> cuts = f.cuts().stream()
                .map(c -> new TickView(
                        c.key(),
                        c.kind(),
                        c.says(),
                        c.measures(),
                        Optional.ofNullable(ticked.get(c.key()))
                                .map(h -> f.line(h).who()),
                        Optional.ofNullable(ticked.get(c.key()))
                                .map(h -> f.line(h).at())))
                .toList();
        return new StepState(
                s.id(),
                s.turn(),
                Speech.words().say(Phrase.step(s.kind(), s.stem(), s.work())),
                s.stem(),
                states,
                mine.stream().anyMatch(Role::saysStopped),
                !mine.isEmpty(),
                Runs.cuts(f, me).isPresent(),
                ready.containsKey(me.personId()),
                Runs.maySeeReady(f, deputy, me),
                cuts,
                (int) cuts.stream().filter(c -> c.at().isEmpty()).count(),
                Runs.mayTick(f, me),
                Optional.of(s).filter(x -> f.asksWhatItDid()).map(StemAsked::of),
                Stream.of(PieceWent.values())
                        .filter(x -> s.takesPieces())
                        .map(x -> new PieceAsked(x, Speech.words().term(x)))
                        .toList(),
                mine.stream().anyMatch(ON_THE_HOOK::contains) ? Speech.words().say(f.weighedSince()) : List.of());
    }
}
