package org.antevid.app.takedown.web;

import static org.antevid.app.reader.Given.or;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.antevid.core.site.Spot;
import org.antevid.core.takedown.crane.PadPressure;
import org.antevid.core.takedown.picks.ChartFile;
import org.antevid.core.takedown.picks.Pad;
import org.antevid.core.takedown.picks.SetUp;
import org.antevid.core.takedown.picks.Stands;

/** What is sent of a crane. */
final class CraneRequests {
    private CraneRequests() {}

    /**
     * A pad under a leg.
     *
     * @param soil left out: nobody looked
     * @param sideM of the square pad, 0.05..5 m
     * @param footM 0.05..3 m
     * @param thickM 0.005..1 m; left out: it is taken as stiff
     * @param edgeM from its edge to a bank, wall or pit that is not on the plan
     * @param edgeDepthM how deep that, or the nearest on the plan, is
     * @param hollow a cover, pipe or cellar beneath or beside; left out: nobody asked
     */
    record PadPut(
            @NotNull Spot at,
            Optional<PadPressure.Soil> soil,
            @NotNull Double sideM,
            @NotNull Double footM,
            Optional<Double> thickM,
            Optional<Double> edgeM,
            Optional<Double> edgeDepthM,
            Optional<Boolean> hollow) {
        static PadPut of(Pad p) {
            return new PadPut(
                    p.at(), p.soil(), p.sideM(), p.footM(), p.thickM(), p.edgeM(), p.edgeDepthM(), p.hollow());
        }

        Pad forCore() {
            return new Pad(at, or(soil), sideM, footM, or(thickM), or(edgeM), or(edgeDepthM), or(hollow));
        }
    }

    /** Where it is laid down. */
    record LandingPut(
            @NotNull Spot at,
            @NotNull Double lengthM,
            @NotNull Double widthM) {}

    /** What a grab closes on. */
    record GripPut(@NotNull Double leastM, @NotNull Double mostM) {}

    /**
     * How it got there and stands; what is left out nobody looked at.
     *
     * @param machine name of a machine of the job
     * @param outOfLevelDeg as its level reads, 0..20 degrees
     * @param ice whether a pad stands on ice, snow or thawing ground
     */
    record StandsSaid(Optional<String> machine, Optional<Double> outOfLevelDeg, Optional<Boolean> ice) {
        Stands forCore() {
            return new Stands(or(machine), or(outOfLevelDeg), or(ice));
        }
    }

    /**
     * A crane as it is set up.
     *
     * @param chart cells of each line of the maker's chart; left out: none is loaded
     * @param confirmed somebody on site confirmed it on the machine
     * @param at slew centre
     * @param makersN the maker's largest force of a leg
     */
    record SetUpRequest(
            Optional<List<List<@NotNull String>>> chart,
            boolean confirmed,
            Optional<Spot> at,
            @NotNull Double massKg,
            Optional<Double> makersN,
            @NotNull @Size(max = 6) List<@Valid @NotNull PadPut> pads,
            @NotNull Double hookKg,
            @NotNull Double slingsKg,
            @NotNull Double attachmentKg,
            @NotNull Double hookLineM,
            @NotNull Double marginM,
            Optional<Double> windLimitMs,
            @NotNull Double legM,
            Optional<Double> slingN,
            boolean tagLine,
            Optional<@Valid GripPut> grip,
            Optional<@Valid LandingPut> landing,
            Optional<StandsSaid> stands) {
        static SetUpRequest of(SetUp s) {
            return new SetUpRequest(
                    s.chart().map(ChartFile::lines),
                    s.confirmed(),
                    s.at(),
                    s.massKg(),
                    s.makersN(),
                    s.pads().stream().map(PadPut::of).toList(),
                    s.hookKg(),
                    s.slingsKg(),
                    s.attachmentKg(),
                    s.hookLineM(),
                    s.marginM(),
                    s.windLimitMs(),
                    s.legM(),
                    s.slingN(),
                    s.tagLine(),
                    s.grip().map(g -> new GripPut(g.leastM(), g.mostM())),
                    s.landing().map(l -> new LandingPut(l.at(), l.lengthM(), l.widthM())),
                    Optional.of(new StandsSaid(
                            s.stands().machine(),
                            s.stands().outOfLevelDeg(),
                            s.stands().ice())));
        }

        SetUp forCore() {
            return new SetUp(
                            or(chart).map(ChartFile::of),
                            confirmed,
                            or(at),
                            massKg,
                            or(makersN),
                            pads.stream().map(PadPut::forCore).toList(),
                            hookKg,
                            slingsKg,
                            attachmentKg,
                            hookLineM,
                            marginM,
                            or(windLimitMs),
                            legM,
                            or(slingN),
                            tagLine,
                            or(grip).map(g -> new SetUp.Grip(g.leastM, g.mostM)),
                            or(landing).map(l -> new SetUp.Landing(l.at, l.lengthM, l.widthM)),
                            or(stands).map(StandsSaid::forCore).orElse(Stands.NOT_SAID))
                    .placed();
        }
    }

    /**
     * What the display showed.
     *
     * @param piece its turn
     * @param readKg hook and slings in it
     * @param free it hung free and still
     */
    record ReadingRequest(
            @NotNull Integer piece,
            @NotNull Double readKg,
            @NotNull Boolean free) {}

    /** @param why what an odd reading came from */
    record FoundWhyRequest(@NotBlank @Size(max = 200) String why) {}
}
