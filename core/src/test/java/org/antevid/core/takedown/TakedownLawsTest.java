package org.antevid.core.takedown;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.takedown.crane.LoadChart;
import org.antevid.core.takedown.crane.Pick;
import org.antevid.core.takedown.crane.PretensionWindow;
import org.antevid.core.takedown.crane.WeighedPicks;
import org.antevid.core.takedown.drop.FreeDrop;
import org.antevid.core.takedown.drop.Gust;
import org.antevid.core.takedown.rope.CatchPeak;
import org.antevid.core.takedown.rope.Device;
import org.antevid.core.takedown.rope.Efficiency;
import org.antevid.core.takedown.rope.Fall;
import org.antevid.core.takedown.rope.LargestPiece;
import org.antevid.core.takedown.rope.Line;
import org.antevid.core.takedown.rope.Load;
import org.antevid.core.takedown.spar.LinePath;
import org.antevid.core.takedown.spar.Point;
import org.antevid.core.takedown.spar.SparLoad;
import org.antevid.core.takedown.spar.SparSection;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What holds of taking down whatever the numbers are. */
class TakedownLawsTest {
    private static final int CASES = 300;

    private static Line line(double eaN, double brakeM, Efficiency e) {
        return Line.of(new Line.Known(
                Optional.of(eaN), Optional.empty(), Optional.empty(), Optional.empty(), 1.25, 0.8, brakeM, e));
    }

    private static CatchPeak caught(double kg, double dropM, double swingDeg, Line line, double legM) {
        return CatchPeak.of(
                new Load(kg, Optional.of(1.2 * kg)),
                new Fall(Optional.of(dropM), Optional.empty(), 0),
                new CatchPeak.Swing(swingDeg, Optional.empty()),
                line,
                legM);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void heavierFartherStifferOrShorterNeverLowersAPeak(long seed) {
        Random r = new Random(seed);
        for (int i = 0; i < CASES; i++) {
            double kg = 10 + 800 * r.nextDouble();
            double drop = 4 * r.nextDouble();
            double swing = r.nextBoolean() ? 0 : 60 * r.nextDouble();
            double ea = 50_000 + 500_000 * r.nextDouble();
            double leg = 1 + 10 * r.nextDouble();
            double brake = 20 * r.nextDouble();
            Efficiency e = new Efficiency(0.5, 0.9);
            double peak = caught(kg, drop, swing, line(ea, brake, e), leg).peakN();
            assertThat(caught(kg * 1.1, drop, swing, line(ea, brake, e), leg).peakN())
                    .isGreaterThanOrEqualTo(peak);
            assertThat(caught(kg, drop + 0.3, swing, line(ea, brake, e), leg).peakN())
                    .isGreaterThanOrEqualTo(peak);
            assertThat(caught(kg, drop, swing, line(ea * 1.2, brake, e), leg).peakN())
                    .isGreaterThanOrEqualTo(peak);
            assertThat(caught(kg, drop, swing, line(ea, 0.8 * brake, e), leg).peakN())
                    .isGreaterThanOrEqualTo(peak - 1e-6);
            assertThat(caught(kg, drop, swing, line(ea, brake, new Efficiency(0.4, 0.9)), leg)
                            .peakN())
                    .as("more friction aloft shortens what stretches")
                    .isGreaterThanOrEqualTo(peak - 1e-6);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {4, 5})
    void theLargestPieceJustReachesWhatIsAllowed(long seed) {
        Random r = new Random(seed);
        for (int i = 0; i < CASES; i++) {
            double allow = 2000 + 30_000 * r.nextDouble();
            Line l = line(50_000 + 500_000 * r.nextDouble(), 15 * r.nextDouble(), new Efficiency(0.6, 0.9));
            Fall fall = new Fall(Optional.of(3 * r.nextDouble()), Optional.empty(), 0);
            double leg = 1 + 5 * r.nextDouble();
            LargestPiece p = LargestPiece.of(new LargestPiece.Allowed(allow, Optional.empty()), fall, 1.2, l, leg);
            CatchPeak back = CatchPeak.of(
                    new Load(p.massTrueMaxKg(), Optional.of(p.massTrueMaxKg())), fall, CatchPeak.Swing.NONE, l, leg);
            assertThat(back.peakN()).isCloseTo(allow, within(1e-6 * allow));
        }
    }

    private static LoadChart chart(Random r) {
        List<LoadChart.Row> rows = new ArrayList<>();
        double radius = 3;
        double kg = 9000;
        for (int i = 0; i < 8; i++) {
            rows.add(new LoadChart.Row(radius, kg));
            radius += 0.5 + 2 * r.nextDouble();
            kg *= 0.6 + 0.4 * r.nextDouble();
        }
        return new LoadChart(rows);
    }

    @ParameterizedTest
    @ValueSource(longs = {6, 7})
    void aLargerRadiusNeverCarriesMoreAndWhatMayGoIsNeverOverItsShare(long seed) {
        Random r = new Random(seed);
        for (int i = 0; i < CASES; i++) {
            LoadChart c = chart(r);
            double far = c.rows().get(c.rows().size() - 1).radiusM() - 0.5;
            double from = 3 + (far - 3) * r.nextDouble();
            double to = from + (far - from) * r.nextDouble();
            double near = c.at(from, 0.5, LoadChart.Mode.STEP, "radius_m").capacityKg();
            assertThat(c.at(to, 0.5, LoadChart.Mode.STEP, "radius_m").capacityKg())
                    .isLessThanOrEqualTo(near);
            Pick.Deductions less = new Pick.Deductions(120, 30, 0, 0);
            Pick.Shares shares = new Pick.Shares(0.75, 0.85);
            Pick p = Pick.of(c, List.of(from, to), 0.5, new Pick.Piece(500, Optional.empty()), less, shares);
            if (p.massGoKg() > 0) {
                Pick at = Pick.of(
                        c,
                        List.of(from, to),
                        0.5,
                        new Pick.Piece(p.massGoKg(), Optional.of(p.massGoKg())),
                        less,
                        shares);
                assertThat(at.util().orElseThrow()).isLessThanOrEqualTo(0.75 + 1e-9);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {8})
    void withoutAReadingTheNextPieceCountsHalfAsHeavyAgainAndTwoLightOnesLightenNothing(long seed) {
        WeighedPicks.Prior prior = new WeighedPicks.Prior(1, 0.2, 0.15, 4, 0.05);
        assertThat(WeighedPicks.of(List.of(), prior).high()).isCloseTo(1.51, within(0.005));
        Random r = new Random(seed);
        for (int i = 0; i < CASES; i++) {
            List<WeighedPicks.Reading> light = List.of(
                    new WeighedPicks.Reading(1000, 500 + 400 * r.nextDouble(), 0, true),
                    new WeighedPicks.Reading(1000, 500 + 400 * r.nextDouble(), 0, true));
            assertThat(WeighedPicks.of(light, prior).factorPlan()).isEqualTo(1);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {9})
    void aWindowHoldsTheAimedPullAndTheTakeOverStaysWithinTheLimit(long seed) {
        Random r = new Random(seed);
        for (int i = 0; i < CASES; i++) {
            double kg = 200 + 2000 * r.nextDouble();
            PretensionWindow.Mass m = new PretensionWindow.Mass(0.8 * kg, kg, 1.3 * kg);
            PretensionWindow.Chart c = new PretensionWindow.Chart(1000 + 6000 * r.nextDouble(), 200, 0.85);
            PretensionWindow w = PretensionWindow.of(m, c, 0.9, Optional.empty());
            w.pretensionKg().ifPresent(p -> {
                assertThat(p).isBetween(w.minKg() - 1e-9, w.maxKg() + 1e-9);
                assertThat(w.peakKg().orElseThrow()).isLessThanOrEqualTo(0.85 * c.grossKg() + 1e-6);
            });
        }
    }

    private static SparLoad bent(SparSection.Wood wood, double lineN) {
        return SparLoad.of(
                new LinePath(
                        lineN,
                        List.of(
                                new LinePath.Node(new Point(0.5, 0, 6), false, 1),
                                new LinePath.Node(new Point(0.3, 0, 8), true, 0.8),
                                new LinePath.Node(new Point(-3, 1, 1), false, 1)),
                        1.5),
                List.of(),
                List.of(),
                new SparLoad.Spar(0, 0),
                List.of(new SparLoad.Section(2, wood, false)),
                SparSection.Strength.MEDIUM,
                3);
    }

    @ParameterizedTest
    @ValueSource(longs = {10})
    void aThinnerWallIsNeverLessUsedAndAnUnknownOneIsNeverGreen(long seed) {
        Random r = new Random(seed);
        for (int i = 0; i < CASES; i++) {
            double d = 0.2 + 0.5 * r.nextDouble();
            double wall = (0.05 + 0.9 * r.nextDouble()) * d / 2;
            double n = 500 + 20_000 * r.nextDouble();
            SparSection.Wood probed = new SparSection.Wood(d, Optional.of(wall), false, false, 0, 1);
            SparSection.Wood thinner = new SparSection.Wood(d, Optional.of(0.9 * wall), false, false, 0, 1);
            SparSection.Wood unknown = new SparSection.Wood(d, Optional.empty(), false, false, 0, 1);
            assertThat(bent(thinner, n).util().orElseThrow())
                    .isGreaterThanOrEqualTo(bent(probed, n).util().orElseThrow());
            SparLoad l = bent(unknown, n);
            assertThat(l.util()).isEmpty();
            assertThat(Remarks.worst(l.remarks())).isGreaterThanOrEqualTo(Finding.SECOND_OPINION);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {11})
    void higherLongerOrWindierNeverShrinksADropZone(long seed) {
        Random r = new Random(seed);
        FreeDrop.Ground ground = new FreeDrop.Ground(FreeDrop.Surface.TURF, 3, Optional.empty(), 5, Optional.empty());
        for (int i = 0; i < 60; i++) {
            double height = 20 * r.nextDouble();
            double length = 0.3 + 4 * r.nextDouble();
            double gust = 12 * r.nextDouble();
            FreeDrop.Piece p = new FreeDrop.Piece(height, length, 2, FreeDrop.Kind.LEAFY, true);
            double across = FreeDrop.of(p, ground, gust, 12).acrossM().orElseThrow();
            assertThat(FreeDrop.of(
                                    new FreeDrop.Piece(height + 1, length, 2, FreeDrop.Kind.LEAFY, true),
                                    ground,
                                    gust,
                                    12)
                            .acrossM()
                            .orElseThrow())
                    .isGreaterThanOrEqualTo(across);
            assertThat(FreeDrop.of(
                                    new FreeDrop.Piece(height, length + 0.5, 2, FreeDrop.Kind.LEAFY, true),
                                    ground,
                                    gust,
                                    12)
                            .acrossM()
                            .orElseThrow())
                    .isGreaterThanOrEqualTo(across);
            assertThat(FreeDrop.of(p, ground, gust + 1, 12).acrossM().orElseThrow())
                    .isGreaterThanOrEqualTo(across);
        }
    }

    /** Each step of a fall is reckoned once: in which order pieces ask for it changes nothing. */
    @ParameterizedTest
    @ValueSource(longs = {12})
    void whatFellBeforeChangesNoFall(long seed) {
        Random r = new Random(seed);
        FreeDrop.Ground slope = new FreeDrop.Ground(FreeDrop.Surface.TURF, 9, Optional.empty(), 5, Optional.empty());
        Gust one = new Gust(6.5);
        for (int i = 0; i < 60; i++) {
            FreeDrop.Piece p = new FreeDrop.Piece(
                    30 * r.nextDouble(), 2, 2, FreeDrop.Kind.values()[r.nextInt(FreeDrop.Kind.values().length)], true);
            assertThat(FreeDrop.of(p, slope, one, 12)).isEqualTo(FreeDrop.of(p, slope, 6.5, 12));
        }
    }

    /** Friction aloft takes the doubling away in a slow lowering, not in a catch. */
    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.3, 0.5})
    void frictionAloftNeverLowersTheCatchAtTheBlockBelowTheLine(double low) {
        Efficiency e = Efficiency.of(Device.FRICTION_ALOFT, Optional.of(low), Optional.of(0.6));
        CatchPeak p = caught(200, 1, 0, line(200_000, 12, e), 3);
        assertThat(p.anchorN()).isGreaterThanOrEqualTo(p.peakN());
        assertThat(p.anchorN()).isGreaterThan(p.anchorLowerN());
    }
}
