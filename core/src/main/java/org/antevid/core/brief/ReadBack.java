package org.antevid.core.brief;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Compass;

/**
 * Three questions drawn from the plan that a person reads back before signing: how far the ring is, where the stem goes
 * or how much wind stops the work, and the person's own way out. The order of choices follows from the seed, so it is
 * repeatable.
 */
public final class ReadBack {
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
        stem.flatMap(PlanDocument.StemPart::ringM)
                .ifPresent(ringM -> questions.add(number(
                        Message.of(BriefWords.ASK_RING)
                                .with("stem", Arg.name(stem.get().label())),
                        Dimension.DISTANCE,
                        Math.ceil(ringM),
                        Math.max(4.0, Math.rint(ringM / 4)),
                        random)));
        way.ifPresent(w -> questions.add(direction(Message.of(BriefWords.ASK_WAY_OUT), w.azimuthDeg(), random)));
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
