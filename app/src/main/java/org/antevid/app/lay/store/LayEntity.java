package org.antevid.app.lay.store;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.MapKeyEnumerated;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.PrimaryKeyJoinColumn;
import jakarta.persistence.SecondaryTable;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.app.house.Kits;
import org.antevid.app.lay.ChoiceRequest;
import org.antevid.app.lay.FaceReading;
import org.antevid.app.trace.SpotsColumn;
import org.antevid.core.lay.Basis;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.spread.LaySpread;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.retreat.Leaving;
import org.antevid.core.site.Spot;
import org.antevid.core.stump.OpenedFace;
import org.antevid.core.stump.School;
import org.antevid.core.stump.Technique;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;
import org.jspecify.annotations.Nullable;

/** The leader's choice for one stem; the key is the stem's. */
@Entity
@Audited
@Table(name = "lay")
@SecondaryTable(name = "cut_choice", pkJoinColumns = @PrimaryKeyJoinColumn(name = "stem_id"))
@SecondaryTable(name = "lay_support", pkJoinColumns = @PrimaryKeyJoinColumn(name = "stem_id"))
@SecondaryTable(name = "face_reading", pkJoinColumns = @PrimaryKeyJoinColumn(name = "stem_id"))
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

    @Enumerated(EnumType.STRING)
    LaySpread.Skill skill = LaySpread.Skill.TRAINED;

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

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "zone_clip", joinColumns = @JoinColumn(name = "stem_id"))
    @OrderColumn(name = "place")
    public List<ClipPart> clips = new ArrayList<>();

    @Embedded
    @Nullable
    private CutChoicePart cuts;

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "cut_technique", joinColumns = @JoinColumn(name = "stem_id"))
    @Enumerated(EnumType.STRING)
    @Column(name = "technique")
    private Set<Technique> techniques = EnumSet.noneOf(Technique.class);

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "pull_line", joinColumns = @JoinColumn(name = "stem_id"))
    @MapKeyEnumerated(EnumType.STRING)
    @MapKeyColumn(name = "place")
    private Map<LinePlace, LinePart> lines = new EnumMap<>(LinePlace.class);

    @Embedded
    @Nullable
    private SupportPart support;

    @Embedded
    @Nullable
    private FaceReadingPart face;

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

    public ChoiceRequest request() {
        LinePart line = lines.get(LinePlace.CHOSEN);
        LinePart fallback = lines.get(LinePlace.FALLBACK);
        ChoiceRequest.LineRequest chosen = (line == null ? new LinePart() : line).request(means);
        return new ChoiceRequest(
                layDeg,
                cutHeightM,
                school,
                barM,
                means,
                chosen.ropeHeightM(),
                chosen.anchorDistM(),
                chosen.pullN(),
                skill,
                chosen.stand(),
                chosen.puller(),
                coverTree == null ? "" : coverTree,
                clock,
                (cuts == null ? new CutChoicePart() : cuts).request(techniques),
                chosen.rig(),
                (support == null ? new SupportPart() : support)
                        .request(fallback == null ? null : fallback.request(Means.Kind.MACHINE_LINE)));
    }

    /** @return what the opened face showed; empty while it is not open */
    public Optional<FaceReading> opened() {
        return Optional.ofNullable(face).flatMap(FaceReadingPart::reading);
    }

    public void opened(FaceReading reading) {
        face = FaceReadingPart.of(reading);
    }

    public LayChoice choice(Kits kits) {
        return withWhatIsThere(request().choice(kits));
    }

    /** @return the choice with what was cleared and what the opened face showed, as far as it holds for it */
    public LayChoice withWhatIsThere(LayChoice c) {
        LayChoice cleared = c.leaving(new Leaving(
                cleared(c.layDeg()), c.leaving().coverTree(), c.leaving().clock()));
        return opened().filter(o -> o.holdsFor(c))
                .map(o -> cleared.by(c.cuts().opened(new OpenedFace(o.soundLeftM(), o.soundRightM(), o.wood()))))
                .orElse(cleared);
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

    public void takes(ChoiceRequest c, LayChoice checked, KnownKit kit) {
        layDeg = c.layDeg();
        cutHeightM = c.cutHeightM();
        school = c.school();
        barM = checked.barM();
        means = c.means();
        skill = checked.skill();
        coverTree = checked.leaving().coverTree().orElse(null);
        clock = checked.leaving().clock();
        ChoiceRequest.CutsRequest own = c.cuts() == null ? ChoiceRequest.CutsRequest.NONE : c.cuts();
        cuts = CutChoicePart.of(own, kit);
        techniques.clear();
        if (own.techniques() != null) {
            techniques.addAll(own.techniques());
        }
        ChoiceRequest.RigRequest rig = c.rig() == null ? ChoiceRequest.RigRequest.PLAIN : c.rig();
        ChoiceRequest.SupportRequest by = c.support() == null ? ChoiceRequest.SupportRequest.NONE : c.support();
        support = SupportPart.of(by, kit);
        lines.clear();
        lines.put(LinePlace.CHOSEN, LinePart.of(checked.means(), rig, kit));
        if (by.fallback() != null) {
            lines.put(LinePlace.FALLBACK, LinePart.of(by.fallback(), kit));
        }
    }
}
