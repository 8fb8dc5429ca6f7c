package org.antevid.app.takedown.store;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Optional;
import org.antevid.core.takedown.pieces.Cut;
import org.antevid.core.takedown.pieces.Way;
import org.jspecify.annotations.Nullable;

/** A cut and what becomes of what is beyond it. */
@Embeddable
public class CutPart {
    @Nullable
    public String limb;

    public double atM;

    @Enumerated(EnumType.STRING)
    public Way way;

    @Nullable
    public Double tieM;

    @Nullable
    public Double blockM;

    @Nullable
    public Double runM;

    @Nullable
    public Double towardDeg;

    public static CutPart of(Cut c) {
        CutPart p = new CutPart();
        p.limb = c.limb().orElse(null);
        p.atM = c.atM();
        p.way = c.way();
        p.tieM = c.tieM().orElse(null);
        p.blockM = c.blockM().orElse(null);
        p.runM = c.runM().orElse(null);
        p.towardDeg = c.towardDeg().orElse(null);
        return p;
    }

    public Cut forCore() {
        return new Cut(
                Optional.ofNullable(limb),
                atM,
                way,
                Optional.ofNullable(tieM),
                Optional.ofNullable(blockM),
                Optional.ofNullable(runM),
                Optional.ofNullable(towardDeg));
    }
}
