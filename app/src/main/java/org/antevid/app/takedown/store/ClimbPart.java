package org.antevid.app.takedown.store;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.trace.StoredJson;
import org.antevid.core.takedown.pieces.Climb;
import org.antevid.core.takedown.pieces.ClimbKit;
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

    @Column(name = "climb_spikes")
    @Nullable
    public Boolean spikes;

    @Column(name = "climb_sway_m")
    @Nullable
    public Double swayM;

    @Column(name = "climb_reach_m")
    @Nullable
    public Double reachM;

    @Column(name = "climb_said_by")
    @Nullable
    public String saidBy;

    /** JSON: kind of kit to the day it was looked over, in days since 1970. */
    @Column(name = "climb_kit")
    @Nullable
    public String kit;

    private record LookedOver(Map<ClimbKit, Integer> on) {}

    public static ClimbPart of(Climb c) {
        ClimbPart p = new ClimbPart();
        p.tieInM = c.tieInM().orElse(null);
        p.attachments = c.attachments().orElse(null);
        p.cutProof = c.cutProof().orElse(null);
        p.wayDown = c.wayDown().orElse(null);
        p.rescueMin = c.rescueMin().orElse(null);
        p.spikes = c.spikes().orElse(null);
        p.swayM = c.swayM().orElse(null);
        p.reachM = c.reachM().orElse(null);
        p.saidBy = c.saidBy().orElse(null);
        p.kit = c.kit().isEmpty() ? null : StoredJson.write(new LookedOver(c.kit()));
        return p;
    }

    public Climb forCore() {
        return new Climb(
                Optional.ofNullable(tieInM),
                Optional.ofNullable(attachments),
                Optional.ofNullable(cutProof),
                Optional.ofNullable(wayDown),
                Optional.ofNullable(spikes),
                Optional.ofNullable(rescueMin),
                Optional.ofNullable(swayM),
                Optional.ofNullable(reachM),
                Optional.ofNullable(saidBy),
                kit == null ? Map.of() : StoredJson.read(kit, LookedOver.class).on());
    }
}
