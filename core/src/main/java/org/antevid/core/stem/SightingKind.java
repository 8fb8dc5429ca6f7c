package org.antevid.core.stem;

import static org.antevid.core.stem.FieldNote.choice;
import static org.antevid.core.stem.FieldNote.maybe;
import static org.antevid.core.stem.FieldNote.need;
import static org.antevid.core.stem.FieldNote.with;

import java.util.List;

/** Kinds of sighting with what is written down for each. Measured ones outrank those by eye. */
public enum SightingKind {
    GIRTH(
            "girth at 1.3 m",
            "tape",
            Measured.DIAMETER,
            need("girthM", "Girth", "m", 0.03, 25, 0.05),
            with("barkM", "Bark", "m", 0, 0.4, 0.005, 0)),
    CALLIPER(
            "calliper, two axes",
            "calliper",
            Measured.DIAMETER,
            need("firstM", "First axis", "m", 0.03, 5, 0.01),
            need("secondM", "Second, square to it", "m", 0.03, 5, 0.01)),
    EYE_DIAMETER("diameter by eye", "by eye", Measured.DIAMETER, need("diameterM", "Diameter", "m", 0.05, 5, 0.05)),
    HEIGHT_ANGLES("height, two angles", "clinometer and tape", Measured.HEIGHT, Fields.ANGLES),
    HEIGHT_STICK(
            "height with a stick",
            "stick and tape",
            Measured.HEIGHT,
            need("stickM", "Stick", "m", 0.05, 3, 0.05),
            need("eyeToStickM", "Eye to stick", "m", 0.2, 3, 0.05),
            need("eyeToTreeM", "Eye to tree", "m", 2, 300, 1)),
    HEIGHT_SHADOW(
            "height from shadows",
            "pole and tape",
            Measured.HEIGHT,
            need("treeShadowM", "Shadow of the tree", "m", 0.5, 400, 0.5),
            need("poleM", "Pole", "m", 0.2, 6, 0.1),
            need("poleShadowM", "Shadow of the pole", "m", 0.05, 60, 0.1),
            with("treeFallDeg", "Ground falls along it", "°", -45, 45, 1, 0),
            with("poleFallDeg", "Ground falls at the pole", "°", -45, 45, 1, 0)),
    EYE_HEIGHT("height by eye", "by eye", Measured.HEIGHT, need("heightM", "Height", "m", 2, 120, 1)),
    LEAN_VIEW(
            "lean, one plumbed view",
            "plumb line",
            Measured.LEAN,
            need("bearingDeg", "Looking toward", "°", 0, 360, 5),
            maybe("offsetM", "Top is right of plumb by", "m", -40, 40, 0.1),
            maybe("angleDeg", "or as an angle", "°", -45, 45, 0.5),
            maybe("distanceM", "from a distance of", "m", 2, 300, 1),
            with("sigmaM", "Sigma", "m", 0.05, 10, 0.05, 0.15)),
    PLUMB_LEAN(
            "lean, plumbed from two sides",
            "plumb line, two sides",
            Measured.LEAN,
            need("leanDeg", "Lean", "°", 0, 60, 0.5),
            need("azimuthDeg", "Leans to", "°", 0, 360, 10),
            with("sigmaDeg", "Sigma", "°", 0.1, 10, 0.1, 0.6)),
    EYE_LEAN(
            "lean by eye",
            "by eye",
            Measured.LEAN,
            need("leanDeg", "Lean", "°", 0, 60, 1),
            need("azimuthDeg", "Leans to", "°", 0, 360, 10)),
    CROWN_RADIUS(
            "crown radius",
            "tape",
            Measured.CROWN,
            need("radiusM", "Crown radius", "m", 0.1, 25, 0.5),
            maybe("azimuthDeg", "on the side to", "°", 0, 360, 15)),
    EYE_CROWN(
            "crown radius by eye",
            "by eye",
            Measured.CROWN,
            need("radiusM", "Largest crown radius", "m", 0.1, 25, 0.5)),
    CROWN_BASE(
            "crown base",
            "clinometer or pole",
            Measured.CROWN_BASE,
            need("heightM", "Lowest live branches begin at", "m", 0, 110, 0.5)),
    SOUND_WALL(
            "sound wall, probed",
            "probe",
            Measured.WALL,
            need("wallM", "Sound wood from outside in", "m", 0, 2.5, 0.01),
            need("azimuthDeg", "Probed on the side to", "°", 0, 360, 15),
            with("heightM", "Height of the probe", "m", 0, 30, 0.1, 0.3)),
    HEAVE(
            "root plate heave",
            "tape",
            Measured.HEAVE,
            need("liftM", "Plate lifted by", "m", 0, 3, 0.01),
            maybe("azimuthDeg", "on the side to", "°", 0, 360, 15)),
    DEFECT_HEIGHT("height of a fault, two angles", "clinometer and tape", Measured.DEFECT_HEIGHT, Fields.ANGLES);

    private static final class Fields {
        private static final FieldNote[] ANGLES = {
            choice("mode", "Distance is", "horizontal", "slope_to_base", "slope_ground"),
            choice("unit", "Angles in", "deg", "percent"),
            need("distanceM", "Distance", "m", 2, 300, 1),
            need("top", "Angle to the top", "° or %", -1000, 1000, 0.5),
            need("base", "Angle to the base", "° or %", -1000, 1000, 0.5),
            with("groundSlopeDeg", "Ground slope", "°", -60, 60, 1, 0),
            maybe("bearingDeg", "Looking toward", "°", 0, 360, 5)
        };
    }

    private final String words;
    private final String instrument;
    private final Measured measured;
    private final List<FieldNote> notes;

    SightingKind(String words, String instrument, Measured measured, FieldNote... notes) {
        this.words = words;
        this.instrument = instrument;
        this.measured = measured;
        this.notes = List.of(notes);
    }

    public String words() {
        return words;
    }

    /** @return the usual instrument */
    public String instrument() {
        return instrument;
    }

    public Measured measured() {
        return measured;
    }

    public List<FieldNote> notes() {
        return notes;
    }

    public boolean byEye() {
        return this == EYE_DIAMETER || this == EYE_HEIGHT || this == EYE_LEAN || this == EYE_CROWN;
    }
}
