package org.antevid.core.drill;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.core.drill.Exercise.Choice;
import org.antevid.core.drill.Exercise.Fact;
import org.antevid.core.drill.Exercise.Told;
import org.antevid.core.drill.Picture.Ink;
import org.antevid.core.drill.Picture.Item;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.Condition;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.School;

/** The measures of a notch, a hinge and a back cut: which of them are wrong. Every answer is {@link CutCard}'s. */
final class CardDrill {
    /** So well is a measure read off a stump, two sigma. */
    private static final double READ_M = 0.004;

    private static final double FACE_READ_DEG = 3;
    private static final double MM = 0.001;
    private static final double HIGH_M = 0.9;
    private static final double HINGE_AT_M = 0.3;
    private static final List<School> ASKED = List.of(School.OPEN_FACE, School.CONVENTIONAL, School.HUMBOLDT);

    /** What may be wrong with it. */
    enum Wrong implements Code {
        DEPTH,
        FACE,
        HINGE,
        STEP,
        BYPASS
    }

    private record Measures(
            School school, double dM, double depthM, double faceDeg, double hingeM, double stepM, double bypassMm) {
        Optional<Set<Wrong>> wrong() {
            try {
                Set<Wrong> all = EnumSet.noneOf(Wrong.class);
                CutCard.of(new CutCard.Stump(
                                school,
                                dM,
                                dM,
                                Optional.of(depthM / dM),
                                Optional.of(faceDeg),
                                Condition.SOUND,
                                0,
                                0,
                                CutCard.Bar.ofLength(1),
                                0.1,
                                0.04,
                                bypassMm,
                                CutCard.MovedBy.LEAN,
                                new CutCard.Own(
                                        Optional.of(hingeM), Optional.of(hingeM), Optional.of(stepM), Optional.empty()),
                                0,
                                1))
                        .warnings()
                        .forEach(x -> of(x).ifPresent(all::add));
                return Optional.of(all);
            } catch (RefusedInput e) {
                return Optional.empty();
            }
        }

        private static Optional<Wrong> of(CutCard.Warning w) {
            return Optional.ofNullable(
                    switch (w) {
                        case DEPTH_OUTSIDE_SCHOOL -> Wrong.DEPTH;
                        case FACE_OUTSIDE_SCHOOL -> Wrong.FACE;
                        case HINGE_OUTSIDE_SCHOOL -> Wrong.HINGE;
                        case BACK_CUT_BELOW_FACE, STEP_OUTSIDE_SCHOOL -> Wrong.STEP;
                        case FACE_CLOSES_EARLY_BYPASS -> Wrong.BYPASS;
                        default -> null;
                    });
        }

        /** As it may be in truth; a level back cut and cuts that meet are seen as such. */
        Stream<Measures> asRead() {
            return Stream.of(-1, 1)
                    .flatMap(k -> Stream.of(
                            new Measures(school, dM, depthM + k * READ_M, faceDeg, hingeM, stepM, bypassMm),
                            new Measures(school, dM, depthM, faceDeg + k * FACE_READ_DEG, hingeM, stepM, bypassMm),
                            new Measures(school, dM, depthM, faceDeg, hingeM + k * READ_M, stepM, bypassMm),
                            new Measures(
                                    school, dM, depthM, faceDeg, hingeM, stepM == 0 ? 0 : stepM + k * READ_M, bypassMm),
                            new Measures(
                                    school,
                                    dM,
                                    depthM,
                                    faceDeg,
                                    hingeM,
                                    stepM,
                                    bypassMm == 0 ? 0 : bypassMm + k * READ_M / MM / 2)));
        }
    }

    private CardDrill() {}

    static Optional<Exercise> made(Random r, int level) {
        School school = ASKED.get(r.nextInt(ASKED.size()));
        double d = 0.30 + 0.02 * r.nextInt(16);
        Set<Wrong> planned = EnumSet.noneOf(Wrong.class);
        int faults = r.nextInt(level + 1);
        while (planned.size() < faults) {
            planned.add(Wrong.values()[r.nextInt(Wrong.values().length)]);
        }
        School.Span depth = school.depthShare();
        School.Span face = school.faceDeg();
        School.Clamp step = school.step();
        Measures card = new Measures(
                school,
                d,
                millimetres(d * off(planned.contains(Wrong.DEPTH), r, depth.low(), depth.high(), 0.08)),
                Math.rint(off(planned.contains(Wrong.FACE), r, face.low(), face.high(), 14)),
                millimetres(
                        planned.contains(Wrong.HINGE)
                                ? (r.nextBoolean() ? 0.006 + 0.006 * r.nextDouble() : 0.085 + 0.03 * r.nextDouble())
                                : school.hinge().of(d)),
                millimetres(
                        planned.contains(Wrong.STEP)
                                ? (r.nextBoolean() ? -0.015 - 0.02 * r.nextDouble() : 0.07 + 0.03 * r.nextDouble())
                                : step.of(d)),
                planned.contains(Wrong.BYPASS) ? 14 + r.nextInt(16) : 0);
        Optional<Set<Wrong>> wrong = card.wrong();
        return wrong.filter(w ->
                        card.asRead().allMatch(c -> c.wrong().filter(w::equals).isPresent()))
                .map(w -> exercise(card, w, level));
    }

    /** Inside the range, or outside by this much and a little more. */
    private static double off(boolean wrong, Random r, double low, double high, double by) {
        double more = by * (1 + 0.5 * r.nextDouble());
        return wrong ? (r.nextBoolean() ? low - more : high + more) : low + (high - low) * r.nextDouble();
    }

    private static double millimetres(double m) {
        return Math.rint(1000 * m) / 1000;
    }

    private static Exercise exercise(Measures c, Set<Wrong> wrong, int level) {
        List<Choice> choices = new ArrayList<>();
        for (Wrong w : Wrong.values()) {
            choices.add(Choice.of(Arg.term(w), wrong.contains(w)));
        }
        choices.add(Choice.of(DrillWords.NOTHING_WRONG, wrong.isEmpty()).markedAlone());
        School.Span depth = c.school.depthShare();
        List<Fact> truth = new ArrayList<>(List.of(
                new Fact(
                        Told.NUMBER,
                        Message.of(DrillWords.CARD_NUMBER)
                                .with("low", Arg.up(Dimension.SHORT, depth.low() * c.dM))
                                .with("high", Arg.down(Dimension.SHORT, depth.high() * c.dM))
                                .with(
                                        "faceLow",
                                        Arg.of(
                                                Dimension.OPENING,
                                                c.school.faceDeg().low()))
                                .with(
                                        "faceHigh",
                                        Arg.of(
                                                Dimension.OPENING,
                                                c.school.faceDeg().high()))
                                .with(
                                        "hinge",
                                        Arg.of(Dimension.SHORT, c.school.hinge().of(c.dM)))
                                .with(
                                        "step",
                                        Arg.of(Dimension.SHORT, c.school.step().of(c.dM)))),
                new Fact(Told.RULE, Message.of(DrillWords.CARD_RULE).with("cut", Arg.term(c.school)))));
        wrong.forEach(w -> truth.add(new Fact(Told.RIGHT_IF, right(c, w))));
        return new Exercise(
                DrillKind.CARD,
                level,
                0,
                picture(c),
                Message.of(DrillWords.CARD_SAID)
                        .with("cut", Arg.term(c.school))
                        .with("thick", Arg.of(Dimension.DIAMETER, c.dM))
                        .with("depth", Arg.of(Dimension.SHORT, c.depthM))
                        .with("face", Arg.of(Dimension.OPENING, c.faceDeg))
                        .with("hinge", Arg.of(Dimension.SHORT, c.hingeM))
                        .with("step", Arg.of(Dimension.SHORT, Math.abs(c.stepM)))
                        .with("above", Arg.flag(c.stepM >= 0))
                        .with(
                                "bypass",
                                Optional.of(Arg.of(Dimension.SHORT, c.bypassMm * MM))
                                        .filter(b -> c.bypassMm > 0)),
                Message.of(DrillWords.ASK_CARD),
                Answering.SEVERAL,
                List.copyOf(choices),
                List.copyOf(truth),
                0);
    }

    private static Message right(Measures c, Wrong w) {
        School.Span depth = c.school.depthShare();
        School.Span face = c.school.faceDeg();
        return switch (w) {
            case DEPTH ->
                Message.of(DrillWords.CARD_RIGHT_DEPTH)
                        .with(
                                "depth",
                                Arg.of(
                                        Dimension.SHORT,
                                        c.dM * (c.depthM < depth.low() * c.dM ? depth.low() : depth.high())));
            case FACE ->
                Message.of(DrillWords.CARD_RIGHT_FACE)
                        .with("face", Arg.of(Dimension.OPENING, c.faceDeg < face.low() ? face.low() : face.high()));
            case HINGE ->
                Message.of(DrillWords.CARD_RIGHT_HINGE)
                        .with("hinge", Arg.of(Dimension.SHORT, c.school.hinge().of(c.dM)));
            case STEP ->
                Message.of(DrillWords.CARD_RIGHT_STEP)
                        .with("step", Arg.of(Dimension.SHORT, c.school.step().of(c.dM)));
            case BYPASS -> Message.of(DrillWords.CARD_RIGHT_BYPASS);
        };
    }

    /** From the side, the lay to the right. */
    private static Picture picture(Measures c) {
        double d = c.dM;
        double apex = d - c.depthM;
        boolean below = c.school == School.HUMBOLDT;
        double room = below ? HINGE_AT_M - 0.03 : HIGH_M - HINGE_AT_M - 0.03;
        double slope = Math.tan(Math.toRadians(Math.min(85, c.faceDeg)));
        // a steep face leaves the picture before it leaves the bark
        double out = Math.min(c.depthM, room / slope);
        double up = below ? -1 : 1;
        double past = c.bypassMm * MM;
        double back = apex - c.hingeM;
        List<Item> items = new ArrayList<>(List.of(
                Item.area(Ink.WOOD, 0, 0, d, 0, d, HIGH_M, 0, HIGH_M),
                Item.line(Ink.GROUND, -0.2, 0, d + 0.25, 0),
                Item.line(Ink.CUT, d, HINGE_AT_M, apex - past, HINGE_AT_M),
                Item.line(
                        Ink.CUT,
                        apex - past,
                        HINGE_AT_M - up * past * slope,
                        apex + out,
                        HINGE_AT_M + up * out * slope),
                Item.line(Ink.CUT, 0, HINGE_AT_M + c.stepM, back, HINGE_AT_M + c.stepM),
                Item.area(
                        Ink.HINGE,
                        back,
                        HINGE_AT_M - 0.015,
                        apex,
                        HINGE_AT_M - 0.015,
                        apex,
                        HINGE_AT_M + 0.03,
                        back,
                        HINGE_AT_M + 0.03),
                Item.line(Ink.NOTE, d + 0.16, HINGE_AT_M + up * 0.1).saying(Arg.of(Dimension.OPENING, c.faceDeg)),
                Item.line(Ink.NOTE, d + 0.16, HINGE_AT_M - up * 0.05).saying(Arg.of(Dimension.SHORT, c.depthM)),
                Item.line(Ink.NOTE, back - 0.07, HINGE_AT_M + up * 0.1).saying(Arg.of(Dimension.SHORT, c.hingeM)),
                Item.line(Ink.NOTE, -0.14, HINGE_AT_M + c.stepM).saying(Arg.of(Dimension.SHORT, c.stepM))));
        double usual = d - c.school.depthShare().usual() * d;
        if (past > 0) {
            items.add(Item.line(Ink.NOTE, apex - past - 0.09, HINGE_AT_M - up * 0.08)
                    .saying(Arg.said(Message.of(DrillWords.CARD_CROSS).with("by", Arg.of(Dimension.SHORT, past)))));
        }
        double usualSlope = Math.tan(Math.toRadians(c.school.faceDeg().usual()));
        double usualOut = Math.min(d - usual, room / usualSlope);
        return new Picture(
                -0.25,
                d + 0.3,
                -0.05,
                HIGH_M + 0.05,
                List.copyOf(items),
                List.of(
                        Item.line(Ink.LAY, d, HINGE_AT_M, usual, HINGE_AT_M),
                        Item.line(
                                Ink.LAY,
                                usual,
                                HINGE_AT_M,
                                usual + usualOut,
                                HINGE_AT_M + up * usualOut * usualSlope)));
    }
}
