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
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.hibernate.envers.Audited;
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
        return new Feature(id, name, kind, shape(), worth, mayBeHit, protection, protectedBy, protectionDone);
    }
}

interface FeatureRepository extends JpaRepository<FeatureRecord, String> {
    List<FeatureRecord> findByJobIdOrderByName(String jobId);
}
