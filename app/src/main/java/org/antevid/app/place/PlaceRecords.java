package org.antevid.app.place;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.List;
import java.util.Optional;
import org.antevid.core.site.Bed;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Terrain;
import org.antevid.core.site.VoltageClass;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;

@Entity
@Audited
@Table(name = "feature")
class FeatureRecord {
    @Id
    String id;

    String jobId;
    String name;

    @Enumerated(EnumType.STRING)
    FeatureKind kind;

    @Enumerated(EnumType.STRING)
    Form form;

    @Convert(converter = SpotsColumn.class)
    @Column(length = 20000)
    List<Spot> outline;

    double radiusM;
    int worth;
    boolean mayBeHit;
    String agreedBy = "";

    @Enumerated(EnumType.STRING)
    Protection protection = Protection.NONE;

    String protectedBy = "";
    boolean protectionDone;
    String takenHow = "";
    String inside = "";
    String occupied = "";

    @Enumerated(EnumType.STRING)
    @Nullable
    VoltageClass voltage;

    @Enumerated(EnumType.STRING)
    @Nullable
    Bed bed;

    String agreedOn = "";

    @Nullable
    Double slopeDeg;

    @Nullable
    Double downhillDeg;

    @Version
    long version;

    Shape shape() {
        return switch (form) {
            case POINT -> Shape.disc(outline.get(0), radiusM);
            case LINE -> Shape.line(outline);
            case POLYGON -> Shape.polygon(outline);
        };
    }

    Feature forCore() {
        return new Feature(
                id,
                name,
                kind,
                shape(),
                worth,
                mayBeHit,
                protection,
                protectedBy,
                protectionDone,
                new Feature.Detail(inside, occupied, Optional.ofNullable(voltage), Optional.ofNullable(bed)));
    }

    /** @return the part of the place with a slope of its own that it is */
    Optional<Terrain.Area> area() {
        return form != Form.POLYGON || slopeDeg == null
                ? Optional.empty()
                : Optional.of(new Terrain.Area(shape(), new Ground(slopeDeg, downhillDeg == null ? 0 : downhillDeg)));
    }
}

interface FeatureRepository extends JpaRepository<FeatureRecord, String> {
    List<FeatureRecord> findByJobIdOrderByName(String jobId);
}
