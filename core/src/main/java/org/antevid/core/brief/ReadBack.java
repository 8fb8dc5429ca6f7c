package org.antevid.core.brief;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.quantity.Azimuth;

/**
 * Three questions drawn from the plan that a person reads back before signing: how far the ring is, where the stem goes
 * or how much wind stops the work, and the person's own way out. The order of choices follows from the seed, so it is
 * repeatable.
 */
public final class ReadBack {
    private ReadBack() {}

    /** A question with its choices and the index of the right one. */
    public record Question(String words, List<String> choices, int right) {
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
        Optional<PlanDocument.WayPart> way = plan.stepsOf(personId).stream()
                .flatMap(s -> s.posts().stream())
                .filter(p -> p.personId().equals(personId))
                .flatMap(p -> p.waysOut().stream())
                .findFirst();
        lay.ifPresent(l -> questions.add(number(
                "How many metres from " + stem.get().label() + " must everybody stay who is not named?",
                Math.ceil(l.exclusionM()),
                Math.max(4.0, Math.rint(l.exclusionM() / 4)),
                " m",
                random)));
        way.ifPresent(w -> questions.add(direction("Your own way out: which way?", w.azimuthDeg(), random)));
        lay.ifPresent(
                l -> questions.add(direction("Which way is " + stem.get().label() + " to fall?", l.layDeg(), random)));
        if (questions.size() < 3) {
            questions.add(number("From which gust on do we hold?", plan.gustLimitFor(personId), 2, " m/s", random));
        }
        if (questions.size() < 3) {
            questions.add(choice(
                    "Who may call HOLD?",
                    "anyone, any time",
                    List.of("the leader only", "the cutter only", "the lookout only"),
                    random));
        }
        if (questions.size() < 3) {
            questions.add(choice(
                    "Who alone lifts a hold?",
                    "the leader",
                    List.of("whoever called it", "the cutter", "anyone"),
                    random));
        }
        return List.copyOf(questions.subList(0, 3));
    }

    private static Optional<PlanDocument.StemPart> stemOf(PlanDocument plan, String personId) {
        return plan.stepsOf(personId).stream()
                .flatMap(s -> s.stem().stream())
                .flatMap(l -> plan.stem(l).stream())
                .filter(s -> s.lay().isPresent())
                .findFirst()
                .or(() -> plan.stems().stream().filter(s -> s.lay().isPresent()).findFirst());
    }

    private static Question number(String words, double right, double apart, String unit, Random random) {
        int below = random.nextInt(3);
        List<String> wrong = new ArrayList<>();
        for (int i = -below; i <= 3 - below; i++) {
            if (i != 0) {
                wrong.add(text(Math.max(1, right + i * apart), unit));
            }
        }
        return choice(
                words,
                text(right, unit),
                wrong.stream()
                        .distinct()
                        .filter(w -> !w.equals(text(right, unit)))
                        .toList(),
                random);
    }

    private static String text(double v, String unit) {
        return (v == Math.rint(v) ? String.format(Locale.ROOT, "%.0f", v) : String.format(Locale.ROOT, "%.1f", v))
                + unit;
    }

    private static Question direction(String words, double deg, Random random) {
        return choice(words, heading(deg), List.of(heading(deg + 90), heading(deg + 180), heading(deg + 270)), random);
    }

    /** @return "058°, north-east" */
    public static String heading(double deg) {
        String[] names = {"north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west"};
        return Azimuth.digits(deg) + "°, " + names[(int) Math.round(Azimuth.normal(deg) / 45) % 8];
    }

    private static Question choice(String words, String right, List<String> wrong, Random random) {
        List<String> all = new ArrayList<>(wrong);
        all.add(right);
        Collections.shuffle(all, random);
        return new Question(words, all, all.indexOf(right));
    }
}
