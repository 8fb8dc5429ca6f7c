package org.antevid.app.stem;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemState;
import org.hibernate.envers.Audited;
import org.springframework.data.jpa.repository.JpaRepository;

@Entity
@Audited
@Table(name = "stem")
class StemRecord {
    @Id
    String id;
    String jobId;
    String label;
    @Enumerated(EnumType.STRING)
    Species species;
    @Enumerated(EnumType.STRING)
    StemState state;
    double eastM;
    double northM;
    @Enumerated(EnumType.STRING)
    Condition wood;
    @Enumerated(EnumType.STRING)
    StemMass.Shape shape;
    @Enumerated(EnumType.STRING)
    StemMass.Crown crown;
    boolean toBeKept;
    String note;
    @Version
    long version;

    Spot at() {
        return new Spot(eastM, northM);
    }
}

/** Never overwritten. {@code a, b, c} are the raw numbers of the kind; {@code value, sigma} what follows from them. */
@Entity
@Table(name = "sighting")
class SightingRecord {
    @Id
    String id;
    String stemId;
    @Enumerated(EnumType.STRING)
    SightingKind kind;
    Double a;
    Double b;
    Double c;
    double quantity;
    double sigma;
    Double azimuthDeg;
    String instrument;
    String who;
    Instant takenAt;
}

@Entity
@Table(name = "defect")
class DefectRecord {
    @Id
    String id;
    String stemId;
    @Enumerated(EnumType.STRING)
    DefectKind kind;
    double fromM;
    double toM;
    double faceDeg;
    String extent;
    String found;
    String note;
    String who;
    Instant seenAt;

    Defect forCore() {
        return new Defect(id, kind, fromM, toM, faceDeg, note);
    }
}

interface StemRepository extends JpaRepository<StemRecord, String> {
    List<StemRecord> findByJobIdOrderByLabel(String jobId);

    Optional<StemRecord> findByJobIdAndLabel(String jobId, String label);
}

interface SightingRepository extends JpaRepository<SightingRecord, String> {
    List<SightingRecord> findByStemIdOrderByTakenAt(String stemId);
}

interface DefectRepository extends JpaRepository<DefectRecord, String> {
    List<DefectRecord> findByStemIdOrderBySeenAt(String stemId);
}
