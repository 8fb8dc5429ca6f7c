package org.antevid.app.takedown.store;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Optional;
import org.antevid.core.takedown.pieces.Climb;
import org.jspecify.annotations.Nullable;

/** How whoever cuts aloft is held; null where nobody said. */
@Embeddable
public class ClimbPart {
    @Column(name = "climb_tie_in_m")
    @Nullable
    public Double tieInM;

    @Column(name = "climb_attachments")
    @Nullable
    public Integer attachments;

    @Column(name = "climb_cut_proof")
    @Nullable
    public Boolean cutProof;

    @Column(name = "climb_way_down")
    @Nullable
    public Boolean wayDown;

    @Column(name = "climb_rescue_min")
    @Nullable
    public Integer rescueMin;

    public static ClimbPart of(Climb c) {
        ClimbPart p = new ClimbPart();
        p.tieInM = c.tieInM().orElse(null);
        p.attachments = c.attachments().orElse(null);
        p.cutProof = c.cutProof().orElse(null);
        p.wayDown = c.wayDown().orElse(null);
        p.rescueMin = c.rescueMin().orElse(null);
        return p;
    }

    public Climb forCore() {
        return new Climb(
                Optional.ofNullable(tieInM),
                Optional.ofNullable(attachments),
                Optional.ofNullable(cutProof),
                Optional.ofNullable(wayDown),
                Optional.ofNullable(rescueMin));
    }
}
