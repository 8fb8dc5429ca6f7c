package org.antevid.core.takedown.pieces;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.quantity.Require;
import org.antevid.core.takedown.rope.Device;
import org.antevid.core.takedown.rope.Efficiency;
import org.antevid.core.takedown.rope.Line;

/**
 * What the pieces hang on. What is empty nobody has chosen: it carries nothing until somebody does.
 *
 * @param brakeDeg azimuth to the brake on another tree; empty: the line goes down the trunk to its foot
 * @param brakeAwayM how far off that one is, 1..60 m
 * @param handN steady pull of the brake hand, 50..300 N
 * @param slackM in the line when the piece lets go, 0..3 m
 * @param second draws across what hangs in the first
 */
public record Gear(
        Optional<Part> line,
        Optional<Part> block,
        Optional<Part> sling,
        Optional<Part> brake,
        Optional<Double> brakeDeg,
        double brakeAwayM,
        double handN,
        double slackM,
        Optional<SecondLine> second) {
    /** A steady gloved pull (practice). */
    public static final double USUAL_HAND_N = 200;

    public static final double USUAL_SLACK_M = 0.3;
    public static final double USUAL_AWAY_M = 8;
    public static final Gear NONE = new Gear(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            USUAL_AWAY_M,
            USUAL_HAND_N,
            USUAL_SLACK_M,
            Optional.empty());

    private static final double STIFFER = 1.25;
    private static final double SOFTER = 0.8;

    /**
     * A thing on the house's list.
     *
     * @param strengthN of the line its breaking strength, else the working load on its label
     * @param ageKnown whether somebody knows how old it is
     * @param passes of the block: pull passed on
     * @param forUse not withdrawn, and its inspection not overdue
     * @param left share of its strength that is left as somebody who looked it over says, 0.1..1
     * @param id on that list, {@code have} how many there are
     */
    public record Part(
            String name,
            double strengthN,
            boolean ageKnown,
            Optional<Double> passes,
            boolean forUse,
            double left,
            String id,
            int have) {
        private static final double WORN = 0.8;

        /** As many as are needed. */
        public Part(
                String name, double strengthN, boolean ageKnown, Optional<Double> passes, boolean forUse, double left) {
            this(name, strengthN, ageKnown, passes, forUse, left, name, Integer.MAX_VALUE);
        }

        /** Looked over, and as new. */
        public Part(String name, double strengthN, boolean ageKnown, Optional<Double> passes) {
            this(name, strengthN, ageKnown, passes, true, 1);
        }

        public Part {
            Require.within(left, 0.1, 1, "left");
        }

        /** @return it as a line over something to a brake, its stretch taken from its strength */
        Line stretched(double legBrakeM, Efficiency over) {
            return Line.of(new Line.Known(
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(strengthN),
                    STIFFER,
                    SOFTER,
                    legBrakeM,
                    over));
        }

        /** @return whether it is to be replaced (practice) */
        boolean worn() {
            return left < WORN;
        }
    }

    public Gear {
        brakeDeg.ifPresent(d -> Require.within(d, -360, 720, "brakeDeg"));
        Require.within(brakeAwayM, 1, 60, "brakeAwayM");
        Require.within(handN, 50, 300, "handN");
        Require.within(slackM, 0, 3, "slackM");
    }

    /** @return what is chosen of it that a piece on this way hangs in */
    public List<Part> parts(Way way) {
        Optional<SecondLine> across = second.filter(s -> way == Way.DRIFTED);
        Optional<FrictionAloft> aloft = across.flatMap(SecondLine::aloft);
        return Stream.of(
                        line,
                        block,
                        sling,
                        brake,
                        across.flatMap(SecondLine::line),
                        aloft.flatMap(FrictionAloft::device),
                        aloft.flatMap(FrictionAloft::sling))
                .flatMap(Optional::stream)
                .toList();
    }

    /** @return names of what is chosen of it that nobody may use: withdrawn, or its inspection overdue */
    public List<String> notForUse(Way way) {
        return parts(way).stream()
                .filter(p -> !p.forUse())
                .map(Part::name)
                .distinct()
                .toList();
    }

    /** @return names of what is chosen of it more often than the house has it: it hangs in one place at a time */
    public List<String> tooFew(Way way) {
        return parts(way).stream()
                .filter(p -> parts(way).stream().filter(o -> o.id.equals(p.id)).count() > p.have)
                .map(Part::name)
                .distinct()
                .toList();
    }

    /** @return names of what is chosen of it that is to be replaced */
    public List<String> worn(Way way) {
        return parts(way).stream().filter(Part::worn).map(Part::name).distinct().toList();
    }

    /** @return whether all of it is chosen */
    public boolean whole() {
        return line.isPresent() && block.isPresent() && sling.isPresent() && brake.isPresent();
    }

    /** @return whether all of it is chosen that a piece on this way hangs in */
    boolean whole(Way way) {
        return whole()
                && (way != Way.DRIFTED || second.filter(SecondLine::whole).isPresent());
    }

    /** @return the same with its line led to a brake on another tree, or down the trunk */
    Gear leadingTo(Optional<Double> otherDeg) {
        return new Gear(line, block, sling, brake, otherDeg, brakeAwayM, handN, slackM, second);
    }

    Efficiency efficiency() {
        Optional<Double> said = block.flatMap(Part::passes);
        return Efficiency.of(
                Device.BUSH_BLOCK,
                said.map(p -> Math.min(p, Device.BUSH_BLOCK.low())),
                said.map(p -> Math.max(p, Device.BUSH_BLOCK.high())));
    }

    /** @return the line over the block; empty while none is chosen */
    Optional<Line> over(double legBrakeM) {
        return line.map(l -> l.stretched(legBrakeM, efficiency()));
    }
}
