package org.antevid.core.judge;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.NOTE;
import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.core.crew.Step;
import org.antevid.core.lay.FallZone;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Sweep;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;

/** What the chosen lays do to targets, people and the cutter's way out. */
final class LayRules {
    static final List<Rule> ALL = List.of(
            LayRules::strike,
            LayRules::touched,
            LayRules::lost,
            LayRules::hangUp,
            LayRules::reach,
            LayRules::control,
            LayRules::corner,
            LayRules::openGround,
            LayRules::people,
            LayRules::escape,
            LayRules::fixed);

    private LayRules() {}

    private static Stream<LayPlan> lays(Situation s) {
        return s.stems().stream()
                .filter(f -> f.reading().state() != StemState.FELLED)
                .flatMap(f -> f.lay().stream());
    }

    /**
     * A target likelier hit than its worth allows is a stop; where control is not proven, one anywhere in the circle.
     */
    private static Stream<Finding> strike(Situation s) {
        return lays(s).flatMap(p -> p.control().proven()
                ? p.targets().stream().filter(t -> t.blocks(true)).map(t -> struck(p, t))
                : anyWay(p));
    }

    private static Finding struck(LayPlan p, LayPlan.TargetCheck t) {
        return Finding.of(
                "fan:" + p.stem().label() + ":" + t.feature().id(),
                STOP,
                3,
                p.stem().label(),
                p.stem().label() + ": lay " + Azimuth.digits(p.choice().layDeg()) + "° strikes the "
                        + t.feature().name()
                        + t.struck()
                                .map(k -> " with a chance of "
                                        + Rounding.chance(k.strike().controlled()) + ", at worth "
                                        + t.feature().worth() + " " + Rounding.chance(k.limit()) + " is the limit")
                                .orElse(""),
                CLEARS_EVERY,
                "geometry and mechanics",
                "turn the lay, or take the target away");
    }

    /** One finding for everything a stem may hit that may fall any way, the worthiest first. */
    private static Stream<Finding> anyWay(LayPlan p) {
        List<Feature> hit = p.targets().stream()
                .filter(t -> t.blocks(false))
                .map(LayPlan.TargetCheck::feature)
                .sorted(Comparator.comparingInt(Feature::worth).reversed())
                .toList();
        return hit.isEmpty()
                ? Stream.empty()
                : Stream.of(Finding.of(
                        "fan:" + p.stem().label(),
                        hit.get(0).worth() > 1 ? STOP : CAUTION,
                        3,
                        p.stem().label(),
                        p.stem().label() + ": control not proven: it may fall any way, and reaches the "
                                + hit.stream().map(Feature::name).collect(Collectors.joining(", ")),
                        CLEARS_EVERY,
                        "geometry and mechanics",
                        String.join("; ", p.control().reasons()) + ": mend that, or take "
                                + (hit.size() > 1 ? "them" : "it") + " away"));
    }

    private static final String CLEARS_EVERY =
            "spread, drift, crown and throw must clear every target as far as its worth asks";

    /** In the fan, though less likely hit than its worth allows. */
    private static Stream<Finding> touched(Situation s) {
        return lays(s).flatMap(p -> p.targets().stream()
                .filter(t ->
                        t.inFan() && t.feature().mustNotBeHit() && p.control().proven() && !t.blocks(true))
                .map(t -> Finding.of(
                        "touched:" + p.stem().label() + ":" + t.feature().id(),
                        CAUTION,
                        3,
                        p.stem().label(),
                        p.stem().label() + ": the " + t.feature().name() + " lies in the fan of "
                                + Azimuth.digits(p.choice().layDeg()) + "°"
                                + t.struck()
                                        .map(k -> ", chance of a strike "
                                                + Rounding.chance(k.strike().decision()))
                                        .orElse(", thrown wood reaches it"),
                        "what may be struck or showered is known before the cut",
                        "geometry and mechanics",
                        "turn the lay, take it away, or acknowledge")));
    }

    /** Only losing control altogether makes it too likely: that is for restraint or dismantling, not for aim. */
    private static Stream<Finding> lost(Situation s) {
        return lays(s).filter(p -> p.control().proven()).flatMap(p -> p.targets().stream()
                .flatMap(t -> t
                        .struck()
                        .filter(k -> k.onlyWhenLost() && t.feature().mustNotBeHit())
                        .stream()
                        .map(k -> Finding.of(
                                "lost:" + p.stem().label() + ":" + t.feature().id(),
                                SECOND_OPINION,
                                3,
                                p.stem().label(),
                                p.stem().label() + ": should control be lost, the "
                                        + t.feature().name() + " is struck with a chance of "
                                        + Rounding.chance(k.strike().decision()) + ", limit "
                                        + Rounding.chance(k.limit()),
                                "no aim helps once the hinge has gone; only restraint or dismantling does",
                                "mechanics and judgement",
                                "restrain it with guys, dismantle it, take the target away, or a second opinion"))));
    }

    /** Crowns that would catch it. */
    private static Stream<Finding> hangUp(Situation s) {
        return lays(s).flatMap(p -> p.row().stream()
                .filter(r -> r.hangUp() > 0.2)
                .map(r -> Finding.of(
                        "hangup:" + p.stem().label(),
                        r.blocks().contains("HANG_UP") ? STOP : CAUTION,
                        3,
                        p.stem().label(),
                        p.stem().label() + ": may hang up in "
                                + String.join(
                                        ", ",
                                        r.hangUps().entrySet().stream()
                                                .sorted(Map.Entry.<String, Double>comparingByValue()
                                                        .reversed())
                                                .map(e -> e.getKey() + " (" + Rounding.chance(e.getValue()) + ")")
                                                .toList()),
                        "crowns that meet early in the fall hold it",
                        "judgement on an energy argument",
                        r.blocks().contains("HANG_UP")
                                ? "turn the lay or take the neighbour first"
                                : "turn the lay, have a line ready, or acknowledge")));
    }

    /** Targets inside the reach but clear of the fan are listed. */
    private static Stream<Finding> reach(Situation s) {
        return lays(s).flatMap(p -> {
            List<LayPlan.TargetCheck> near = p.targets().stream()
                    .filter(t -> t.inReach() && !t.inFan() && t.feature().mustNotBeHit())
                    .toList();
            return near.isEmpty()
                    ? Stream.empty()
                    : Stream.of(Finding.of(
                            "reach:" + p.stem().label(),
                            NOTE,
                            3,
                            p.stem().label(),
                            p.stem().label() + ": within reach, clear of the fan: "
                                    + near.stream()
                                            .map(t -> t.feature().name() + " by " + Rounding.downText(t.clearanceM())
                                                    + " m")
                                            .collect(Collectors.joining(", ")),
                            "whatever lies in reach is told in the briefing",
                            "geometry",
                            "told in the briefing"));
        });
    }

    /** Where hinge and means cannot be shown to govern the fall: by what it fails decides how much that weighs. */
    private static Stream<Finding> control(Situation s) {
        return lays(s).filter(p -> !p.control().proven()).map(p -> {
            String label = p.stem().label();
            String first =
                    switch (p.control().unproven().get(0).why()) {
                        case LEAN_NOT_KNOWN -> "measure the lean, seen from two sides";
                        case SIDE_LEAN -> "a lay closer to the lean, or a guy to the other side";
                        case HINGE_WOOD, CORNERS -> "a cut in sounder wood, a machine, or dismantle";
                        case MEANS_NOT_KNOWN -> "measure the line";
                        case MEANS -> "measure the lean better, or " + HelpRules.next(p);
                    };
            return Finding.of(
                    "control:" + label,
                    weight(p),
                    3,
                    label,
                    label + ": control not proven: "
                            + String.join("; ", p.control().reasons()),
                    "where hinge and means cannot be shown to govern the fall, every direction counts",
                    "mechanics",
                    first);
        });
    }

    /**
     * Means that do not even beat what is expected let it sit back; a side lean over hinge and guy takes the lay; both
     * stop.
     */
    private static Severity weight(LayPlan p) {
        return p.control().unproven().stream()
                .map(u -> switch (u.why()) {
                    case LEAN_NOT_KNOWN, SIDE_LEAN, MEANS_NOT_KNOWN -> STOP;
                    case HINGE_WOOD, CORNERS -> SECOND_OPINION;
                    case MEANS -> p.row().filter(Sweep.Row::enoughAsExpected).isPresent() ? CAUTION : STOP;
                })
                .min(Comparator.naturalOrder())
                .orElse(CAUTION);
    }

    /** One rotten corner leaves a hinge that steers with what is left of it. */
    private static Stream<Finding> corner(Situation s) {
        return lays(s).filter(p -> p.stem().corners(p.choice().layDeg()).oneRotten())
                .map(p -> {
                    StemReading.Corners c = p.stem().corners(p.choice().layDeg());
                    boolean left = c.left() == c.worse();
                    return Finding.of(
                            "corner:" + p.stem().label(),
                            SECOND_OPINION,
                            3,
                            p.stem().label(),
                            p.stem().label() + ": the " + (left ? "left" : "right") + " end of the hinge is "
                                    + c.worse().words()
                                    + " wood: it steers with the other end, and is drawn to the sound side",
                            "a hinge steers by its corners",
                            "mechanics and judgement",
                            "probe that corner, a lay that puts it in the notch, a higher cut, a guy, or a "
                                    + "second opinion");
                });
    }

    /** A stem that rolls or runs has no end downhill but what holds it. */
    private static Stream<Finding> openGround(Situation s) {
        return lays(s).filter(p -> p.zone().downhillUnbounded()).flatMap(p -> {
            String label = p.stem().label();
            FallZone.Open open = p.zone().open().orElseThrow();
            String sector = Azimuth.digits(open.fromDeg()) + "° to " + Azimuth.digits(open.toDeg()) + "°";
            return p.choice()
                    .below()
                    .map(b -> Stream.of(Finding.of(
                            "below:" + label,
                            CAUTION,
                            3,
                            label,
                            label + ": it may roll or run downhill, " + sector + "; " + b.by()
                                    + " keeps it empty down to " + b.holds() + ", " + Rounding.upText(b.downM())
                                    + " m below",
                            "nothing on this slope stops a stem but what stands or lies there",
                            "mechanics",
                            "looked at again before the go, and acknowledge")))
                    .orElseGet(() -> Stream.of(Finding.of(
                            "below:" + label,
                            STOP,
                            3,
                            label,
                            label
                                    + ": it may roll or run downhill without end, whatever the "
                                    + "lay: below must be empty to the first thing that holds ("
                                    + sector + ")",
                            "nothing on this slope stops a stem but what stands or lies there",
                            "mechanics",
                            "say what holds it, how far down, and who keeps the ground empty; "
                                    + "or tie it back before it is cut")));
        });
    }

    /** People inside an exclusion ring: somebody must be named for getting them out. */
    private static Stream<Finding> people(Situation s) {
        List<Finding> found = new ArrayList<>();
        for (Feature f : s.site().features()) {
            if (!f.mayHoldPeopleNow()) {
                continue;
            }
            List<String> rings = lays(s).filter(
                            p -> f.shape().distanceTo(p.stem().at()) <= p.zone().exclusionM())
                    .map(p -> p.stem().label())
                    .toList();
            if (rings.isEmpty()) {
                continue;
            }
            boolean named = f.peopleTakenCareOf();
            found.add(Finding.of(
                    "people:" + f.id(),
                    named ? CAUTION : STOP,
                    named ? 8 : 1,
                    f.id(),
                    f.name()
                            + (f.kind() == FeatureKind.ANIMAL_PEN
                                    ? " may hold animals inside the ring of "
                                    : " may hold people inside the ring of ")
                            + String.join(", ", rings)
                            + (named
                                    ? ": " + f.protectedBy() + " sees to it, not done yet"
                                    : ": nobody is named to clear it"),
                    "nobody but the named people is inside the ring while the saw runs",
                    "practice rule",
                    named ? "done and confirmed before the go" : "name who empties, moves or closes it"));
        }
        return found.stream();
    }

    private static Stream<Finding> escape(Situation s) {
        return lays(s).flatMap(p -> {
            String label = p.stem().label();
            EscapeRoutes e = p.escape();
            if (e.best().isEmpty()) {
                return Stream.of(Finding.of(
                        "escape:" + label,
                        STOP,
                        3,
                        label,
                        label + ": no way out for the cutter, both sides barred by "
                                + String.join(
                                        ", ",
                                        e.routes().stream()
                                                .flatMap(r -> r.blockedBy().stream())
                                                .distinct()
                                                .toList()),
                        "no cut without two ways out, 135 degrees to either side of the lay",
                        "practice rule",
                        "clear a way or turn the lay"));
            }
            Stream<Finding> barred = e.routes().stream()
                    .filter(r -> !r.open())
                    .map(r -> Finding.of(
                            "escape:" + label + ":" + r.side().key(),
                            CAUTION,
                            3,
                            label,
                            label + ": the way out to the " + r.side().key() + " is barred by "
                                    + String.join(", ", r.blockedBy()),
                            "each cutting position has a main and an alternate way out",
                            "practice rule",
                            "clear it, turn the lay, or acknowledge one way"));
            return Stream.of(barred, slow(p), cover(p)).flatMap(x -> x);
        });
    }

    /** Stepping behind a tree is no distance, whatever the clock says. */
    private static Stream<Finding> cover(LayPlan p) {
        String label = p.stem().label();
        return p.choice().leaving().coverTree().stream()
                .map(tree -> Finding.of(
                        "cover:" + label,
                        SECOND_OPINION,
                        3,
                        label,
                        label + ": he is to step behind " + tree + " instead of being clear in time",
                        "a cover tree is no distance",
                        "practice rule",
                        "clear the way, pull after he has left, name no cover tree, or a second opinion"));
    }

    /**
     * Within reach of butt and crown when it lands: a number and what helps; hardly away at all stops until the plan
     * changes.
     */
    private static Stream<Finding> slow(LayPlan p) {
        String label = p.stem().label();
        if (p.choice().leaving().coverTree().isPresent()) {
            return Stream.empty();
        }
        return switch (p.away()) {
            case CLEAR, LEFT_BEFORE -> Stream.empty();
            case NOT_KNOWN ->
                p.row().isEmpty()
                        ? Stream.empty()
                        : Stream.of(Finding.of(
                                "slow:" + label,
                                CAUTION,
                                3,
                                label,
                                label + ": how much time he has is not known",
                                "a pulled stem is down sooner than its lean says",
                                "mechanics",
                                "measure the line, or pull only when he has left"));
            case WITHIN, TOO_NEAR ->
                Stream.of(Finding.of(
                        "slow:" + label,
                        p.away() == LayPlan.Away.TOO_NEAR ? STOP : CAUTION,
                        3,
                        label,
                        label + ": he is "
                                + Rounding.downText(p.escape().reachedM().orElse(0.0)) + " m away when it lands, "
                                + Rounding.upText(p.clearM()) + " m are clear of butt and crown",
                        "he walks from the first movement, or from the release of a strap",
                        "mechanics",
                        String.join("; or ", helps(p))));
        };
    }

    private static List<String> helps(LayPlan p) {
        return Stream.concat(
                        p.timeHelps().stream(),
                        Stream.of(
                                p.away() == LayPlan.Away.TOO_NEAR
                                        ? "a cover tree, with a second opinion"
                                        : "acknowledge"))
                .toList();
    }

    /** A stem that is to be felled has its lay and drop zone fixed. */
    private static Stream<Finding> fixed(Situation s) {
        return s.steps().stream()
                .filter(st -> st.kind() == Step.Kind.FELL && !st.done())
                .flatMap(st -> st.stem().stream())
                .distinct()
                .flatMap(label -> s.stem(label).stream())
                .flatMap(f -> {
                    String label = f.reading().label();
                    if (f.lay().isEmpty()) {
                        List<String> missing = f.reading().notKnown();
                        return Stream.of(Finding.of(
                                "lay:" + label,
                                STOP,
                                missing.isEmpty() ? 3 : 2,
                                label,
                                label + ": is to be felled, but "
                                        + (missing.isEmpty()
                                                ? "has no lay"
                                                : "its " + String.join(", ", missing) + " is not known"),
                                "no cut without a lay that was computed",
                                "practice rule",
                                missing.isEmpty() ? "choose a lay" : "measure it"));
                    }
                    return f.fixed() && f.dropZone().isPresent()
                            ? Stream.empty()
                            : Stream.of(Finding.of(
                                    "fix:" + label,
                                    STOP,
                                    3,
                                    label,
                                    label + ": lay and drop zone are not fixed",
                                    "the crew is briefed on a lay that stands",
                                    "practice rule",
                                    "fix the lay and the drop zone"));
                });
    }
}
