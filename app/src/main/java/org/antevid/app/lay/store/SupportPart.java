package org.antevid.app.lay.store;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Optional;
import org.antevid.app.lay.ChoiceRequest;
import org.antevid.core.site.Spot;
import org.jspecify.annotations.Nullable;

/** What stands by beside the means: guy, wedges, and what holds a stem that rolls. Metres. */
@Embeddable
class SupportPart {
    private static final String TABLE = "lay_support";

    @Nullable
    @Column(table = TABLE)
    Double guyHeightM;

    @Nullable
    @Column(table = TABLE)
    Double guyAnchorEastM;

    @Nullable
    @Column(table = TABLE)
    Double guyAnchorNorthM;

    @Nullable
    @Column(table = TABLE)
    String guyRopeId;

    @Nullable
    @Column(table = TABLE)
    String wedgeId;

    @Nullable
    @Column(table = TABLE)
    Integer stack;

    @Nullable
    @Column(table = TABLE)
    Integer beside;

    @Nullable
    @Column(table = TABLE)
    Boolean keepOpen;

    @Nullable
    @Column(table = TABLE)
    String belowHolds;

    @Nullable
    @Column(table = TABLE)
    Double belowDownM;

    @Nullable
    @Column(table = TABLE)
    String belowBy;

    static SupportPart of(ChoiceRequest.SupportRequest s, KnownKit kit) {
        SupportPart p = new SupportPart();
        p.guyHeightM = Absent.orNull(s.guyHeightM());
        Spot anchor = Absent.orNull(s.guyAnchor());
        p.guyAnchorEastM = anchor == null ? null : anchor.eastM();
        p.guyAnchorNorthM = anchor == null ? null : anchor.northM();
        p.guyRopeId = kit.known(s.guyRopeId());
        p.wedgeId = kit.known(s.wedgeId());
        p.stack = s.stack();
        p.beside = s.beside();
        p.keepOpen = s.keepOpen();
        ChoiceRequest.BelowRequest below = s.below();
        if (below != null) {
            p.belowHolds = below.holds();
            p.belowDownM = below.downM();
            p.belowBy = below.by();
        }
        return p;
    }

    ChoiceRequest.SupportRequest request(ChoiceRequest.@Nullable LineRequest fallback) {
        return new ChoiceRequest.SupportRequest(
                Optional.ofNullable(guyHeightM),
                Absent.spot(guyAnchorEastM, guyAnchorNorthM),
                guyRopeId,
                fallback,
                wedgeId,
                stack,
                beside,
                keepOpen,
                belowDownM == null || belowHolds == null || belowBy == null
                        ? null
                        : new ChoiceRequest.BelowRequest(belowHolds, belowDownM, belowBy));
    }
}
