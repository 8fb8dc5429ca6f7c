package org.antevid.core.brief;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.crew.Role;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Compass;

/**
 * Three questions drawn from the plan that a person reads back before signing, their own part first: who gives their
 * sign, what they do when it stalls, their way out; then the ring, the lay, the gust. The order of choices follows from
 * the seed, so it is repeatable.
 */
public final class ReadBack {
    private static final int MOST_NAMES = 3;

    private ReadBack() {}

    /** A question with its choices and the index of the right one. */
    public record Question(Message asked, List<Arg> choices, int right) {
        public Question {
            choices = List.copyOf(choices);
        }
    }

    /**
     * @return three questions for the person; those about a step take the person's first step, else the plan's first
     */
    public static List<Question> of(PlanDocument plan, String personId, long seed) {
        Random random = new Random(seed);
        List<Question> questions = new ArrayList<>();
        Optional<PlanDocument.StemPart> stem = stemOf(plan, personId);
        Optional<PlanDocument.LayPart> lay = stem.flatMap(PlanDocument.StemPart::lay);
        Optional<PlanDocument.WayPart> way = plan.aheadOf(personId).stream()
                .flatMap(s -> s.posts().stream())
                .filter(p -> p.personId().equals(personId))
                .flatMap(p -> p.waysOut().stream())
                .findFirst();
        giver(plan, personId, random).ifPresent(questions::add);
        stall(plan, personId, random).ifPresent(questions::add);
        way.ifPresent(w -> questions.add(direction(Message.of(BriefWords.ASK_WAY_OUT), w.azimuthDeg(), random)));
        stem.flatMap(PlanDocument.StemPart::ringM)
                .ifPresent(ringM -> questions.add(number(
                        Message.of(BriefWords.ASK_RING)
                                .with("stem", Arg.name(stem.get().label())),
                        Dimension.DISTANCE,
                        Math.ceil(ringM),
                        Math.max(4.0, Math.rint(ringM / 4)),
                        random)));
        lay.ifPresent(l -> questions.add(direction(
                Message.of(BriefWords.ASK_LAY).with("stem", Arg.name(stem.get().label())), l.layDeg(), random)));
        if (questions.size() < 3) {
            questions.add(
                    number(Message.of(BriefWords.ASK_GUST), Dimension.SPEED, plan.gustLimitFor(personId), 2, random));
        }
        if (questions.size() < 3) {
            questions.add(choice(
                    BriefWords.ASK_WHO_HOLDS,
                    BriefWords.ANYONE_ANY_TIME,
                    List.of(BriefWords.LEADER_ONLY, BriefWords.CUTTER_ONLY, BriefWords.LOOKOUT_ONLY),
                    random));
        }
        if (questions.size() < 3) {
            questions.add(choice(
                    BriefWords.ASK_WHO_LIFTS,
                    BriefWords.THE_LEADER,
                    List.of(BriefWords.WHO_CALLED, BriefWords.THE_CUTTER, BriefWords.ANYONE),
                    random));
        }
        return List.copyOf(questions.subList(0, 3));
    }

    /** By whose sign somebody acts, of those who are on the plan. */
    private static Optional<Question> giver(PlanDocument plan, String personId, Random random) {
        for (PlanDocument.StepPart step : plan.aheadOf(personId)) {
            for (PlanDocument.PostPart post : step.posts()) {
                Optional<PlanDocument.PostPart> right =
                        post.personId().equals(personId) ? Cues.giver(plan, step, post.role()) : Optional.empty();
                if (right.isPresent()) {
                    return Optional.of(giver(plan, post, right.get(), random));
                }
            }
        }
        return Optional.empty();
    }

    private static Question giver(
            PlanDocument plan, PlanDocument.PostPart me, PlanDocument.PostPart right, Random random) {
        List<Arg> wrong = new ArrayList<>(plan.steps().stream()
                .flatMap(s -> s.posts().stream())
                .filter(p ->
                        !p.personId().equals(me.personId()) && !p.personId().equals(right.personId()))
                .map(PlanDocument.PostPart::person)
                .distinct()
                .limit(MOST_NAMES)
                .map(Arg::name)
                .toList());
        wrong.add(Arg.said(Message.of(BriefWords.WHO_SEES_FIRST)));
        wrong.add(Arg.said(Message.of(BriefWords.NOBODY_NEEDED)));
        BriefWords asked = me.role() == Role.CUTTER
                ? BriefWords.ASK_WHO_ANSWERS
                : me.role() == Role.LOOKOUT ? BriefWords.ASK_WHOM_I_ANSWER : BriefWords.ASK_WHO_SIGNS;
        return choice(Message.of(asked), Arg.name(right.person()), wrong, random);
    }

    /** What to do when it does not move, for everybody near a line that pulls. */
    private static Optional<Question> stall(PlanDocument plan, String personId, Random random) {
        return plan.aheadOf(personId).stream()
                .filter(s -> Cues.pulled(plan, s))
                .findFirst()
                .map(s -> choice(
                        BriefWords.ASK_STALL,
                        BriefWords.HOLD_AND_STAY,
                        List.of(BriefWords.PULL_HARDER, BriefWords.BACK_TO_THE_STUMP, BriefWords.SLACKEN),
                        random));
    }

    private static Optional<PlanDocument.StemPart> stemOf(PlanDocument plan, String personId) {
        return plan.aheadOf(personId).stream()
                .flatMap(s -> s.stem().stream())
                .flatMap(l -> plan.stem(l).stream())
                .filter(s -> s.ringM().isPresent())
                .findFirst()
                .or(() -> plan.stems().stream()
                        .filter(s -> s.ringM().isPresent() && !s.state().gone())
                        .findFirst());
    }

    private static Question number(Message asked, Dimension dimension, double right, double apart, Random random) {
        int below = random.nextInt(3);
        List<Arg> wrong = new ArrayList<>();
        for (int i = -below; i <= 3 - below; i++) {
            double value = Math.max(1, right + i * apart);
            if (i != 0 && value != right) {
                wrong.add(Arg.of(dimension, value));
            }
        }
        return choice(asked, Arg.of(dimension, right), wrong.stream().distinct().toList(), random);
    }

    private static Question direction(Message asked, double deg, Random random) {
        return choice(asked, heading(deg), List.of(heading(deg + 90), heading(deg + 180), heading(deg + 270)), random);
    }

    /** @return a direction in degrees with its name on the compass */
    public static Arg heading(double deg) {
        return Arg.said(
                Message.of(BriefWords.HEADING).with("to", Arg.azimuth(deg)).with("name", Arg.term(Compass.of(deg))));
    }

    private static Question choice(BriefWords asked, BriefWords right, List<BriefWords> wrong, Random random) {
        return choice(
                Message.of(asked),
                Arg.said(Message.of(right)),
                wrong.stream().map(w -> Arg.said(Message.of(w))).toList(),
                random);
    }

    private static Question choice(Message asked, Arg right, List<Arg> wrong, Random random) {
        List<Arg> all = new ArrayList<>(wrong);
        all.add(right);
        Collections.shuffle(all, random);
        return new Question(asked, all, all.indexOf(right));
    }
}
