package org.antevid.core.outcome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.outcome.SectorFound.Fibre;
import org.antevid.core.outcome.SectorFound.Sector;
import org.antevid.core.outcome.StumpCompared.Part;
import org.antevid.core.outcome.StumpCompared.StumpRow;
import org.antevid.core.outcome.StumpPicture.Corners;
import org.antevid.core.outcome.StumpPicture.Known;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.PictureSpot;
import org.junit.jupiter.api.Test;

/** A stump read off a picture, and the found one beside the briefed one. */
class StumpFoundTest {
    private static final double ASPECT = 4.0 / 3;

    /** A camera square above the stump: metres on the stump to places in a picture that is 1 m high. */
    private record Camera(double turnDeg, double squeezeX) {
        PictureSpot see(double rightM, double forwardM) {
            double a = Math.toRadians(turnDeg);
            double x = rightM * Math.cos(a) + forwardM * Math.sin(a);
            double y = -rightM * Math.sin(a) + forwardM * Math.cos(a);
            return new PictureSpot(0.5 + squeezeX * x / ASPECT, 0.5 + y);
        }

        Known rule(double rightM, double forwardM, double longM, boolean across) {
            return new Known(
                    see(rightM, forwardM), see(rightM + (across ? longM : 0), forwardM + (across ? 0 : longM)), longM);
        }
    }

    private static StumpPicture picture(Camera c, double left, double right, double line, List<Known> known) {
        double half = 0.2;
        double turn = half * Math.tan(Math.toRadians(line));
        return new StumpPicture(
                ASPECT,
                known,
                c.see(0, -0.3),
                c.see(0, 0.3),
                new Corners(
                        c.see(-half, 0.1 + turn),
                        c.see(-half, 0.1 + turn - left),
                        c.see(half, 0.1 - turn),
                        c.see(half, 0.1 - turn - right)),
                false);
    }

    @Test
    void whateverWayThePhoneWasTurnedTheSameMillimetresFollow() {
        Random r = new Random(16);
        for (int i = 0; i < 200; i++) {
            Camera c = new Camera(360 * r.nextDouble(), 1);
            double left = 0.02 + 0.05 * r.nextDouble();
            double right = 0.02 + 0.05 * r.nextDouble();
            double line = 20 * r.nextDouble() - 10;
            StumpPicture.PictureReading read = picture(c, left, right, line, List.of(c.rule(-0.1, -0.2, 0.2, true)))
                    .read();
            assertThat(read.hinge().leftM().orElseThrow()).isCloseTo(left, within(1e-9));
            assertThat(read.hinge().rightM().orElseThrow()).isCloseTo(right, within(1e-9));
            assertThat(read.hinge().lengthM().orElseThrow()).isCloseTo(0.4, within(1e-9));
            assertThat(read.lineDeg()).isCloseTo(line, within(1e-6));
            assertThat(read.ranges()).isEmpty();
            assertThat(read.sigma().lengthM()).isGreaterThan(StumpReading.SIGMA_M);
        }
    }

    /**
     * Seen aslant a rule across and one along the lay do not agree: the range is told, and the reading is less sure.
     */
    @Test
    void aPictureAtASlantSaysItsError() {
        Camera square = new Camera(0, 1);
        Camera aslant = new Camera(0, 0.85);
        List<Known> both = List.of(aslant.rule(-0.1, -0.2, 0.2, true), aslant.rule(0.3, -0.2, 0.2, false));
        StumpPicture.PictureReading read =
                picture(aslant, 0.058, 0.041, 0, both).read();
        assertThat(read.ranges()).hasSize(3);
        StumpPicture.ScaleRange left = read.ranges().get(0);
        assertThat(left.part()).isEqualTo(Part.HINGE_LEFT);
        assertThat(left.lowM()).isLessThan(left.highM());
        assertThat(0.058).isBetween(left.lowM() - 1e-9, left.highM());
        StumpPicture.ScaleRange length = read.ranges().get(2);
        assertThat(0.4).isBetween(length.lowM(), length.highM() + 1e-9);
        List<Known> agree = List.of(square.rule(-0.1, -0.2, 0.2, true), square.rule(0.3, -0.2, 0.2, false));
        assertThat(read.sigma().lengthM())
                .isGreaterThan(
                        picture(square, 0.058, 0.041, 0, agree).read().sigma().lengthM());
        // knowing less never makes it surer
        StumpPicture one = picture(square, 0.058, 0.041, 0, agree.subList(0, 1));
        assertThat(one.read().sigma().lengthM())
                .isGreaterThan(
                        picture(square, 0.058, 0.041, 0, agree).read().sigma().lengthM());
    }

    /** What a slanted picture says of an uneven hinge has a wider range than what a rule says. */
    @Test
    void aPictureExplainsLessSurely() {
        Camera c = new Camera(30, 1);
        StumpPicture.PictureReading read = picture(c, 0.058, 0.041, 0, List.of(c.rule(-0.1, -0.2, 0.2, true)))
                .read();
        StumpReading seen = new StumpReading(
                read.hinge(),
                StumpReading.NotchFound.NONE,
                StumpReading.BackFound.NONE,
                List.of(),
                Optional.empty(),
                StumpReading.ReadBy.PHOTO,
                Optional.of(read.sigma()));
        StumpReading ruled = StumpReading.ofHinge(read.hinge(), Optional.empty());
        Foreseen f =
                new Foreseen(58, Optional.of(0.0), Optional.of(3.0), Optional.empty(), Optional.empty(), 0.4, 0.05);
        Deviation d = Deviation.of(f, new Fall(66, 20, Optional.of(MeasuredBy.TAPE)));
        Explanation.Share bySight = Explanation.of(f, d, seen).shares().get(0);
        Explanation.Share byRule = Explanation.of(f, d, ruled).shares().get(0);
        assertThat(bySight.deg()).isCloseTo(byRule.deg(), within(1e-9));
        assertThat(bySight.sigmaDeg()).isGreaterThan(byRule.sigmaDeg());
        assertThat(bySight.says()).isEqualTo(Explanation.Says.OTHER_WAY);
    }

    @Test
    void whatCannotBeIsRefused() {
        Camera c = new Camera(0, 1);
        List<Known> rule = List.of(c.rule(-0.1, -0.2, 0.2, true));
        assertThatThrownBy(() -> picture(c, -0.05, 0.04, 0, rule).read()).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> picture(c, 0.05, 0.04, 0, List.of())).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> picture(c, 0.05, 0.04, 0, List.of(new Known(c.see(0, 0), c.see(0.01, 0), 0.2)))
                        .read())
                .isInstanceOf(RefusedInput.class);
        assertThat(picture(c, 0, 0.04, 0, rule).read().hinge().leftM()).contains(0.0);
        assertThatThrownBy(() -> new StumpReading(
                        StumpReading.HingeFound.NONE,
                        StumpReading.NotchFound.NONE,
                        StumpReading.BackFound.NONE,
                        List.of(
                                new SectorFound(Sector.HINGE_LEFT, Fibre.LONG),
                                new SectorFound(Sector.HINGE_LEFT, Fibre.SHORT)),
                        Optional.empty(),
                        StumpReading.ReadBy.RULE,
                        Optional.empty()))
                .isInstanceOf(RefusedInput.class);
    }

    @Test
    void theFoundStumpStandsBesideTheBriefedOne() {
        StumpPlanned p = new StumpPlanned(
                0.414,
                0.05,
                Optional.of(new StumpPlanned.Cuts(0.52, 0.5, 0.11, 70, 0.05, 0.05, 0.03, Optional.of(0.05))));
        StumpReading s = new StumpReading(
                new StumpReading.HingeFound(
                        Optional.of(0.058), Optional.empty(), Optional.of(0.041), Optional.of(0.409)),
                new StumpReading.NotchFound(
                        Optional.of(2.1), Optional.of(0.112), Optional.empty(), Optional.empty(), Optional.empty()),
                StumpReading.BackFound.NONE,
                List.of(new SectorFound(Sector.HINGE_LEFT, Fibre.LONG)),
                Optional.empty(),
                StumpReading.ReadBy.RULE,
                Optional.empty());
        StumpCompared c = StumpCompared.of(p, s, 8);
        assertThat(c.rows().stream().map(StumpRow::part))
                .containsExactly(
                        Part.HINGE_LEFT, Part.HINGE_RIGHT, Part.HINGE_LENGTH, Part.NOTCH_DEPTH, Part.NOTCH_LINE);
        StumpRow left = c.rows().get(0);
        assertThat(left.off().orElseThrow().value()).isCloseTo(0.008, within(1e-9));
        assertThat(left.more()).contains(true);
        StumpRow right = c.rows().get(1);
        assertThat(right.off().orElseThrow().value()).isCloseTo(0.009, within(1e-9));
        assertThat(right.more()).contains(false);
        StumpCompared.StumpDrawn drawn = c.drawn().orElseThrow();
        List<StumpCompared.StumpPoint> hinge = drawn.found().orElseThrow().hinge();
        // the line points right: its right end lies farther back
        assertThat(hinge.get(1).forwardM()).isLessThan(hinge.get(0).forwardM());
        assertThat(hinge.get(0).forwardM() - hinge.get(3).forwardM()).isCloseTo(0.058, within(1e-9));
        assertThat(drawn.sectors()).singleElement().satisfies(x -> assertThat(x.at().rightM())
                .isNegative());
        assertThat(StumpCompared.of(p, StumpReading.NONE, 8).rows()).isEmpty();
        assertThat(StumpCompared.of(p, StumpReading.NONE, 8)
                        .drawn()
                        .orElseThrow()
                        .found())
                .isEmpty();
    }
}
