package org.antevid.core.stem;

import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * A fault on a stem.
 *
 * @param fromM lower end above ground, metres
 * @param toM upper end, not below {@code fromM}
 * @param faceDeg azimuth of the side it is on
 * @param widthM across the stem, empty when not measured
 * @param depthM into the stem, empty when not measured
 * @param tells signs seen that tell harmless from dangerous
 */
public record Defect(
        String id,
        DefectKind kind,
        double fromM,
        double toM,
        double faceDeg,
        String note,
        Optional<Double> widthM,
        Optional<Double> depthM,
        Found found,
        List<Tell> tells) {
    /** How long a fault is taken to be whose upper end nobody saw, metres (judgement). */
    public static final double UNSEEN_LENGTH_M = 0.5;

    /** A fault that begins below this is at the height of the cut (practice rule). */
    public static final double HINGE_ZONE_M = 1.2;

    /** How a fault was found, weakest first. */
    public enum Found {
        SEEN,
        SOUNDED,
        PROBED,
        OPENED_FACE;
    }

    public Defect {
        Require.within(fromM, 0, 120, "fromM");
        Require.within(toM, 0, 120, "toM");
        Require.within(faceDeg, -360, 720, "faceDeg");
        widthM.ifPresent(w -> Require.within(w, 0, 10, "widthM"));
        depthM.ifPresent(d -> Require.within(d, 0, 5, "depthM"));
        tells = List.copyOf(tells);
        if (toM < fromM) {
            throw new RefusedInput(
                    Message.of(Refusal.BELOW_LOWER_END).with("low", Arg.of(Dimension.HEIGHT, fromM)), "toM");
        }
        for (Tell t : tells) {
            if (!kind.tells().contains(t)) {
                throw new RefusedInput(
                        Message.of(Refusal.TELLS_NOTHING)
                                .with("tell", Arg.term(t))
                                .with("kind", Arg.term(kind)),
                        "tells");
            }
        }
    }

    /** A fault seen and not measured further. */
    public Defect(String id, DefectKind kind, double fromM, double toM, double faceDeg, String note) {
        this(id, kind, fromM, toM, faceDeg, note, Optional.empty(), Optional.empty(), Found.SEEN, List.of());
    }

    public boolean atTheHinge() {
        return fromM <= HINGE_ZONE_M || kind == DefectKind.LIFTED_ROOT_PLATE;
    }

    /** @return whether a sign of movement or decay was seen */
    public boolean tellsBad() {
        return tells.stream().anyMatch(Tell::bad);
    }

    /** @return whether signs were looked for and none of them was bad */
    public boolean tellsGood() {
        return !tells.isEmpty() && !tellsBad();
    }
}
