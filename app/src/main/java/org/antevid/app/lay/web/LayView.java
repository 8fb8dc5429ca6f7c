package org.antevid.app.lay.web;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.reader.Speech;
import org.antevid.core.lay.DropZone;
import org.antevid.core.lay.FallZone;
import org.antevid.core.lay.Landmark;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.spread.SightMiss;
import org.antevid.core.lay.zone.Zone;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.stump.CutCard;

/** A lay as the screens draw it. Zones are rounded up, clearances and times down, before they leave. */
public record LayView(
        String stem,
        @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST) double layDeg,
        Spot stump,
        LayFigures figures,
        double reachM,
        double throwM,
        Optional<Double> slideM,
        double buttZoneM,
        Ring ring,
        double exclusionM,
        double fanRadiusM,
        double fanFromDeg,
        double fanToDeg,
        boolean wholeCircle,
        List<Spot> fan,
        Spot tip,
        double swathHalfM,
        double slopeAlongDeg,
        @Shown(in = Dimension.MASS, to = Side.UP) double massHighKg,
        boolean controlProven,
        boolean leanKnown,
        boolean measureLeanFirst,
        List<String> controlReasons,

        @Shown(in = Dimension.ANGLE, to = Side.NEAREST, unsigned = true)
        Optional<Double> biasDeg,

        Optional<Double> sigmaDeg,
        @Shown(in = Dimension.ANGLE, to = Side.UP) Optional<Double> within95Deg,
        Optional<Double> sidePercent,
        Optional<Double> neededN,
        Optional<Double> standsGustMs,
        double holdGustMs,
        Optional<String> neededWords,
        Optional<String> givesWords,
        Optional<Aim> aim,
        double missPerCmM,
        List<Sight> landmarks,
        List<Target> targets,
        List<HangUp> hangUps,
        List<OccupiedArea> occupied,
        List<ZoneView> zones,
        List<WayView> ways,
        List<BarredSectorView> dangers,
        Optional<String> waysDiffer,
        @Shown(in = Dimension.TIME, to = Side.DOWN) Optional<Double> fallFastS,
        Optional<Double> marginS,
        Optional<Double> reachedM,
        Optional<Double> reachedIfClearedM,
        LayPlan.Away away,
        double clearM,
        double leastAwayM,
        List<String> timeHelps,
        double escapeM,
        Optional<StrapView> strap,
        LandingView landing,
        @Shown(in = Dimension.SHORT, to = Side.DOWN) double hingeOffFor1mMissM,
        List<Spot> suggestedDropZone) {

    /**
     * Practice and mechanics of the keep-out ring, whole metres.
     *
     * @param mechanicsM empty: without end downhill
     * @param decides which of them is the larger
     * @param open directions in which it has no end
     */
    record Ring(double practiceM, Optional<Double> mechanicsM, String decides, Optional<FallZone.Open> open) {}

    /**
     * Correction offered for the drift that is expected; never applied by itself.
     *
     * @param aimDeg to sight at so that it lies on its lay
     */
    record Aim(
            @Shown(in = Dimension.ANGLE, to = Side.UP) double correctDeg,
            EscapeRoutes.Side side,
            @Shown(in = Dimension.ANGLE, to = Side.NEAREST) double aimDeg) {}

    record Sight(String words, Spot at, double distanceM, String away, double offM) {}

    /**
     * @param chance in words, the controlled one; {@code atMost} over every spread up to this one, {@code chanceLost}
     *     with control lost altogether
     * @param limit for its worth
     */
    record Target(
            String id,
            String name,
            int worth,
            boolean mayBeHit,
            boolean isProtected,
            double fromStumpM,
            double clearanceM,
            String clearance,
            boolean inReach,
            boolean inFan,
            boolean inRing,
            String chance,
            Optional<String> atMost,
            Optional<String> chanceLost,
            Optional<String> limit,
            boolean blocks) {}

    /** @param severity 0..1, how badly the crowns meet */
    record HangUp(String tree, double severity, String words) {}

    /** Somewhere people or animals may be inside the ring. */
    record OccupiedArea(
            String id,
            String name,
            double fromStumpM,
            String away,
            String how,
            String by,
            boolean done,
            boolean takenCareOf) {}

    record ZoneView(Zone.Kind kind, String words, String why, List<String> clippedBy, List<List<Spot>> outlines) {}

    /**
     * @param ground in words
     * @param clearedBy who cleared it, empty while nobody has
     */
    record WayView(
            String name,
            EscapeRoutes.Side side,
            boolean open,
            boolean best,
            Optional<Double> relDeg,
            Optional<Double> azimuthDeg,
            Optional<Double> lengthM,
            Optional<String> length,

            @Shown(in = Dimension.SECTOR, to = Side.UP, unsigned = true)
            Optional<Double> slopeUpDeg,

            @Shown(in = Dimension.TIME, to = Side.UP) Optional<Double> walkS,

            @Shown(in = Dimension.TIME, to = Side.DOWN, unsigned = true)
            Optional<Double> marginS,

            List<Spot> path,
            List<String> blockedBy,
            String ground,
            Optional<String> clearedBy) {}

    record StrapView(
            @Shown(in = Dimension.TIMES, to = Side.DOWN) Optional<Double> ratio,
            boolean holds,
            @Shown(in = Dimension.SHORT, to = Side.UP) Optional<Double> neededM) {}

    record LandingView(
            List<Contact> contacts,
            List<Double> wholeM,
            List<String> whole,
            @Shown(in = Dimension.TIMES, to = Side.UP) Optional<Double> buttLiftShare) {}

    record Contact(String name, String bed, double atM, String where, Spot at, boolean lifts, boolean breaks) {}

    private static final double NO_DRIFT_DEG = 0.05;
    /** Standard deviations that hold 95 in 100 falls. */
    private static final double NINETY_FIVE = 1.96;

    /** What of the recorded lay goes into the picture beside the plan itself. */
    public record LayRecord(
            Optional<org.antevid.core.site.Shape> dropZone,
            List<Zone.Clip> clips,
            Map<EscapeRoutes.Side, String> clearedBy) {
        public static final LayRecord NOTHING = new LayRecord(Optional.empty(), List.of(), Map.of());
    }

    public static LayView of(LayPlan p, Site site, LayRecord recorded) {
        CutCard c = p.card();
        double reach = Rounding.up(p.zone().designReachM(), 1);
        SightMiss perCm =
                SightMiss.of(10, Math.max(0.05, c.hingeLengthM()), p.zone().lengthM());
        return new LayView(
                p.stem().label(),
                p.choice().layDeg(),
                p.stem().at(),
                LayFigures.of(p, site),
                reach,
                Rounding.up(p.zone().throwM(), 1),
                p.zone().slideM().map(s -> Rounding.up(s, 1)),
                Rounding.up(p.zone().buttZoneM(), 1),
                ring(p),
                Rounding.up(p.zone().exclusionM(), 0),
                p.fan().radiusM(),
                p.fan().fromDeg(),
                p.fan().toDeg(),
                p.fan().wholeCircle(),
                p.fanOutline(),
                p.zone().tip(),
                Rounding.up(p.zone().swathHalfM(), 1),
                p.zone().slopeAlongDeg(),
                Rounding.up(p.mass().massHighKg(), -1),
                p.control().proven(),
                p.row().isPresent(),
                p.control().asExpected(p.row()),
                Speech.words().say(p.control().reasons()),
                p.control().biasDeg(),
                p.control().sigmaDeg(),
                p.control().sigmaDeg().map(s -> NINETY_FIVE * s),
                p.sideUse().map(u -> Rounding.up(100 * u, 0)),
                p.control().neededN().map(n -> Rounding.up(n, -1)),
                p.control().standsGustMs().map(g -> Rounding.down(g, 0)),
                p.gustLimitMs(site.today().designGustMs()),
                p.control().neededN().filter(n -> n > 0).map(n -> Speech.words().show(Arg.up(Dimension.PULL, n))),
                p.choice().means().tensionN().map(n -> Speech.words().show(Arg.down(Dimension.PULL, n))),
                aim(p),
                Rounding.up(perCm.missM(), 2),
                Landmark.ahead(
                                p.stem().at(),
                                p.choice().layDeg(),
                                site,
                                p.stem().label())
                        .stream()
                        .map(l -> new Sight(
                                Speech.words().say(l.says()),
                                l.at(),
                                l.distanceM(),
                                LayFigures.near(Dimension.DISTANCE, l.distanceM()),
                                l.offM()))
                        .toList(),
                targets(p),
                hangUps(p),
                p.occupied(site).stream().map(f -> occupied(f, p)).toList(),
                Zone.of(p, recorded.dropZone, recorded.clips).stream()
                        .map(z -> new ZoneView(
                                z.kind(),
                                Speech.words().term(z.kind()),
                                Speech.words().say(z.why()),
                                z.clippedBy(),
                                z.area().outlines()))
                        .toList(),
                ways(p, recorded.clearedBy),
                EscapeRoutes.dangers(p.choice().layDeg()).stream()
                        .map(d -> new BarredSectorView(Speech.words().term(d.danger()), d.fromDeg(), d.toDeg()))
                        .toList(),
                p.escape().differ().map(Speech.words()::say),
                p.fallTime().fastS().map(t -> Rounding.down(t, 1)),
                p.escape().marginS().map(m -> Rounding.down(m, 1)),
                p.escape().reachedM().map(m -> Rounding.down(m, 1)),
                p.reachedIfClearedM().map(m -> Rounding.down(m, 1)),
                p.away(),
                Rounding.up(p.clearM(), 1),
                p.limits().leastAwayM(),
                Speech.words().say(p.timeHelps()),
                p.escape().requiredM(),
                p.strap()
                        .map(s -> new StrapView(
                                s.ratio().map(r -> Rounding.down(r, 1)),
                                s.holds(),
                                s.neededM().map(n -> Rounding.up(n, 3)))),
                landing(p),
                SightMiss.of(0, Math.max(0.05, c.hingeLengthM()), p.zone().lengthM())
                                .mmFor1mMiss()
                        / 1000,
                DropZone.of(p));
    }

    private static Ring ring(LayPlan p) {
        double practice = p.limits().exclusionLengths() * p.zone().lengthM();
        Optional<Double> mechanics = p.zone()
                .slideM()
                .map(s -> Rounding.up(p.zone().lengthM() + p.zone().throwM() + s, 0));
        return new Ring(
                Rounding.up(practice, 0),
                mechanics,
                mechanics.filter(m -> m <= Rounding.up(practice, 0)).isPresent() ? "practice" : "mechanics",
                p.zone().open());
    }

    private static Optional<Aim> aim(LayPlan p) {
        return p.control()
                .biasDeg()
                .filter(b -> Math.abs(b) >= NO_DRIFT_DEG)
                .map(b -> new Aim(
                        Math.abs(b),
                        b > 0 ? EscapeRoutes.Side.LEFT : EscapeRoutes.Side.RIGHT,
                        Azimuth.normal(p.choice().layDeg() - b)));
    }

    private static List<Target> targets(LayPlan p) {
        boolean proven = p.control().proven();
        return p.targets().stream()
                .map(t -> new Target(
                        t.feature().id(),
                        t.feature().name(),
                        t.feature().worth(),
                        t.feature().mayBeHit(),
                        !t.feature().mustNotBeHit(),
                        Rounding.down(t.fromStumpM(), 1),
                        Rounding.down(t.clearanceM(), 1),
                        LayFigures.down(t.clearanceM()),
                        t.inReach(),
                        t.inFan(),
                        t.inRing(),
                        Speech.words().show(t.chance(proven)),
                        t.struck().map(k -> chance(k.strike().most())),
                        t.struck()
                                .filter(k -> k.strike().decision() > k.strike().controlled())
                                .map(k -> chance(k.strike().decision())),
                        t.struck().filter(k -> Double.isFinite(k.limit())).map(k -> chance(k.limit())),
                        t.blocks(proven)))
                .toList();
    }

    /** Directions nobody leaves by, clockwise from one edge to the other. */
    record BarredSectorView(String words, double fromDeg, double toDeg) {}

    private static String chance(double p) {
        return Speech.words().show(Arg.up(Dimension.CHANCE, p));
    }

    private static List<HangUp> hangUps(LayPlan p) {
        return p.row()
                .map(r -> r.hangUps().entrySet().stream()
                        .sorted(Map.Entry.comparingByValue(Comparator.reverseOrder()))
                        .map(e -> new HangUp(e.getKey(), e.getValue(), chance(e.getValue())))
                        .toList())
                .orElse(List.of());
    }

    private static OccupiedArea occupied(Feature f, LayPlan p) {
        boolean clears = f.protection().clearsPeople();
        return new OccupiedArea(
                f.id(),
                f.name(),
                Rounding.down(f.shape().distanceTo(p.stem().at()), 1),
                LayFigures.down(f.shape().distanceTo(p.stem().at())),
                clears ? Speech.words().term(f.protection()) : "",
                clears ? f.protectedBy() : "",
                f.protectionDone() && clears,
                f.peopleTakenCareOf());
    }

    private static List<WayView> ways(LayPlan p, Map<EscapeRoutes.Side, String> clearedBy) {
        return p.escape().routes().stream()
                .map(r -> {
                    boolean cleared = p.choice().leaving().cleared().contains(r.side());
                    return new WayView(
                            r.side() == EscapeRoutes.Side.RIGHT ? "E1" : "E2",
                            r.side(),
                            r.open(),
                            p.escape().best().filter(b -> b.side() == r.side()).isPresent(),
                            r.way().map(w -> w.relDeg()),
                            r.way().map(w -> w.azimuthDeg()),
                            r.way().map(w -> Rounding.up(w.lengthM(), 1)),
                            r.way().map(w -> LayFigures.up(w.lengthM())),
                            r.way().map(w -> Math.toDegrees(Math.atan(w.slopeUp()))),
                            r.way().map(w -> Rounding.up(w.walkS(), 1)),
                            r.way().flatMap(w -> w.marginS()).map(m -> Rounding.down(m, 1)),
                            r.way().map(p::onPlan).orElse(List.of()),
                            r.blockedBy().stream().map(Speech.words()::show).toList(),
                            cleared
                                    ? "cleared"
                                    : "not cleared: walks at "
                                            + Math.round(100 * p.escape().footingFactor()) + " %",
                            cleared ? Optional.of(clearedBy.getOrDefault(r.side(), "")) : Optional.empty());
                })
                .toList();
    }

    private static LandingView landing(LayPlan p) {
        return new LandingView(
                p.landing().contacts().stream()
                        .map(c -> new Contact(
                                c.name(),
                                Speech.words().term(c.bed()),
                                Rounding.down(c.atM(), 1),
                                LayFigures.down(c.atM()),
                                p.stem().at().at(p.choice().layDeg(), c.atM()),
                                c.lifts(),
                                c.breaks()))
                        .toList(),
                p.landing().wholeM().stream().map(m -> Rounding.down(m, 1)).toList(),
                p.landing().wholeM().stream().map(LayFigures::down).toList(),
                p.landing().buttLiftShare().map(s -> Rounding.up(s, 1)));
    }
}
