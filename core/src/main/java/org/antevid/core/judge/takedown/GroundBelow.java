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
        Optional<Shape> zone =
                KeepClear.whileCut(foot, p, site.terrain().groundAt(foot)).map(Shape::polygon);
        boolean taken = bed.filter(b -> !p.cut().way().roped())
                .filter(b -> b.lacks(outline(site, b), foot, p).isEmpty())
                .isPresent();
        Map<What, Map<Severity, List<String>>> all = new EnumMap<>(What.class);
        zone.stream()
                .flatMap(z -> site.features().stream().filter(f -> f.shape().touches(z)))
                .forEach(f -> at(p, f, taken).forEach(x -> all.computeIfAbsent(x.what, w -> new LinkedHashMap<>())
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
     */
    private static Stream<GroundBelow> at(Piece p, Feature f, boolean taken) {
        boolean free = !p.cut().way().roped();
        boolean thrown = free && p.cut().way() != Way.BY_HAND;
        boolean hit = free && f.worth() > 0 && f.mustNotBeHit();
        boolean people = f.mayHoldPeopleNow() && (f.kind().inTheOpen() || thrown);
        if (thrown && hit && (f.live() || people && !f.peopleTakenCareOf())) {
            return Stream.of(new GroundBelow(What.CAN_END_ON, Severity.STOP, List.of(f.name())));
        }
        return Stream.concat(
                Stream.of(new GroundBelow(
                                f.peopleTakenCareOf() ? What.NOT_YET_SHUT : What.NOBODY_KEEPS_OUT,
                                f.peopleTakenCareOf() ? Severity.CAUTION : Severity.STOP,
                                List.of(f.name())))
                        .filter(x -> people),
                Stream.of(new GroundBelow(
                                thrown && taken ? What.PAST_THE_BED : What.CAN_END_ON,
                                onto(f, thrown, taken),
                                List.of(f.name())))
                        .filter(x -> hit));
    }

    private static Severity onto(Feature f, boolean thrown, boolean taken) {
        if (!thrown) {
            return Severity.CAUTION;
        }
        boolean dear = f.worthOnceClear() >= DEAR;
        if (taken) {
            return dear ? Severity.SECOND_OPINION : Severity.CAUTION;
        }
        return dear ? Severity.STOP : Severity.SECOND_OPINION;
    }

    /** @return it in words, the smallest change that clears it with it */
    public Message said() {
        return Message.of(what).with("targets", Arg.names(names));
    }
}
