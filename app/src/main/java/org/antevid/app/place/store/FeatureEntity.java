package org.antevid.app.place.store;

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
import org.antevid.app.place.Form;
import org.antevid.app.trace.SpotsColumn;
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

@Entity
@Audited
@Table(name = "feature")
public class FeatureEntity {
    @Id
    public String id;

    public String jobId;
    public String name;

    @Enumerated(EnumType.STRING)
    public FeatureKind kind;

    @Enumerated(EnumType.STRING)
    public Form form;

    @Convert(converter = SpotsColumn.class)
    @Column(length = 20000)
    public List<Spot> outline;

    public double radiusM;
    public int worth;
    public boolean mayBeHit;
    public String agreedBy = "";

    @Enumerated(EnumType.STRING)
    public Protection protection = Protection.NONE;

    public String protectedBy = "";
    public boolean protectionDone;
    public String takenHow = "";
    public String inside = "";
    public String occupied = "";

    @Enumerated(EnumType.STRING)
    @Nullable
    public VoltageClass voltage;

    @Enumerated(EnumType.STRING)
    @Nullable
    public Bed bed;

    public String agreedOn = "";

    @Nullable
    public Double slopeDeg;

    @Nullable
    public Double downhillDeg;

    @Version
    public long version;

    public Shape shape() {
        return switch (form) {
            case POINT -> Shape.disc(outline.get(0), radiusM);
            case LINE -> Shape.line(outline);
            case POLYGON -> Shape.polygon(outline);
        };
    }

    public Feature forCore() {
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
    public Optional<Terrain.Area> area() {
        return form != Form.POLYGON || slopeDeg == null
                ? Optional.empty()
                : Optional.of(new Terrain.Area(shape(), new Ground(slopeDeg, downhillDeg == null ? 0 : downhillDeg)));
    }
}
