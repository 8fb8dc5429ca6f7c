package org.antevid.app.lay;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Converter;
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
import org.antevid.app.place.SpotsColumn;
import org.antevid.core.cut.School;
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
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;
import org.springframework.data.jpa.repository.JpaRepository;

/** The leader's choice for one stem; the key is the stem's. */
@Entity
@Audited
@Table(name = "lay")
class LayRecord {
    /** A cleared way is cleared for the lay it was looked at with; turned farther it is another way. */
    private static final double SAME_WAY_DEG = 5;

    @Id
    String stemId;
    String jobId;
    double layDeg;
    double cutHeightM;
    @Enumerated(EnumType.STRING)
    School school;
    double barM;
    @Enumerated(EnumType.STRING)
    Means.Kind means;
    Double ropeHeightM;
    Double anchorDistM;
    Double pullN;
    @Enumerated(EnumType.STRING)
    LaySpread.Skill skill = LaySpread.Skill.TRAINED;
    Double standEastM;
    Double standNorthM;
    Double pullerEastM;
    Double pullerNorthM;
    /** Who cleared the way to that side, null while nobody has. */
    String clearedLeft;
    String clearedRight;
    Double clearedLayDeg;
    String coverTree;
    @Enumerated(EnumType.STRING)
    Leaving.Clock clock = Leaving.Clock.AT_MOVEMENT;
    @Convert(converter = ClipsColumn.class)
    @Column(length = 40000)
    List<Clip> clips = List.of();
    boolean fixed;
    @Convert(converter = SpotsColumn.class)
    @Column(length = 20000)
    List<Spot> dropZone = List.of();
    /** Follows from everything else at the moment of fixing; the trail of its parts is kept with them. */
    @NotAudited
    @Convert(converter = BasisColumn.class)
    @Column(length = 100000)
    Basis basis;
    @Version
    long version;

    /** Ground taken out of a zone, as it was drawn. */
    record Clip(Zone.Kind kind, List<Spot> outline, String reason, String who) {
        Zone.Clip forCore() {
            return new Zone.Clip(kind, Shape.polygon(outline), reason);
        }
    }

    LayChoice choice() {
        return new LayChoice(layDeg, cutHeightM, school, barM,
            new Means(means, Optional.ofNullable(ropeHeightM), Optional.ofNullable(anchorDistM), Optional.ofNullable(pullN), spot(standEastM, standNorthM), spot(pullerEastM, pullerNorthM), 0),
            skill, new Leaving(cleared(layDeg), Optional.ofNullable(coverTree), clock));
    }

    /** @return sides whose way is cleared for a lay like this */
    Set<EscapeRoutes.Side> cleared(double lay) {
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
    Optional<String> clearedBy(EscapeRoutes.Side side, double lay) {
        return cleared(lay).contains(side) ? Optional.of(side == EscapeRoutes.Side.LEFT ? clearedLeft : clearedRight) : Optional.empty();
    }

    void takes(LayChoice c) {
        layDeg = c.layDeg();
        cutHeightM = c.cutHeightM();
        school = c.school();
        barM = c.barM();
        means = c.means().kind();
        ropeHeightM = c.means().ropeHeightM().orElse(null);
        anchorDistM = c.means().anchorDistM().orElse(null);
        pullN = c.means().pullN().orElse(null);
        standEastM = c.means().stand().map(Spot::eastM).orElse(null);
        standNorthM = c.means().stand().map(Spot::northM).orElse(null);
        pullerEastM = c.means().puller().map(Spot::eastM).orElse(null);
        pullerNorthM = c.means().puller().map(Spot::northM).orElse(null);
        skill = c.skill();
        coverTree = c.leaving().coverTree().orElse(null);
        clock = c.leaving().clock();
    }

    private static Optional<Spot> spot(Double east, Double north) {
        return east == null || north == null ? Optional.empty() : Optional.of(new Spot(east, north));
    }
}

/** Clips as JSON. */
@Converter
class ClipsColumn implements AttributeConverter<List<LayRecord.Clip>, String> {
    private static final ObjectMapper JSON = new ObjectMapper();

    @Override
    public String convertToDatabaseColumn(List<LayRecord.Clip> clips) {
        try {
            return JSON.writeValueAsString(clips == null ? List.of() : clips);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public List<LayRecord.Clip> convertToEntityAttribute(String text) {
        try {
            return text == null || text.isEmpty() ? List.of() : JSON.readValue(text, new TypeReference<List<LayRecord.Clip>>() { });
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("stored clips cannot be read: " + text, e);
        }
    }
}

/** What a fixed lay rested on, as JSON. */
@Converter
class BasisColumn implements AttributeConverter<Basis, String> {
    private static final ObjectMapper JSON = new ObjectMapper();

    @Override
    public String convertToDatabaseColumn(Basis basis) {
        try {
            return basis == null ? null : JSON.writeValueAsString(basis);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public Basis convertToEntityAttribute(String text) {
        try {
            return text == null ? null : JSON.readValue(text, Basis.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a stored basis cannot be read", e);
        }
    }
}

interface LayRepository extends JpaRepository<LayRecord, String> {
    List<LayRecord> findByJobId(String jobId);
}
