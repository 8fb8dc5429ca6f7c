package org.antevid.app.lay;

import java.time.Instant;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.stem.Condition;

/** What the opened face showed, who read it and when; it holds for a cut at that height and a lay like it. Metres. */
public record FaceReading(
        double soundLeftM,
        double soundRightM,
        Condition wood,
        String note,
        String who,
        Instant at,
        double cutHeightM,
        double layDeg) {
    /** A face cut this much higher or lower is another one. */
    private static final double SAME_FACE_M = 0.025;

    private static final double SAME_LAY_DEG = 5;

    public boolean holdsFor(LayChoice c) {
        return Math.abs(c.cutHeightM() - cutHeightM) < SAME_FACE_M
                && Math.abs(Azimuth.turn(c.layDeg(), layDeg)) <= SAME_LAY_DEG;
    }
}
