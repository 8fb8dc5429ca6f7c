package org.antevid.app.lay.store;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.app.house.Kits;
import org.antevid.app.lay.ChoiceRequest;
import org.antevid.app.lay.FaceReading;
import org.antevid.app.trace.SpotsColumn;
import org.antevid.core.lay.Basis;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LaySpread;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.Zone;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.retreat.Leaving;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stump.OpenedFace;
import org.antevid.core.stump.School;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;
import org.jspecify.annotations.Nullable;

/** The leader's choice for one stem; the key is the stem's. */
@Entity
@Audited
@Table(name = "lay")
public class LayEntity {
    /** A cleared way is cleared for the lay it was looked at with; turned farther it is another way. */
    private static final double SAME_WAY_DEG = 5;

    @Id
    public String stemId;

    public String jobId;
    public double layDeg;
    public double cutHeightM;

    @Enumerated(EnumType.STRING)
    School school;

    double barM;

    @Enumerated(EnumType.STRING)
    Means.Kind means;

    @Nullable
    Double ropeHeightM;

    @Nullable
    Double anchorDistM;

    @Nullable
    Double pullN;

    @Enumerated(EnumType.STRING)
    LaySpread.Skill skill = LaySpread.Skill.TRAINED;

    @Nullable
    Double standEastM;

    @Nullable
    Double standNorthM;

    @Nullable
    Double pullerEastM;

    @Nullable
    Double pullerNorthM;
    /** Who cleared the way to that side, null while nobody has. */
    @Nullable
    public String clearedLeft;

    @Nullable
    public String clearedRight;

    public Double clearedLayDeg;

    @Nullable
    String coverTree;

    @Enumerated(EnumType.STRING)
    Leaving.Clock clock = Leaving.Clock.AT_MOVEMENT;

    @Convert(converter = ClipsColumn.class)
    @Column(length = 40000)
    public List<Clip> clips = List.of();

    @Convert(converter = CutsColumn.class)
    @Column(length = 8000)
    ChoiceRequest.CutsRequest cuts = ChoiceRequest.CutsRequest.NONE;

    @Convert(converter = RigColumn.class)
    @Column(length = 4000)
    ChoiceRequest.RigRequest rig = ChoiceRequest.RigRequest.PLAIN;

    @Convert(converter = SupportColumn.class)
    @Column(length = 8000)
    ChoiceRequest.SupportRequest support = ChoiceRequest.SupportRequest.NONE;
    /** Null while the face is not open. */
    @Convert(converter = OpenedColumn.class)
    @Column(length = 4000)
    public FaceReading opened;

    public boolean fixed;

    @Convert(converter = SpotsColumn.class)
    @Column(length = 20000)
    public List<Spot> dropZone = List.of();
    /** Follows from everything else at the moment of fixing; the trail of its parts is kept with them. */
    @NotAudited
    @Convert(converter = BasisColumn.class)
    @Column(length = 100000)
    @Nullable
    public Basis basis;

    @Version
    public long version;

    /** Ground taken out of a zone, as it was drawn. */
    public record Clip(Zone.Kind kind, List<Spot> outline, String reason, String who) {
        public Zone.Clip forCore() {
            return new Zone.Clip(kind, Shape.polygon(outline), reason);
        }
    }

    public ChoiceRequest request() {
        return new ChoiceRequest(
                layDeg,
                cutHeightM,
                school,
                barM,
                means,
                Optional.ofNullable(ropeHeightM),
                Optional.ofNullable(anchorDistM),
                Optional.ofNullable(pullN),
                skill,
                spot(standEastM, standNorthM),
                spot(pullerEastM, pullerNorthM),
                coverTree == null ? "" : coverTree,
                clock,
                cuts,
                rig,
                support);
    }

    public LayChoice choice(Kits kits) {
        return withWhatIsThere(request().choice(kits));
    }

    /** @return the choice with what was cleared and what the opened face showed, as far as it holds for it */
    public LayChoice withWhatIsThere(LayChoice c) {
        LayChoice cleared = c.leaving(new Leaving(
                cleared(c.layDeg()), c.leaving().coverTree(), c.leaving().clock()));
        return opened == null || !opened.holdsFor(c)
                ? cleared
                : cleared.by(c.cuts().opened(new OpenedFace(opened.soundLeftM(), opened.soundRightM(), opened.wood())));
    }

    /** @return sides whose way is cleared for a lay like this */
    public Set<EscapeRoutes.Side> cleared(double lay) {
        Set<EscapeRoutes.Side> sides = EnumSet.noneOf(EscapeRoutes.Side.class);
        if (clearedLayDeg != null && Math.abs(Azimuth.turn(clearedLayDeg, lay)) <= SAME_WAY_DEG) {
            if (clearedLeft != null) {
                sides.add(EscapeRoutes.Side.LEFT);
            }
            if (clearedRight != null) {
                sides.add(EscapeRoutes.Side.RIGHT);
            }
        }
        return sides;
    }

    /** @return what that side was cleared by; empty while it is not, or was for another lay */
    public Optional<String> clearedBy(EscapeRoutes.Side side, double lay) {
        return cleared(lay).contains(side)
                ? Optional.ofNullable(side == EscapeRoutes.Side.LEFT ? clearedLeft : clearedRight)
                : Optional.empty();
    }

    public void takes(ChoiceRequest c, LayChoice checked) {
        layDeg = c.layDeg();
        cutHeightM = c.cutHeightM();
        school = c.school();
        barM = checked.barM();
        means = c.means();
        ropeHeightM = checked.means().ropeHeightM().orElse(null);
        anchorDistM = checked.means().anchorDistM().orElse(null);
        pullN = checked.means().pullN().orElse(null);
        standEastM = checked.means().stand().map(Spot::eastM).orElse(null);
        standNorthM = checked.means().stand().map(Spot::northM).orElse(null);
        pullerEastM = checked.means().puller().map(Spot::eastM).orElse(null);
        pullerNorthM = checked.means().puller().map(Spot::northM).orElse(null);
        skill = checked.skill();
        coverTree = checked.leaving().coverTree().orElse(null);
        clock = checked.leaving().clock();
        cuts = c.cuts() == null ? ChoiceRequest.CutsRequest.NONE : c.cuts();
        rig = c.rig() == null ? ChoiceRequest.RigRequest.PLAIN : c.rig();
        support = c.support() == null ? ChoiceRequest.SupportRequest.NONE : c.support();
    }

    private static Optional<Spot> spot(@Nullable Double east, @Nullable Double north) {
        return east == null || north == null ? Optional.empty() : Optional.of(new Spot(east, north));
    }
}
