package org.antevid.app.lay;

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
import org.antevid.app.place.SpotsColumn;
import org.antevid.core.cut.School;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.Means;
import org.antevid.core.site.Spot;
import org.hibernate.envers.Audited;
import org.springframework.data.jpa.repository.JpaRepository;

/** The leader's choice for one stem; the key is the stem's. */
@Entity
@Audited
@Table(name = "lay")
class LayRecord {
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
    boolean fixed;
    @Convert(converter = SpotsColumn.class)
    @Column(length = 20000)
    List<Spot> dropZone = List.of();
    @Version
    long version;

    LayChoice choice() {
        return new LayChoice(layDeg, cutHeightM, school, barM,
            new Means(means, Optional.ofNullable(ropeHeightM), Optional.ofNullable(anchorDistM), Optional.ofNullable(pullN)));
    }
}

interface LayRepository extends JpaRepository<LayRecord, String> {
    List<LayRecord> findByJobId(String jobId);
}
