package org.antevid.app.stem;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Sighting;
import org.antevid.core.stem.SightingKind;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Tell;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/**
 * Never overwritten; it may be accepted or set aside once, with who and when. {@code quantity, sigma} are what followed
 * from the raw numbers.
 */
@Entity
@Table(name = "sighting")
class SightingRecord {
    @Id
    String id;

    String jobId;
    String stemId;

    @Enumerated(EnumType.STRING)
    SightingKind kind;

    @Convert(converter = RawColumn.class)
    @Column(length = 2000)
    Map<String, Object> raw;

    double quantity;
    double sigma;

    @Enumerated(EnumType.STRING)
    StemState stateThen;

    String instrument;
    boolean simulated;
    String who;
    Instant takenAt;
    boolean byCrew;

    @Nullable
    String acceptedBy;

    @Nullable
    Instant acceptedAt;

    @Nullable
    String setAside;

    @Nullable
    String setAsideBy;

    boolean accepted() {
        return !byCrew || acceptedBy != null;
    }

    Sighting forCore() {
        Map<String, Double> numbers = new HashMap<>();
        Map<String, String> choices = new HashMap<>();
        raw.forEach((k, v) -> {
            if (v instanceof Number n) {
                numbers.put(k, n.doubleValue());
            } else if (v != null) {
                choices.put(k, String.valueOf(v));
            }
        });
        return new Sighting(
                id,
                kind,
                numbers,
                choices,
                stateThen,
                accepted(),
                Optional.ofNullable(setAside),
                new Estimate(quantity, sigma),
                List.of());
    }
}

/** Never overwritten. */
@Entity
@Table(name = "defect")
class DefectRecord {
    @Id
    String id;

    String jobId;
    String stemId;

    @Enumerated(EnumType.STRING)
    DefectKind kind;

    double fromM;
    double toM;
    double faceDeg;

    @Nullable
    Double widthM;

    @Nullable
    Double depthM;

    String extent;

    @Enumerated(EnumType.STRING)
    Defect.Found found;

    @Convert(converter = LabelsColumn.class)
    List<String> tells = List.of();

    String note;
    String who;
    Instant seenAt;
    boolean byCrew;

    @Nullable
    String setAside;

    @Nullable
    String setAsideBy;

    Defect forCore() {
        return new Defect(
                id,
                kind,
                fromM,
                toM,
                faceDeg,
                note,
                Optional.ofNullable(widthM),
                Optional.ofNullable(depthM),
                found,
                tells.stream().map(Tell::valueOf).toList());
    }
}

/** A photo of a stem or of one fault on it, made smaller and turned upright. */
@Entity
@Table(name = "photo")
class PhotoRecord {
    @Id
    String id;

    String jobId;
    String stemId;

    @Nullable
    String defectId;

    String who;
    Instant at;
    int widthPx;
    int heightPx;
    Double latitudeDeg;
    Double longitudeDeg;

    @Column(length = 4_000_000)
    byte[] jpeg;
}

interface SightingRepository extends JpaRepository<SightingRecord, String> {
    List<SightingRecord> findByStemIdOrderByTakenAt(String stemId);

    List<SightingRecord> findByJobIdOrderByTakenAt(String jobId);
}

interface DefectRepository extends JpaRepository<DefectRecord, String> {
    List<DefectRecord> findByStemIdOrderBySeenAt(String stemId);

    List<DefectRecord> findByJobIdOrderBySeenAt(String jobId);
}

interface PhotoRepository extends JpaRepository<PhotoRecord, String> {
    @Query("select p.jobId from PhotoRecord p where p.id = :id")
    Optional<String> jobOf(String id);

    @Query("select p.stemId from PhotoRecord p where p.id = :id")
    Optional<String> stemOf(String id);

    /** A photo without its picture. */
    interface Entry {
        String getId();

        String getStemId();

        String getDefectId();

        String getWho();

        Instant getAt();

        int getWidthPx();

        int getHeightPx();
    }

    List<Entry> findByJobIdOrderByAt(String jobId);
}
