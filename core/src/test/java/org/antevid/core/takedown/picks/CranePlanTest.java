package org.antevid.core.takedown.picks;

import static org.antevid.core.takedown.picks.CraneSamples.CRANE;
import static org.antevid.core.takedown.picks.CraneSamples.FOOT;
import static org.antevid.core.takedown.picks.CraneSamples.LANDING;
import static org.antevid.core.takedown.picks.CraneSamples.LOOKED;
import static org.antevid.core.takedown.picks.CraneSamples.OAK;
import static org.antevid.core.takedown.picks.CraneSamples.OPEN;
import static org.antevid.core.takedown.picks.CraneSamples.plan;
import static org.antevid.core.takedown.picks.CraneSamples.setUp;
import static org.antevid.core.takedown.picks.CraneSamples.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.Samples;
import org.antevid.core.message.Message;
import org.antevid.core.site.Access;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.StemReading;
import org.antevid.core.takedown.Finding;
import org.antevid.core.takedown.crane.Balance;
import org.antevid.core.takedown.crane.Pick;
import org.antevid.core.takedown.drop.FreeDrop;
import org.antevid.core.takedown.pieces.Aloft;
import org.antevid.core.takedown.pieces.Below;
import org.antevid.core.takedown.pieces.Cut;
import org.antevid.core.takedown.pieces.CutFigure;
import org.antevid.core.takedown.pieces.Gear;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.core.takedown.pieces.Way;
import org.junit.jupiter.api.Test;

/** A crane and its picks. */
class CranePlanTest {
    private static CranePlan of(SetUp s, Surroundings round, Weighing... readings) {
        return CranePlan.of(OAK, plan(Optional.empty()), s, round, List.of(readings), 5);
    }

    private static Weighing read(CranePlan c, int i, double times) {
        PickPlan p = c.picks().get(i);
        double est = p.bestKg() / p.factor();
        return new Weighing(p.number(), p.group(), est, 70 + times * est, 70, true, Optional.empty());
    }

    private static Feature feature(FeatureKind kind, Shape shape) {
        return new Feature("f", "the " + kind, kind, shape, 4, false, Protection.NONE, "", false);
    }

    /** A set-up that is in order: no false stop. */
    @Test
    void anOrdinaryPickIsNoStop() {
        CranePlan c = of(setUp(CRANE, LANDING), OPEN);
        assertThat(c.remarks()).isEmpty();
        assertThat(c.picks()).hasSize(3).allSatisfy(p -> assertThat(p.level()).isLessThan(Finding.STOP));
        assertThat(c.pads()).allSatisfy(p -> assertThat(p.level()).isLessThan(Finding.STOP));
    }

    /** What nobody looked at is asked; out of level, on ice, or not to be got in it stops. */
    @Test
    void howItGotThereAndStandsIsAsked() {
        assertThat(standing(Stands.NOT_SAID, OPEN))
                .containsExactly(CraneRemark.MACHINE_NOT_NAMED, CraneRemark.LEVEL_NOT_READ);
        assertThat(standing(new Stands(Optional.of("x"), Optional.of(1.5), Optional.of(false)), OPEN))
                .containsExactly(CraneRemark.NOT_LEVEL);
        assertThat(standing(new Stands(Optional.of("x"), Optional.of(0.2), Optional.of(true)), OPEN))
                .containsExactly(CraneRemark.ON_ICE);
        Access narrow = new Access(Optional.of(1.2), Optional.empty(), Optional.empty(), "");
        List<Message> out =
                narrow.keepsOut(new Access.Machine("tracked crane", Access.Use.CRANE, 1.4, 2900, 20, Optional.empty()));
        assertThat(standing(LOOKED, new Surroundings(List.of(), List.of(), out)))
                .containsExactly(CraneRemark.WAY_IN);
    }

    private static List<CraneRemark> standing(Stands stands, Surroundings round) {
        SetUp s = setUp(CRANE, LANDING);
        SetUp other = with(s.chart(), true, s.at(), s.pads(), s.landing(), stands, s.slingN());
        return of(other, round).remarks();
    }

    @Test
    void theFirstPickCountsOneAndAHalfTimesItsEstimate() {
        PickPlan first = of(setUp(CRANE, LANDING), OPEN).picks().get(0);
        assertThat(first.highKg() / first.bestKg()).isCloseTo(1.51, within(0.01));
        assertThat(first.remarks()).contains(CraneRemark.NOT_WEIGHED);
    }

    @Test
    void aLandingFartherThanThePickGoverns() {
        PickPlan near = of(setUp(CRANE, new Spot(5, 3)), OPEN).picks().get(1);
        PickPlan far = of(setUp(CRANE, new Spot(5, 7)), OPEN).picks().get(1);
        assertThat(far.remarks()).contains(CraneRemark.RADIUS_GROWS);
        assertThat(near.remarks()).doesNotContain(CraneRemark.RADIUS_GROWS);
        assertThat(share(far)).isGreaterThan(share(near));
        PickPlan outside = of(setUp(CRANE, new Spot(5, 10)), OPEN).picks().get(1);
        assertThat(outside.remarks()).contains(CraneRemark.OUT_OF_CHART);
        assertThat(outside.pick()).as("outside there is never a number").isEmpty();
    }

    private static double share(PickPlan p) {
        return p.pick().flatMap(Pick::util).orElseThrow();
    }

    @Test
    void aTreeInTheSlewLeavesTheLongerWayAndTwoLeaveNone() {
        StemReading there = Samples.oak("S9", new Spot(1, 5), List.of());
        PickPlan one = of(setUp(CRANE, LANDING), new Surroundings(List.of(), List.of(there)))
                .picks()
                .get(1);
        assertThat(one.blockedBy()).containsExactly("S9");
        assertThat(one.remarks()).contains(CraneRemark.LONGER_WAY);
        StemReading other = Samples.oak("S8", new Spot(8.5, -3.5), List.of());
        PickPlan none = of(setUp(CRANE, LANDING), new Surroundings(List.of(), List.of(there, other)))
                .picks()
                .get(1);
        assertThat(none.remarks()).contains(CraneRemark.SLEW_BLOCKED);
    }

    @Test
    void aPadOnACoverOrBesideABankIsNoPad() {
        SetUp s = setUp(CRANE, LANDING);
        Spot corner = s.pads().get(0).at();
        Surroundings cover =
                new Surroundings(List.of(feature(FeatureKind.BURIED, Shape.disc(corner.at(90, 0.3), 0.2))), List.of());
        assertThat(of(s, cover).pads().get(0).remarks()).contains(CraneRemark.VOID_BELOW);
        assertThat(of(s, cover).pads().get(1).remarks()).doesNotContain(CraneRemark.VOID_BELOW);
        Surroundings bank =
                new Surroundings(List.of(feature(FeatureKind.WATER, Shape.disc(corner.at(45, 4.4), 3))), List.of());
        assertThat(of(s, bank).pads().get(0).remarks())
                .as("nobody said how deep")
                .contains(CraneRemark.EDGE_NOT_MEASURED);
        assertThat(of(withFirst(s, 1.5), bank).pads().get(0).remarks()).contains(CraneRemark.EDGE_INSIDE);
        assertThat(of(withFirst(s, 0.3), bank).pads().get(0).remarks())
                .doesNotContain(CraneRemark.EDGE_INSIDE, CraneRemark.EDGE_CLOSE);
    }

    @Test
    void nearerThanTheChartBeginsIsNoNumberEither() {
        PickPlan p = of(setUp(new Spot(1.5, 0), LANDING), OPEN).picks().get(1);
        assertThat(p.remarks()).contains(CraneRemark.TOO_NEAR).doesNotContain(CraneRemark.OUT_OF_CHART);
        assertThat(p.pick()).isEmpty();
    }

    @Test
    void aPadInAGlasshouseIsMovedAndOnlyWhatIsBelowIsNamed() {
        SetUp s = setUp(CRANE, LANDING);
        Feature glass =
                feature(FeatureKind.GLASS, Shape.disc(s.pads().get(0).at().at(45, 0.5), 0.4));
        CranePlan c = of(s, new Surroundings(List.of(glass), List.of()));
        assertThat(c.pads().get(0).remarks()).contains(CraneRemark.IN_THE_WAY);
        assertThat(c.pads().get(0).on()).hasValue("the GLASS");
        assertThat(c.pads().get(2).remarks()).doesNotContain(CraneRemark.IN_THE_WAY);
        Feature path = feature(FeatureKind.PATH, Shape.disc(FOOT, 1));
        PickPlan p =
                of(s, new Surroundings(List.of(path, glass), List.of())).picks().get(1);
        assertThat(p.over()).containsExactly("the PATH");
        assertThat(p.blockedBy()).containsExactly("the PATH", "the GLASS");
        assertThat(p.remarks()).contains(CraneRemark.OVER_PEOPLE);
    }

    private static SetUp withFirst(SetUp s, double depthM) {
        List<Pad> pads = new ArrayList<>(s.pads());
        Pad p = pads.get(0);
        pads.set(
                0,
                new Pad(
                        p.at(),
                        p.soil(),
                        p.sideM(),
                        p.footM(),
                        p.thickM(),
                        p.edgeM(),
                        Optional.of(depthM),
                        p.hollow()));
        return setUp(s.at().orElseThrow(), s.landing().orElseThrow().at(), pads);
    }

    /** The factor may rise at once; it falls only after three. */
    @Test
    void twoLightReadingsLowerNothingTheThirdDoesAndAHeavyOneRaisesAtOnce() {
        SetUp s = setUp(CRANE, LANDING);
        CranePlan before = of(s, OPEN);
        double reckoned = before.picks().get(2).highKg();
        Weighing light = read(before, 1, 0.85);
        CranePlan two = of(s, OPEN, light, light);
        assertThat(two.picks().get(2).factor()).isEqualTo(1);
        CranePlan three = of(s, OPEN, light, light, light);
        assertThat(three.picks().get(2).factor()).isLessThan(1);
        CranePlan heavy = of(s, OPEN, read(before, 1, 1.2));
        assertThat(heavy.picks().get(2).factor()).isGreaterThan(1);
        assertThat(two.picks().get(2).highKg()).isLessThan(reckoned);
    }

    @Test
    void anOddReadingStopsUntilSomebodySaysWhatItWas() {
        SetUp s = setUp(CRANE, LANDING);
        CranePlan before = of(s, OPEN);
        Weighing good = read(before, 1, 1.02);
        Weighing odd = read(before, 1, 2.4);
        assertThat(of(s, OPEN, good, good).remarks()).doesNotContain(CraneRemark.ODD_READING);
        assertThat(of(s, OPEN, good, good, odd).remarks()).contains(CraneRemark.ODD_READING);
        Weighing found = new Weighing(
                odd.piece(), odd.group(), odd.estKg(), odd.readKg(), odd.rigKg(), true, Optional.of("caught"));
        assertThat(of(s, OPEN, good, good, found).remarks()).doesNotContain(CraneRemark.ODD_READING);
        Weighing swung =
                new Weighing(odd.piece(), odd.group(), odd.estKg(), odd.readKg(), odd.rigKg(), false, Optional.empty());
        assertThat(of(s, OPEN, good, good, swung).remarks())
                .as("what did not hang still says nothing")
                .doesNotContain(CraneRemark.ODD_READING);
    }

    @Test
    void groupsAreReadApartAndANewOneStartsFromTheOneBefore() {
        SetUp s = setUp(CRANE, LANDING);
        CranePlan before = of(s, OPEN);
        assertThat(before.picks().get(0).group()).isEqualTo(LoadGroup.CROWN_IN_LEAF);
        assertThat(before.picks().get(1).group()).isEqualTo(LoadGroup.STEM);
        Weighing heavy = read(before, 1, 1.3);
        CranePlan after = of(s, OPEN, heavy, heavy, heavy);
        assertThat(after.picks().get(0).factor())
                .as("the crown starts where the stem came to")
                .isCloseTo(after.picks().get(1).factor(), within(1e-9));
        assertThat(after.picks().get(0).remarks()).contains(CraneRemark.NOT_WEIGHED);
    }

    /** A top with its weight to one end, slung in the middle of its length. */
    @Test
    void slungInTheMiddleTheHeavyEndGoesDown() {
        CranePlan mid = CranePlan.of(OAK, plan(Optional.of(2.0)), setUp(CRANE, LANDING), OPEN, List.of(), 5);
        PickPlan p = mid.picks().get(0);
        assertThat(p.comM()).isLessThan(2);
        assertThat(p.balance().map(Balance::lowEnd)).hasValue(Balance.LowEnd.BUTT);
        assertThat(p.remarks()).contains(CraneRemark.HANGS_STEEP);
        assertThat(of(setUp(CRANE, LANDING), OPEN).picks().get(0).balance().map(Balance::lowEnd))
                .as("slung to both sides of its centre of mass")
                .hasValue(Balance.LowEnd.LEVEL);
    }

    /** The same set-up with what may be left out as given. */
    private static SetUp kept(
            SetUp s,
            Optional<ChartFile> chart,
            boolean confirmed,
            Optional<Spot> at,
            Optional<Double> windLimitMs,
            Optional<Double> slingN,
            Optional<SetUp.Landing> landing) {
        return new SetUp(
                chart,
                confirmed,
                at,
                2900,
                s.makersN(),
                s.pads(),
                50,
                20,
                0,
                8,
                0.5,
                windLimitMs,
                3,
                slingN,
                true,
                s.grip(),
                landing,
                LOOKED);
    }

    /** Law: what is not known never turns green. */
    @Test
    void leavingSomethingOutNeverLowersTheLevel() {
        SetUp s = setUp(CRANE, LANDING);
        Finding whole = of(s, OPEN).level();
        List<SetUp> less = List.of(
                kept(s, Optional.empty(), true, s.at(), s.windLimitMs(), s.slingN(), s.landing()),
                kept(s, s.chart(), false, s.at(), s.windLimitMs(), s.slingN(), s.landing()),
                kept(s, s.chart(), true, Optional.empty(), s.windLimitMs(), s.slingN(), s.landing()),
                kept(s, s.chart(), true, s.at(), Optional.empty(), s.slingN(), s.landing()),
                kept(s, s.chart(), true, s.at(), s.windLimitMs(), Optional.empty(), s.landing()),
                kept(s, s.chart(), true, s.at(), s.windLimitMs(), s.slingN(), Optional.empty()));
        less.forEach(l -> assertThat(of(l, OPEN).level()).isGreaterThanOrEqualTo(whole));
        assertThat(of(less.get(0), OPEN).level()).isEqualTo(Finding.STOP);
        assertThat(of(less.get(4), OPEN).level()).isEqualTo(Finding.STOP);
    }

    /** Law: farther off it never uses less of the chart. */
    @Test
    void fartherNeverUsesLess() {
        Random random = new Random(29);
        for (int i = 0; i < 100; i++) {
            double deg = random.nextDouble() * 360;
            double near = 2.5 + random.nextDouble() * 3;
            Spot landing = new Spot(0.7, 0.7);
            PickPlan a = of(setUp(FOOT.at(deg, near), FOOT.at(deg, near).at(deg + 90, 2.5)), OPEN)
                    .picks()
                    .get(1);
            PickPlan b = of(setUp(FOOT.at(deg, near + 1), FOOT.at(deg, near + 1).at(deg + 90, 2.5)), OPEN)
                    .picks()
                    .get(1);
            assertThat(share(b)).as("%s %s", deg, landing).isGreaterThanOrEqualTo(share(a) - 1e-9);
        }
    }

    @Test
    void aGrabClosesOnWhatItsGripAllows() {
        TakeDown grabbed = TakeDown.of(
                CutFigure.of(OAK, List.of()),
                Aloft.of(OAK),
                List.of(new Cut(
                        Optional.empty(), 15, Way.GRABBED, Optional.empty(), Optional.empty(), Optional.empty())),
                Gear.NONE,
                new Below(FreeDrop.Surface.TURF, 0, 8, 10));
        double thick = grabbed.pieces().get(0).diameterM();
        SetUp s = setUp(CRANE, LANDING);
        for (double most : new double[] {thick - 0.02, thick + 0.02}) {
            SetUp with = new SetUp(
                    s.chart(),
                    true,
                    s.at(),
                    2900,
                    s.makersN(),
                    s.pads(),
                    50,
                    20,
                    150,
                    8,
                    0.5,
                    s.windLimitMs(),
                    3,
                    s.slingN(),
                    true,
                    Optional.of(new SetUp.Grip(0.05, most)),
                    s.landing(),
                    LOOKED);
            PickPlan p =
                    CranePlan.of(OAK, grabbed, with, OPEN, List.of(), 5).picks().get(0);
            assertThat(p.remarks().contains(CraneRemark.GRIP)).isEqualTo(most < thick);
            assertThat(p.slings()).isEmpty();
            assertThat(p.remarks()).doesNotContain(CraneRemark.GRAB_ON_BENT);
            StemReading bent =
                    Samples.oak("S1", OAK.at(), List.of(new Defect("D1", DefectKind.BENT_STEM, 2, 6, 0, "")));
            assertThat(CranePlan.of(bent, grabbed, with, OPEN, List.of(), 5)
                            .picks()
                            .get(0)
                            .remarks())
                    .contains(CraneRemark.GRAB_ON_BENT);
        }
    }
}
