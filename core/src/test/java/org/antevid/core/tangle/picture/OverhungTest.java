package org.antevid.core.tangle.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.junit.jupiter.api.Test;

/** What a stem hangs over is tapped: the nearest within a metre, a stem before a thing, else open ground. */
class OverhungTest {
    private static final Map<String, Shape> STEMS = Map.of(
            "S1", Shape.disc(new Spot(0, 0), 0.5),
            "S7", Shape.line(List.of(new Spot(10, 0), new Spot(20, 0))).grown(0.2));
    private static final List<Feature> THINGS = List.of(
            thing("path", Shape.line(List.of(new Spot(0, 5), new Spot(30, 5)))),
            thing("shed", Shape.polygon(List.of(new Spot(9, -3), new Spot(13, -3), new Spot(13, 3), new Spot(9, 3)))));

    private static Feature thing(String id, Shape shape) {
        return new Feature(id, id, FeatureKind.PATH, shape, 1, false, Protection.NONE, "", false);
    }

    @Test
    void aTapOnAStemOrBesideItIsThatStem() {
        assertThat(Overhung.at(new Spot(0, 0), STEMS, THINGS)).contains("S1");
        assertThat(Overhung.at(new Spot(0, 1.4), STEMS, THINGS)).contains("S1");
        assertThat(Overhung.at(new Spot(15, 0.9), STEMS, THINGS)).contains("S7");
    }

    @Test
    void aStemInAShedIsMeantBeforeTheShed() {
        assertThat(Overhung.at(new Spot(11, 0), STEMS, THINGS)).contains("S7");
        assertThat(Overhung.at(new Spot(11, 2.5), STEMS, THINGS)).contains("shed");
    }

    @Test
    void farFromEverythingIsOpenGround() {
        assertThat(Overhung.at(new Spot(15, 2.5), STEMS, THINGS)).isEmpty();
        assertThat(Overhung.at(new Spot(0, 1.6), STEMS, THINGS)).isEmpty();
        assertThat(Overhung.at(new Spot(15, 4.2), STEMS, THINGS)).contains("path");
    }
}
