package org.antevid.app.lay.store;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Optional;
import org.antevid.app.lay.ChoiceRequest;
import org.antevid.core.assist.Rig;
import org.antevid.core.lay.Means;
import org.antevid.core.site.Spot;
import org.jspecify.annotations.Nullable;

/** A line with its rig, metres, newton and degrees; null is what is usual or not known. */
@Embeddable
class LinePart {
    @Enumerated(EnumType.STRING)
    Means.@Nullable Kind kind;

    @Nullable
    Double ropeHeightM;

    @Nullable
    Double anchorDistM;

    @Nullable
    Double pullN;

    @Nullable
    Double standEastM;

    @Nullable
    Double standNorthM;

    @Nullable
    Double pullerEastM;

    @Nullable
    Double pullerNorthM;

    @Enumerated(EnumType.STRING)
    Rig.@Nullable Tie tie;

    @Nullable
    Double legAngleDeg;

    @Nullable
    Integer parts;

    @Nullable
    Double partEfficiency;

    @Nullable
    Integer people;

    @Nullable
    String ropeId;

    @Nullable
    String slingId;

    @Nullable
    String blockId;

    @Nullable
    Double anchorDiameterM;

    @Nullable
    Double anchorSlingM;

    @Nullable
    Double pretensionN;

    @Enumerated(EnumType.STRING)
    Rig.@Nullable PullBegin pullWhen;

    @Nullable
    Boolean proposed;

    static LinePart of(Means means, ChoiceRequest.RigRequest rig, KnownKit kit) {
        return of(
                means.kind(),
                means.ropeHeightM(),
                means.anchorDistM(),
                means.pullN(),
                means.stand(),
                means.puller(),
                rig,
                kit);
    }

    static LinePart of(ChoiceRequest.LineRequest line, KnownKit kit) {
        return of(
                line.kind(),
                line.ropeHeightM(),
                line.anchorDistM(),
                line.pullN(),
                line.stand(),
                line.puller(),
                line.rig() == null ? ChoiceRequest.RigRequest.PLAIN : line.rig(),
                kit);
    }

    private static LinePart of(
            Means.Kind kind,
            Optional<Double> ropeHeightM,
            Optional<Double> anchorDistM,
            Optional<Double> pullN,
            Optional<Spot> stand,
            Optional<Spot> puller,
            ChoiceRequest.RigRequest rig,
            KnownKit kit) {
        LinePart p = new LinePart();
        p.kind = kind;
        p.ropeHeightM = Absent.orNull(ropeHeightM);
        p.anchorDistM = Absent.orNull(anchorDistM);
        p.pullN = Absent.orNull(pullN);
        Spot stands = Absent.orNull(stand);
        p.standEastM = stands == null ? null : stands.eastM();
        p.standNorthM = stands == null ? null : stands.northM();
        Spot pulls = Absent.orNull(puller);
        p.pullerEastM = pulls == null ? null : pulls.eastM();
        p.pullerNorthM = pulls == null ? null : pulls.northM();
        p.tie = rig.tie();
        p.legAngleDeg = rig.legAngleDeg();
        p.parts = rig.parts();
        p.partEfficiency = rig.partEfficiency();
        p.people = rig.people();
        p.ropeId = kit.known(rig.ropeId());
        p.slingId = kit.known(rig.slingId());
        p.blockId = kit.known(rig.blockId());
        p.anchorDiameterM = Absent.orNull(rig.anchorDiameterM());
        p.anchorSlingM = Absent.orNull(rig.anchorSlingM());
        p.pretensionN = Absent.orNull(rig.pretensionN());
        p.pullWhen = rig.when();
        p.proposed = rig.proposed();
        return p;
    }

    Optional<Spot> stand() {
        return Absent.spot(standEastM, standNorthM);
    }

    Optional<Spot> puller() {
        return Absent.spot(pullerEastM, pullerNorthM);
    }

    ChoiceRequest.RigRequest rig() {
        return new ChoiceRequest.RigRequest(
                tie,
                legAngleDeg,
                parts,
                partEfficiency,
                people,
                ropeId,
                slingId,
                blockId,
                Optional.ofNullable(anchorDiameterM),
                Optional.ofNullable(anchorSlingM),
                Optional.ofNullable(pretensionN),
                pullWhen,
                proposed);
    }

    ChoiceRequest.LineRequest request(Means.Kind usual) {
        return new ChoiceRequest.LineRequest(
                kind == null ? usual : kind,
                Optional.ofNullable(ropeHeightM),
                Optional.ofNullable(anchorDistM),
                Optional.ofNullable(pullN),
                stand(),
                puller(),
                rig());
    }
}
