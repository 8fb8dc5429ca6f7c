package org.antevid.core.stem;

import static org.antevid.core.stem.FieldNote.choice;
import static org.antevid.core.stem.FieldNote.maybe;
import static org.antevid.core.stem.FieldNote.need;
import static org.antevid.core.stem.FieldNote.touch;
import static org.antevid.core.stem.FieldNote.with;

import java.util.List;

/** Kinds of sighting with what is written down for each. Measured ones outrank those by eye. */
public enum SightingKind {
    GIRTH(SightedQuantity.DIAMETER, need("girthM", "m", 0.03, 25, 0.05), with("barkM", "m", 0, 0.4, 0.005, 0)),
    CALLIPER(SightedQuantity.DIAMETER, need("firstM", "m", 0.03, 5, 0.01), need("secondM", "m", 0.03, 5, 0.01)),
    EYE_DIAMETER(SightedQuantity.DIAMETER, need("diameterM", "m", 0.05, 5, 0.05)),
    HEIGHT_ANGLES(SightedQuantity.HEIGHT, Fields.ANGLES),
    HEIGHT_STICK(
            SightedQuantity.HEIGHT,
            need("stickM", "m", 0.05, 3, 0.05),
            need("eyeToStickM", "m", 0.2, 3, 0.05),
            need("eyeToTreeM", "m", 2, 300, 1)),
    HEIGHT_SHADOW(
            SightedQuantity.HEIGHT,
            need("treeShadowM", "m", 0.5, 400, 0.5),
            need("poleM", "m", 0.2, 6, 0.1),
            need("poleShadowM", "m", 0.05, 60, 0.1),
            with("treeFallDeg", "°", -45, 45, 1, 0),
            with("poleFallDeg", "°", -45, 45, 1, 0)),
    HEIGHT_PHOTO(
            SightedQuantity.HEIGHT,
            touch("footY"),
            touch("markY"),
            touch("topY"),
            touch("aspect"),
            need("knownM", "m", 0.5, 12, 0.1),
            need("cameraM", "m", 0.2, 20, 0.1),
            maybe("viewDeg", "°", 20, 110, 1)),
    EYE_HEIGHT(SightedQuantity.HEIGHT, need("heightM", "m", 2, 120, 1)),
    LEAN_VIEW(
            SightedQuantity.LEAN,
            need("bearingDeg", "°", 0, 360, 5),
            maybe("offsetM", "m", -40, 40, 0.1),
            maybe("angleDeg", "°", -45, 45, 0.5),
            maybe("distanceM", "m", 2, 300, 1),
            with("sigmaM", "m", 0.05, 10, 0.05, 0.15)),
    LEAN_PHOTO(
            SightedQuantity.LEAN,
            touch("footX"),
            touch("footY"),
            touch("topX"),
            touch("topY"),
            touch("lowX"),
            touch("lowY"),
            touch("highX"),
            touch("highY"),
            touch("aspect"),
            need("bearingDeg", "°", 0, 360, 5)),
    PLUMB_LEAN(
            SightedQuantity.LEAN,
            need("leanDeg", "°", 0, 60, 0.5),
            need("azimuthDeg", "°", 0, 360, 10),
            with("sigmaDeg", "°", 0.1, 10, 0.1, 0.6)),
    EYE_LEAN(SightedQuantity.LEAN, need("leanDeg", "°", 0, 60, 1), need("azimuthDeg", "°", 0, 360, 10)),
    CROWN_RADIUS(SightedQuantity.CROWN, need("radiusM", "m", 0.1, 25, 0.5), maybe("azimuthDeg", "°", 0, 360, 15)),
    EYE_CROWN(SightedQuantity.CROWN, need("radiusM", "m", 0.1, 25, 0.5)),
    CROWN_BASE(SightedQuantity.CROWN_BASE, need("heightM", "m", 0, 110, 0.5)),
    SOUND_WALL(
            SightedQuantity.WALL,
            need("wallM", "m", 0, 2.5, 0.01),
            need("azimuthDeg", "°", 0, 360, 15),
            with("heightM", "m", 0, 30, 0.1, 0.3)),
    HEAVE(SightedQuantity.HEAVE, need("liftM", "m", 0, 3, 0.01), maybe("azimuthDeg", "°", 0, 360, 15)),
    DEFECT_HEIGHT(SightedQuantity.DEFECT_HEIGHT, Fields.ANGLES);

    private static final class Fields {
        private static final FieldNote[] ANGLES = {
            choice("mode", "horizontal", "slope_to_base", "slope_ground"),
            choice("unit", "deg", "percent"),
            need("distanceM", "m", 2, 300, 1),
            need("top", "° or %", -1000, 1000, 0.5),
            need("base", "° or %", -1000, 1000, 0.5),
            with("groundSlopeDeg", "°", -60, 60, 1, 0),
            maybe("bearingDeg", "°", 0, 360, 5)
        };
    }

    private final SightedQuantity measured;
    private final List<FieldNote> notes;

    SightingKind(SightedQuantity measured, FieldNote... notes) {
        this.measured = measured;
        this.notes = List.of(notes);
    }

    public SightedQuantity measured() {
        return measured;
    }

    public List<FieldNote> notes() {
        return notes;
    }

    public boolean byEye() {
        return this == EYE_DIAMETER || this == EYE_HEIGHT || this == EYE_LEAN || this == EYE_CROWN;
    }
}
