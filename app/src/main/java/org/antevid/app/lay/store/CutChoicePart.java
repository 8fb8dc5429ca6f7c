package org.antevid.app.lay.store;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Optional;
import java.util.Set;
import org.antevid.app.lay.ChoiceRequest;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.FaceOrder;
import org.antevid.core.stump.Technique;
import org.jspecify.annotations.Nullable;

/** Measures of the cut that the leader set himself, metres and degrees; null is by the rule, choices by their name. */
@Embeddable
class CutChoicePart {
    private static final String TABLE = "cut_choice";

    @Nullable
    @Column(table = TABLE)
    String backCut;

    @Nullable
    @Column(table = TABLE)
    String faceOrder;

    @Nullable
    @Column(table = TABLE)
    Double hingeLeftM;

    @Nullable
    @Column(table = TABLE)
    Double hingeRightM;

    @Nullable
    @Column(table = TABLE)
    Double depthM;

    @Nullable
    @Column(table = TABLE)
    Double faceDeg;

    @Nullable
    @Column(table = TABLE)
    Double stepM;

    @Nullable
    @Column(table = TABLE)
    Double strapM;

    @Nullable
    @Column(table = TABLE)
    Double barkM;

    @Nullable
    @Column(table = TABLE)
    Double alongM;

    @Nullable
    @Column(table = TABLE)
    Double acrossM;

    @Nullable
    @Column(table = TABLE)
    String reason;

    @Nullable
    @Column(table = TABLE)
    String sawId;

    static CutChoicePart of(ChoiceRequest.CutsRequest c, KnownKit kit) {
        CutChoicePart p = new CutChoicePart();
        p.backCut = Absent.name(Absent.orNull(c.backCut()));
        p.faceOrder = Absent.name(c.faceOrder());
        p.hingeLeftM = Absent.orNull(c.hingeLeftM());
        p.hingeRightM = Absent.orNull(c.hingeRightM());
        p.depthM = Absent.orNull(c.depthM());
        p.faceDeg = Absent.orNull(c.faceDeg());
        p.stepM = Absent.orNull(c.stepM());
        p.strapM = Absent.orNull(c.strapM());
        p.barkM = Absent.orNull(c.barkM());
        p.alongM = Absent.orNull(c.alongM());
        p.acrossM = Absent.orNull(c.acrossM());
        p.reason = c.reason();
        p.sawId = kit.known(c.sawId());
        return p;
    }

    ChoiceRequest.CutsRequest request(Set<Technique> techniques) {
        return new ChoiceRequest.CutsRequest(
                Optional.ofNullable(backCut).map(BackCut::valueOf),
                faceOrder == null ? null : FaceOrder.valueOf(faceOrder),
                Optional.ofNullable(hingeLeftM),
                Optional.ofNullable(hingeRightM),
                Optional.ofNullable(depthM),
                Optional.ofNullable(faceDeg),
                Optional.ofNullable(stepM),
                Optional.ofNullable(strapM),
                Optional.ofNullable(barkM),
                Optional.ofNullable(alongM),
                Optional.ofNullable(acrossM),
                reason,
                techniques.isEmpty() ? null : Set.copyOf(techniques),
                sawId);
    }
}
