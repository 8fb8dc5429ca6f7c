package org.antevid.core.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.antevid.core.Samples;
import org.antevid.core.Told;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.CrownLoad;
import org.antevid.core.site.Ground;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Terrain;
import org.antevid.core.site.Today;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.FieldBook;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.Wood;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the day, the shape of the ground and the wood by place do to a lay. */
class TodayTest {
    private static final StemReading OAK = Samples.oak("S1", new Spot(0, 0), List.of());

    private static LayPlan on(GroundState state, CrownLoad load) {
        return LayPlan.of(
                OAK,
                Samples.toward(0, Samples.WINCH),
                new Site(Terrain.plane(Ground.LEVEL), new Today(state, load, 0), List.of()),
                LayPlan.Limits.USUAL);
    }

    @ParameterizedTest
    @EnumSource(GroundState.class)
    void worseGroundNeverMakesTheRingSmallerNorTheWayOutFaster(GroundState state) {
        LayPlan firm = on(GroundState.FIRM, CrownLoad.NONE);
        LayPlan other = on(state, CrownLoad.NONE);
        assertThat(other.zone().exclusionM()).isGreaterThanOrEqualTo(firm.zone().exclusionM());
        assertThat(walk(other)).isGreaterThanOrEqualTo(walk(firm));
    }

    private static double walk(LayPlan p) {
        return p.escape().best().orElseThrow().way().orElseThrow().walkS();
    }

    @Test
    void iceOnTheCrownWeighsOnHingeAndMeans() {
        LayPlan bare = on(GroundState.FIRM, CrownLoad.NONE);
        LayPlan iced = on(GroundState.FIRM, CrownLoad.ICE);
        assertThat(iced.control().hold().orElseThrow().designNm())
                .isGreaterThan(bare.control().hold().orElseThrow().designNm());
        assertThat(iced.control().backNm().orElseThrow())
                .isNotEqualTo(bare.control().backNm().orElseThrow());
    }

    @Test
    void theSlopeUnderTheStumpCountsNotThatOfTheWholePlace() {
        Terrain.Area bank = new Terrain.Area(
                Shape.polygon(List.of(new Spot(-5, -5), new Spot(5, -5), new Spot(5, 5), new Spot(-5, 5))),
                new Ground(25, 0));
        Site site = new Site(new Terrain(new Ground(3, 180), List.of(bank), List.of()), Today.STILL, List.of());
        assertThat(LayPlan.of(OAK, Samples.toward(0, Samples.WINCH), site, LayPlan.Limits.USUAL)
                        .zone()
                        .slopeAlongDeg())
                .isCloseTo(25, within(1e-9));
        StemReading away = Samples.oak("S2", new Spot(40, 40), List.of());
        assertThat(LayPlan.of(away, Samples.toward(0, Samples.WINCH), site, LayPlan.Limits.USUAL)
                        .zone()
                        .slopeAlongDeg())
                .isCloseTo(-3, within(1e-9));
    }

    @Test
    void onlyTheCornersOfTheLayThatWasReadForMayBeSoundByThemselves() {
        Wood wood = new Wood(
                Condition.SOUND,
                Condition.SOUND,
                Condition.DECAYED,
                Condition.DECAYED,
                Condition.SOUND,
                Optional.of(0.0));
        StemReading stem = withWood(wood, List.of());
        assertThat(plan(stem, 0).control().proven())
                .as("sound corners, rotten core and back")
                .isTrue();
        assertThat(plan(stem, 90).control().reasons())
                .as("the back becomes a corner")
                .anyMatch(r -> Told.text(r.args(), "wood").equals("DECAYED"));
    }

    @Test
    void probesThatShowSoundCornersGiveTheHingeBack() {
        List<FieldBook.Wall> walls = List.of(wall(90, 0.19), wall(270, 0.19), wall(180, 0.19), wall(0, 0.19));
        Defect bracket = new Defect("d", DefectKind.FUNGUS, 0.3, 0.6, 180, "");
        StemReading probed = new StemReading(
                OAK.label(),
                OAK.species(),
                OAK.state(),
                OAK.at(),
                OAK.dbh(),
                OAK.height(),
                OAK.lean(),
                OAK.crownRadiusM(),
                OAK.wood(),
                OAK.shape(),
                OAK.crown(),
                List.of(bracket),
                false,
                new StemReading.More(Optional.empty(), walls, Optional.empty(), Optional.empty(), List.of(), 0));
        assertThat(plan(withWood(Wood.all(Condition.SOUND), List.of(bracket)), 0)
                        .control()
                        .proven())
                .as("unprobed counts as decayed")
                .isFalse();
        assertThat(plan(probed, 0).control().proven()).isTrue();
        assertThat(LayControl.hollow(
                        probed,
                        plan(probed, 0).choice(),
                        plan(probed, 0).card(),
                        plan(probed, 0).mass()))
                .isPresent();
    }

    @Test
    void theGustALayStandsShrinksWithTheLeanToTheSide() {
        double last = Double.MAX_VALUE;
        for (double lay : new double[] {0, 30, 60, 90}) {
            double gust = plan(Samples.oak("S1", new Spot(0, 0), List.of()), lay)
                    .control()
                    .standsGustMs()
                    .orElse(0.0);
            assertThat(gust).as("lay %.0f", lay).isLessThanOrEqualTo(last + 1e-6);
            last = gust;
        }
    }

    private static LayPlan plan(StemReading stem, double lay) {
        return LayPlan.of(stem, Samples.toward(lay, Samples.WINCH), Samples.site(), LayPlan.Limits.USUAL);
    }

    private static StemReading withWood(Wood wood, List<Defect> defects) {
        return new StemReading(
                OAK.label(),
                OAK.species(),
                OAK.state(),
                OAK.at(),
                OAK.dbh(),
                OAK.height(),
                OAK.lean(),
                OAK.crownRadiusM(),
                wood,
                OAK.shape(),
                OAK.crown(),
                defects,
                false,
                StemReading.More.NOTHING);
    }

    private static FieldBook.Wall wall(double azimuth, double thickness) {
        return new FieldBook.Wall(azimuth, 0.3, new Estimate(thickness, 0.01), true);
    }
}
