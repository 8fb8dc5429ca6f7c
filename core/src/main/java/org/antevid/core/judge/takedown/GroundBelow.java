package org.antevid.core.judge.takedown;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.judge.Severity;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Message;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.takedown.pieces.DropBed;
import org.antevid.core.takedown.pieces.KeepClear;
import org.antevid.core.takedown.pieces.Piece;
import org.antevid.core.takedown.pieces.Way;

/**
 * What is below one piece as it comes down: what it can end on where no line holds it, and who may come under it
 * however it comes. Practice rule.
 *
 * @param names of what is below
 */
public record GroundBelow(What what, Severity severity, List<String> names) {
    private static final int DEAR = 3;

    /** What it is to it. */
    public enum What implements Code {
        /** It can strike it. */
        CAN_END_ON,
        /** It strikes a bed that takes it, and may bounce or roll onto it. */
        PAST_THE_BED,
        /** It goes over its hinge away from it: it ends there only where the hinge does not hold. */
        BEHIND_THE_FACE,
        /** People may be there: nobody is named to keep them out. */
        NOBODY_KEEPS_OUT,
        /** Somebody is named, and it is not done. */
        NOT_YET_SHUT
    }

    public GroundBelow {
        names = List.copyOf(names);
    }

    /**
     * @param foot of the stem on the plan
     * @param bed it is let down onto; empty where none is laid
     * @return each matter once, the worst first; nothing of what is picked, felled, or rolls where nothing stops it,
     *     which is held against it elsewhere
     */
    public static List<GroundBelow> of(Site site, Spot foot, Piece p, Optional<DropBed> bed) {
        if (p.cut().way().picked() || !p.cut().way().aloft()) {
            return List.of();
        }
        Ground ground = site.terrain().groundAt(foot);
        Optional<Shape> zone = KeepClear.whileCut(foot, p, ground).map(Shape::polygon);
        Optional<Shape> ahead = KeepClear.ahead(foot, p, ground).map(Shape::polygon);
        boolean taken = bed.filter(b -> !p.cut().way().roped())
                .filter(b -> b.lacks(outline(site, b), foot, p).isEmpty())
                .isPresent();
        Map<What, Map<Severity, List<String>>> all = new EnumMap<>(What.class);
        zone.stream()
                .flatMap(z -> site.features().stream().filter(f -> f.shape().touches(z)))
                .forEach(f -> at(
                                p,
                                f,
                                taken,
                                ahead.filter(a -> !f.shape().touches(a)).isPresent())
                        .forEach(x -> all.computeIfAbsent(x.what, w -> new LinkedHashMap<>())
                                .merge(x.severity, x.names, GroundBelow::and)));
        return all.entrySet().stream()
                .flatMap(w -> w.getValue().entrySet().stream()
                        .map(s -> new GroundBelow(w.getKey(), s.getKey(), s.getValue())))
                .sorted((a, b) -> a.severity.compareTo(b.severity))
                .toList();
    }

    private static List<String> and(List<String> a, List<String> b) {
        return Stream.concat(a.stream(), b.stream()).distinct().toList();
    }

    /** @return the bed as it lies on the plan; empty where it does not */
    public static Optional<Shape> outline(Site site, DropBed bed) {
        return site.features().stream()
                .filter(f -> f.kind() == FeatureKind.LANDING_BED && f.name().equals(bed.name()))
                .map(Feature::shape)
                .findFirst();
    }

    /**
     * Who may be there and what the thing itself is worth are held apart: what somebody is named to shut is briefed
     * first and shut then.
     *
     * @param taken by a bed it is let down onto
     * @param behind the face of a top: that keeps no people and no live line out of reach
     */
    private static Stream<GroundBelow> at(Piece p, Feature f, boolean taken, boolean behind) {
        boolean free = !p.cut().way().roped();
        boolean thrown = free && p.cut().way() != Way.BY_HAND;
        boolean hit = free && f.worth() > 0 && f.mustNotBeHit();
        boolean people = f.mayHoldPeopleNow() && (f.kind().inTheOpen() || thrown);
        if (thrown && hit && (f.live() || !behind && people && !f.peopleTakenCareOf())) {
            return Stream.of(new GroundBelow(What.CAN_END_ON, Severity.STOP, List.of(f.name())));
        }
        return Stream.concat(
                Stream.of(new GroundBelow(
                                f.peopleTakenCareOf() ? What.NOT_YET_SHUT : What.NOBODY_KEEPS_OUT,
                                f.peopleTakenCareOf() ? Severity.CAUTION : Severity.STOP,
                                List.of(f.name())))
                        .filter(x -> people),
                Stream.of(behind ? behind(f) : onto(f, thrown, taken)).filter(x -> hit));
    }

    private static GroundBelow behind(Feature f) {
        return new GroundBelow(What.BEHIND_THE_FACE, Severity.CAUTION, List.of(f.name()));
    }

    private static GroundBelow onto(Feature f, boolean thrown, boolean taken) {
        boolean dear = f.worthOnceClear() >= DEAR;
        Severity severity;
        if (!thrown) {
            severity = Severity.CAUTION;
        } else if (taken) {
            severity = dear ? Severity.SECOND_OPINION : Severity.CAUTION;
        } else {
            severity = dear ? Severity.STOP : Severity.SECOND_OPINION;
        }
        return new GroundBelow(thrown && taken ? What.PAST_THE_BED : What.CAN_END_ON, severity, List.of(f.name()));
    }

    /** @return it in words, the smallest change that clears it with it */
    public Message said() {
        return Message.of(what).with("targets", Arg.names(names));
    }
}
