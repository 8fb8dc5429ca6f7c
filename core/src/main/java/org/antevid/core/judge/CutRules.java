package org.antevid.core.judge;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Role;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.Sweep;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.RaisedCut;
import org.antevid.core.stem.StemState;
import org.antevid.core.stump.SplitRisk;
import org.antevid.core.stump.Technique;

/** What the cut card says against itself. The cards of a job are computed once for all of it. */
final class CutRules implements Rule {
    private static final Map<String, String> WARNED = Map.of(
            "THIN_HINGE_LARGE_STEM", "a thin hinge on more than half a metre leaves no margin",
            "FACE_CLOSES_EARLY_BYPASS", "face cuts that cross close the notch early",
            "BACK_CUT_BELOW_FACE",
                    "the back cut lies below the notch floor: nothing keeps the butt from coming back over the stump");

    /** A rule about one card. */
    @FunctionalInterface
    interface OfCard {
        Stream<Finding> check(CutPlan card, Situation s);
    }

    private static final List<OfCard> CHECKS = List.of(
            CutRules::reach,
            CutRules::warned,
            CutRules::deadOnWedges,
            CutRules::side,
            CutRules::strap,
            CutRules::splitting,
            CutRules::opened,
            CutRules::height,
            CutRules::school,
            CutRules::special);

    @Override
    public Stream<Finding> check(Situation s) {
        List<CutPlan> cards = s.stems().stream()
                .filter(f -> f.reading().state() != StemState.FELLED)
                .flatMap(f -> f.lay().stream())
                .map(p -> CutPlan.of(p, s.site()))
                .toList();
        return Stream.of(
                        cards.stream().flatMap(card -> Stream.concat(CHECKS.stream(), HelpRules.CHECKS.stream())
                                .flatMap(c -> c.check(card, s))),
                        today(cards, s))
                .flatMap(x -> x);
    }

    /**
     * What is acknowledged once for the day and all its trees: bark nobody looked at, and what hinge, line, strap and
     * wood stand less of than the gust at which work stops, with the gust that is then read back.
     */
    private static Stream<Finding> today(List<CutPlan> cards, Situation s) {
        List<String> words = new ArrayList<>();
        cards.stream()
                .filter(p -> p.lay().gustLimitMs(s.windLimitMs()) < s.windLimitMs() - 1e-9)
                .map(p -> String.format(
                        Locale.ROOT,
                        "hold %s at gusts of %.0f m/s already, not %.0f",
                        label(p),
                        p.lay().gustLimitMs(s.windLimitMs()),
                        s.windLimitMs()))
                .forEach(words::add);
        List<String> straps = cards.stream()
                .filter(p -> !p.inWind().strapHolds())
                .map(CutRules::label)
                .toList();
        if (!straps.isEmpty()) {
            words.add("the strap of " + String.join(", ", straps) + " does not hold twice over at the wind limit");
        }
        List<String> splits = cards.stream()
                .filter(p -> p.inWind().splits())
                .map(CutRules::label)
                .toList();
        if (!splits.isEmpty()) {
            words.add(String.join(", ", splits) + " splits more readily with the wind behind it");
        }
        if (cards.stream().anyMatch(p -> p.lay().choice().cuts().barkM().isEmpty())) {
            words.add("bark counts as wood where nobody has said how thick it is");
        }
        return words.isEmpty()
                ? Stream.empty()
                : Stream.of(Finding.of(
                                "today",
                                CAUTION,
                                4,
                                "",
                                "for today: " + String.join("; ", words),
                                "the card is worked out for still air and wood; wind and bark take from it",
                                "mechanics and practice rule",
                                "cut in a lull, say how thick the bark is, or acknowledge for today")
                        .forTheDay());
    }

    private static String label(CutPlan p) {
        return p.lay().stem().label();
    }

    private static Stream<Finding> reach(CutPlan p, Situation s) {
        return switch (p.card().barReach()) {
            case NOT_REACHABLE ->
                Stream.of(Finding.of(
                        "bar:" + label(p),
                        STOP,
                        4,
                        label(p),
                        label(p) + ": the bar does not get through the stem",
                        "a cut that cannot be finished leaves a tree on a stub",
                        "practice rule",
                        String.format(
                                Locale.ROOT,
                                "a bar of %.0f cm or longer",
                                Math.ceil(100 * p.card().dAcrossM() / 2.5))));
            case BOTH_SIDES_AND_FACE_BORE ->
                Stream.of(Finding.of(
                        "facebore:" + label(p),
                        SECOND_OPINION,
                        4,
                        label(p),
                        label(p) + ": this bar needs a bore through the face: " + Technique.FACE_PLUNGE.warns(),
                        "specialist work is not done by who happens to be there",
                        "practice rule",
                        String.format(
                                Locale.ROOT,
                                "a bar of %.0f cm or longer, or a second opinion",
                                Math.ceil(50 * p.card().dAcrossM() + 2.5))));
            case ONE_SIDE, BOTH_SIDES -> Stream.<Finding>empty();
        };
    }

    private static Stream<Finding> warned(CutPlan p, Situation s) {
        return p.card().warnings().stream()
                .filter(WARNED::containsKey)
                .map(w -> Finding.of(
                        "cut:" + label(p) + ":" + w,
                        CAUTION,
                        4,
                        label(p),
                        label(p) + ": " + WARNED.get(w),
                        "the hinge steers the fall",
                        "practice rule",
                        "choose another type of cut, or acknowledge"));
    }

    /** Dead wood breaks under wedges and splits the stem, and the blows bring down what is loose above. */
    private static Stream<Finding> deadOnWedges(CutPlan p, Situation s) {
        Condition wood = p.lay().stem().corners(p.lay().choice().layDeg()).worse();
        boolean dead = wood == Condition.DEAD_OLD || wood == Condition.DEAD_RECENT || wood.rotten();
        return p.lay().choice().means().kind() != Means.Kind.WEDGES || !dead
                ? Stream.empty()
                : Stream.of(Finding.of(
                        "deadwedges:" + label(p),
                        SECOND_OPINION,
                        4,
                        label(p),
                        label(p) + ": wedges in " + wood.words()
                                + " wood: a stiff dead hinge over wedges splits the stem, and the blows shake "
                                + "down what is loose",
                        "dead wood is pulled, not wedged",
                        "practice rule",
                        "a line instead of wedges, or a second opinion"));
    }

    /** A side lean that asks this much of the hinge is guyed. */
    private static Stream<Finding> side(CutPlan p, Situation s) {
        return p.lay().row().filter(r -> p.lay().control().proven() && r.withGuy()).stream()
                .map(r -> Finding.of(
                        "side:" + label(p),
                        CAUTION,
                        4,
                        label(p),
                        label(p) + ": it leans to the side of the lay; that takes "
                                + Math.round(Math.ceil(r.use() * 100)) + " % of what the hinge holds",
                        "from 60 % on a hinge is not left alone with a side lean",
                        "mechanics and judgement",
                        "a lay closer to the lean, a guy to the other side, or acknowledge"));
    }

    /** The strap holds lean, wind and pretension twice over, or it is a stop. */
    private static Stream<Finding> strap(CutPlan p, Situation s) {
        List<Finding> found = new ArrayList<>();
        p.strap()
                .filter(h -> !h.holds())
                .ifPresent(h -> found.add(Finding.of(
                        "strap:" + label(p),
                        STOP,
                        4,
                        label(p),
                        label(p) + ": the strap holds only "
                                + Rounding.downText(h.ratio().orElse(0.0))
                                + " times what lean, wind and pretension ask",
                        "a strap that lets go early lets the tree go with the cutter beside it; twice is asked",
                        "mechanics",
                        h.neededM()
                                .map(n -> String.format(
                                        Locale.ROOT,
                                        "a strap of %.0f mm from the outside of the bark, another lay, or a "
                                                + "line that holds it back",
                                        Math.ceil(1000 * n)))
                                .orElse("another lay, or a line or machine that holds it back"))));
        p.strapFull()
                .filter(h -> p.strap().filter(x -> x.holds()).isPresent()
                        && h.ratio().filter(r -> r < 1).isPresent())
                .ifPresent(h -> found.add(Finding.of(
                        "strapfull:" + label(p),
                        CAUTION,
                        4,
                        label(p),
                        label(p) + ": pulled in full before the release the strap tears, it holds "
                                + Rounding.downText(h.ratio().orElse(0.0)) + " times that",
                        "the pull begins on the signal and not before",
                        "mechanics",
                        "agree the signal and the pretension, and acknowledge")));
        return found.stream();
    }

    /**
     * Cut like this, pull counted, in still air: what is so by the best values stops, what is so only at their 95 %
     * side asks to measure; what the wind adds is said once for the day.
     */
    private static Stream<Finding> splitting(CutPlan p, Situation s) {
        return p.splitting().stream().flatMap(x -> {
            SplitRisk.Level level = x.risk().result();
            boolean sure = p.lay()
                    .row()
                    .map(r -> p.strapLeft() ? r.split().bore() : r.split().backCut())
                    .filter(l -> l.compareTo(SplitRisk.Level.HIGH) >= 0)
                    .isPresent();
            boolean never = sure
                    && (level == SplitRisk.Level.EXTREME
                            || x.risk().advice() == SplitRisk.Advice.DO_NOT_HAND_FELL
                                    && level.compareTo(SplitRisk.Level.HIGH) >= 0
                                    && notWorkedRound(p));
            SplitRisk.Advice advice = p.lay().row().map(r -> r.split().advice()).orElse(SplitRisk.Advice.STANDARD);
            if (level.compareTo(SplitRisk.Level.HIGH) < 0
                    && (advice == SplitRisk.Advice.STANDARD || p.strapLeft() || upright(p))) {
                return Stream.empty();
            }
            String better = x.changes().stream()
                    .filter(c -> c.level().filter(l -> l.compareTo(level) < 0).isPresent())
                    .map(c -> c.words() + " (" + c.level().orElseThrow().key() + ")")
                    .collect(Collectors.joining("; "));
            return Stream.of(Finding.of(
                    "chair:" + label(p),
                    never
                            ? STOP
                            : level.compareTo(SplitRisk.Level.HIGH) >= 0 && (sure || !upright(p))
                                    ? SECOND_OPINION
                                    : CAUTION,
                    4,
                    label(p),
                    label(p) + ": cut like this" + (p.lay().choice().means().isLine() ? ", pull counted," : "")
                            + " it can split up the stem (" + level.key() + ")"
                            + (never ? ": not by hand" : ": " + advice.words()),
                    "a stem that leans or is pulled splits before it goes"
                            + (x.likely().isEmpty() ? "" : ": " + String.join(", ", x.likely())),
                    "practice rule and mechanics, the worse decides",
                    (sure ? "" : "measure the lean better; ")
                            + (better.isEmpty()
                                    ? (never
                                            ? "another lay, a machine, or dismantle"
                                            : advice.words() + ", or acknowledge")
                                    : better)));
        });
    }

    /** Hardly leaning and not pulled: moderate by its species is how it is cut every day. */
    private static boolean upright(CutPlan p) {
        return !p.lay().choice().means().isLine()
                && p.lay().row().filter(r -> r.leanDeg() < Sweep.UPRIGHT_DEG).isPresent();
    }

    /**
     * A leaner that cannot be bored is not felled by hand; one that was judged so only by the margin of its lean asks
     * for a second opinion.
     */
    private static boolean notWorkedRound(CutPlan p) {
        return p.lay()
                .row()
                .filter(r -> r.split().advice() == SplitRisk.Advice.DO_NOT_HAND_FELL)
                .isPresent();
    }

    /** What the opened face showed decides by corners and wood share. */
    private static Stream<Finding> opened(CutPlan p, Situation s) {
        return p.opened().stream().flatMap(o -> {
            String words = String.format(
                    Locale.ROOT,
                    "%s: the opened face shows %.0f mm of sound wood left and %.0f mm right, %.0f %% of the hinge",
                    label(p),
                    Math.floor(1000 * o.leftM()),
                    Math.floor(1000 * o.rightM()),
                    Math.floor(100 * o.woodShare()));
            String why = "corners and wood share steer, whatever the section modulus says";
            return switch (o.result()) {
                case OK -> Stream.<Finding>empty();
                case CAUTION ->
                    Stream.of(Finding.of(
                            "opened:" + label(p),
                            CAUTION,
                            4,
                            label(p),
                            words,
                            why,
                            "practice rule",
                            "acknowledge, and take the line as the plan says"));
                case RAISE_CUT_OR_MACHINE_ASSIST ->
                    Stream.of(Finding.of(
                            "opened:" + label(p),
                            SECOND_OPINION,
                            4,
                            label(p),
                            words + ": a new face higher up, or a machine that steers it",
                            why,
                            "practice rule",
                            "raise the cut to thicker wood, a machine line with a guy, or a second opinion"));
                case MACHINE_OR_DISMANTLE ->
                    Stream.of(Finding.of(
                            "opened:" + label(p),
                            STOP,
                            4,
                            label(p),
                            words + ": not by hand",
                            why,
                            "practice rule",
                            "stop work on it, close the place, machine or dismantle"));
            };
        });
    }

    private static Stream<Finding> height(CutPlan p, Situation s) {
        double h = p.lay().choice().cutHeightM();
        if (h > RaisedCut.WORKING_HEIGHT_M + 1e-9) {
            return Stream.of(Finding.of(
                    "height:" + label(p),
                    STOP,
                    4,
                    label(p),
                    String.format(Locale.ROOT, "%s: a cut at %.2f m is above working height", label(p), h),
                    "nobody cuts above the hips, and never from a ladder",
                    "practice rule",
                    p.heights()
                            .suggested()
                            .map(l -> String.format(Locale.ROOT, "cut at %.2f m", l))
                            .orElse(p.heights().instead())));
        }
        List<String> met = p.heights().metBy(h).stream().map(r -> r.words()).toList();
        return met.isEmpty()
                ? Stream.<Finding>empty()
                : Stream.of(Finding.of(
                        "height:" + label(p),
                        CAUTION,
                        4,
                        label(p),
                        String.format(
                                Locale.ROOT, "%s: the cut at %.2f m meets %s", label(p), h, String.join("; ", met)),
                        "the cut goes where the wood is sound",
                        "practice rule",
                        p.heights()
                                .suggested()
                                .map(l -> String.format(Locale.ROOT, "cut at %.2f m, or acknowledge", l))
                                .orElse(p.heights().instead() + "; or acknowledge")));
    }

    private static Stream<Finding> school(CutPlan p, Situation s) {
        boolean unsaid = p.lay().choice().school() != s.rules().usualSchool()
                && p.lay().choice().cuts().reason().isBlank();
        return !unsaid
                ? Stream.empty()
                : Stream.of(Finding.of(
                        "school:" + label(p),
                        CAUTION,
                        4,
                        label(p),
                        label(p) + ": " + p.lay().choice().school().words() + " instead of the house's "
                                + s.rules().usualSchool().words() + ", no reason said",
                        "the crew cuts as the house is used to unless somebody says why not",
                        "house rule",
                        "say why, or acknowledge"));
    }

    /** Specialist work: a second opinion, and a cutter who is competent for it. */
    private static Stream<Finding> special(CutPlan p, Situation s) {
        return p.lay().choice().cuts().techniques().stream().flatMap(t -> {
            Finding asks = Finding.of(
                    "special:" + label(p) + ":" + t,
                    SECOND_OPINION,
                    4,
                    label(p),
                    label(p) + ": " + t.words() + " is planned: " + t.warns(),
                    "specialist work is decided by two who can do it",
                    "practice rule",
                    "a second opinion of somebody competent for " + Competence.SPECIAL_CUTS.words()
                            + ", or plan without it");
            return Stream.concat(
                    Stream.of(asks),
                    s.ahead(label(p))
                            .flatMap(st -> st.posts().stream())
                            .filter(x -> x.role() == Role.CUTTER)
                            .flatMap(x -> s.people().stream().filter(y -> y.id().equals(x.personId())))
                            .filter(x -> !x.competences().contains(Competence.SPECIAL_CUTS))
                            .map(x -> Finding.of(
                                    "specialcutter:" + label(p),
                                    STOP,
                                    4,
                                    label(p),
                                    label(p) + ": " + x.name() + " is to cut and is not competent for "
                                            + Competence.SPECIAL_CUTS.words(),
                                    "specialist work is not done by who happens to be there",
                                    "practice rule",
                                    "another cutter, or plan without it")));
        });
    }
}
