package org.antevid.core.takedown.picks;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Spot;

/**
 * A crane as it is set up for one tree.
 *
 * @param chart the maker's, of the configuration it stands in
 * @param confirmed by somebody on site against the machine
 * @param at its slew centre
 * @param massKg of the machine, 100..2,000,000
 * @param makersN the maker's largest force of a leg; empty: reckoned as a stiff frame
 * @param hookKg block, {@code slingsKg} slings and shackles, {@code attachmentKg} a grab; 0..100,000 each
 * @param hookLineM from the boom's tip to the load, 0.5..100 m
 * @param marginM the boom bends out, radii are measured with an error, 0..20 m
 * @param windLimitMs the maker's for this configuration; empty: nobody said
 * @param legM of each sling, 0.2..60 m
 * @param slingN working limit of a sling pulled straight; empty: not known
 * @param tagLine somebody turns the load by a line
 * @param grip what the grab closes on; empty without one
 * @param stands how it got there and stands
 */
public record SetUp(
        Optional<ChartFile> chart,
        boolean confirmed,
        Optional<Spot> at,
        double massKg,
        Optional<Double> makersN,
        List<Pad> pads,
        double hookKg,
        double slingsKg,
        double attachmentKg,
        double hookLineM,
        double marginM,
        Optional<Double> windLimitMs,
        double legM,
        Optional<Double> slingN,
        boolean tagLine,
        Optional<Grip> grip,
        Optional<Landing> landing,
        Stands stands) {
    private static final int MOST_PADS = 6;
    /** From the slew centre to a leg of a small tracked crane (judgement); each is moved to where it stands. */
    private static final double USUAL_LEG_M = 2.7;

    private static final double USUAL_PAD_M = 0.6;
    private static final double USUAL_FOOT_M = 0.3;

    /** Where it is laid down. */
    public record Landing(Spot at, double lengthM, double widthM) {
        public Landing {
            Require.within(lengthM, 0.2, 500, "landing.lengthM");
            Require.within(widthM, 0.2, 500, "landing.widthM");
        }
    }

    /**
     * @return as it is planned for another day or job: nobody has confirmed its chart, nobody has looked how it stands
     */
    public SetUp elsewhere() {
        return new SetUp(
                chart,
                false,
                at,
                massKg,
                makersN,
                pads,
                hookKg,
                slingsKg,
                attachmentKg,
                hookLineM,
                marginM,
                windLimitMs,
                legM,
                slingN,
                tagLine,
                grip,
                landing,
                Stands.NOT_SAID);
    }

    /** Smallest and largest diameter a grab holds. */
    public record Grip(double leastM, double mostM) {
        public Grip {
            Require.within(leastM, 0, 3, "grip.leastM");
            Require.within(mostM, leastM, 3, "grip.mostM");
        }
    }

    /** Nothing set up yet; the lengths are what is usual. */
    public static final SetUp NONE = new SetUp(
            Optional.empty(),
            false,
            Optional.empty(),
            2900,
            Optional.empty(),
            List.of(),
            50,
            20,
            0,
            10,
            0.5,
            Optional.empty(),
            3,
            Optional.empty(),
            true,
            Optional.empty(),
            Optional.empty(),
            Stands.NOT_SAID);

    public SetUp {
        // set-ups kept before it was asked have none
        stands = stands == null ? Stands.NOT_SAID : stands;
        Require.within(massKg, 100, 2e6, "massKg");
        makersN.ifPresent(n -> Require.within(n, 1, 1e7, "makersN"));
        pads = List.copyOf(pads);
        Require.within(pads.size(), 0, MOST_PADS, "pads");
        Require.within(hookKg, 0, 1e5, "hookKg");
        Require.within(slingsKg, 0, 1e5, "slingsKg");
        Require.within(attachmentKg, 0, 1e5, "attachmentKg");
        Require.within(hookLineM, 0.5, 100, "hookLineM");
        Require.within(marginM, 0, 20, "marginM");
        windLimitMs.ifPresent(v -> Require.within(v, 1, 30, "windLimitMs"));
        Require.within(legM, 0.2, 60, "legM");
        slingN.ifPresent(n -> Require.within(n, 1, 1e7, "slingN"));
    }

    /** @return the same with pads where they usually stand, where a crane was put down and none was set */
    public SetUp placed() {
        if (at.isEmpty() || !pads.isEmpty()) {
            return this;
        }
        List<Pad> usual = Stream.of(45, 135, 225, 315)
                .map(deg -> new Pad(
                        at.get().at(deg, USUAL_LEG_M),
                        Optional.empty(),
                        USUAL_PAD_M,
                        USUAL_FOOT_M,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()))
                .toList();
        return new SetUp(
                chart,
                confirmed,
                at,
                massKg,
                makersN,
                usual,
                hookKg,
                slingsKg,
                attachmentKg,
                hookLineM,
                marginM,
                windLimitMs,
                legM,
                slingN,
                tagLine,
                grip,
                landing,
                stands);
    }

    double deductionsKg() {
        return hookKg + slingsKg + attachmentKg;
    }
}
