package org.antevid.core.takedown.picks;

import java.util.List;
import java.util.Optional;
import org.antevid.core.Samples;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemReading;
import org.antevid.core.takedown.crane.PadPressure;
import org.antevid.core.takedown.drop.FreeDrop;
import org.antevid.core.takedown.pieces.Aloft;
import org.antevid.core.takedown.pieces.Below;
import org.antevid.core.takedown.pieces.Cut;
import org.antevid.core.takedown.pieces.CutFigure;
import org.antevid.core.takedown.pieces.Gear;
import org.antevid.core.takedown.pieces.Limb;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.core.takedown.pieces.Way;

/** A crane that stands in order beside an oak of which it picks a limb, the top and a log. */
public final class CraneSamples {
    public static final Spot FOOT = new Spot(0, 0);
    public static final Spot CRANE = new Spot(5, 0);
    public static final Spot LANDING = new Spot(5, 5);
    public static final StemReading OAK = Samples.oak("S5", FOOT, List.of());
    public static final Surroundings OPEN = new Surroundings(List.of(), List.of());

    public static final Stands LOOKED = new Stands(Optional.of("tracked crane"), Optional.of(0.5), Optional.of(false));

    public static TakeDown plan(Optional<Double> slungM) {
        return TakeDown.of(
                CutFigure.of(OAK, List.of(new Limb("L1", 9, 0.12, 4, 90, 20, false))),
                Aloft.of(OAK),
                List.of(
                        new Cut(Optional.of("L1"), 0, Way.PICKED, slungM, Optional.empty(), Optional.empty()),
                        new Cut(Optional.empty(), 17, Way.PICKED, Optional.empty(), Optional.empty(), Optional.empty()),
                        new Cut(
                                Optional.empty(),
                                15,
                                Way.PICKED,
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty())),
                Gear.NONE,
                new Below(FreeDrop.Surface.TURF, 0, 8, 10));
    }

    public static Pad pad(Spot at) {
        return new Pad(
                at,
                Optional.of(PadPressure.Soil.COMPACTED_GRAVEL),
                0.8,
                0.3,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(false));
    }

    public static SetUp setUp(Spot at, Spot landing) {
        return setUp(
                at,
                landing,
                List.of(45, 135, 225, 315).stream().map(d -> pad(at.at(d, 2.7))).toList());
    }

    public static SetUp setUp(Spot at, Spot landing, List<Pad> pads) {
        return new SetUp(
                Optional.of(ChartFile.of(ChartFileTest.lines())),
                true,
                Optional.of(at),
                2900,
                Optional.empty(),
                pads,
                50,
                20,
                0,
                8,
                0.5,
                Optional.of(12.0),
                3,
                Optional.of(20_000.0),
                true,
                Optional.empty(),
                Optional.of(new SetUp.Landing(landing, 12, 8)),
                LOOKED);
    }

    /** The same crane, set up otherwise. */
    public static SetUp with(
            Optional<ChartFile> chart,
            boolean confirmed,
            Optional<Spot> at,
            List<Pad> pads,
            Optional<SetUp.Landing> landing,
            Stands stands,
            Optional<Double> slingN) {
        SetUp s = setUp(CRANE, LANDING);
        return new SetUp(
                chart,
                confirmed,
                at,
                s.massKg(),
                s.makersN(),
                pads,
                s.hookKg(),
                s.slingsKg(),
                s.attachmentKg(),
                s.hookLineM(),
                s.marginM(),
                s.windLimitMs(),
                s.legM(),
                slingN,
                s.tagLine(),
                s.grip(),
                landing,
                stands);
    }

    private CraneSamples() {}
}
