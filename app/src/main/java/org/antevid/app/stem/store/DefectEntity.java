package org.antevid.app.stem.store;

import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Tell;
import org.jspecify.annotations.Nullable;

/** Never overwritten. */
@Entity
@Table(name = "defect")
public class DefectEntity {
    @Id
    public String id;

    public String jobId;
    public String stemId;

    @Enumerated(EnumType.STRING)
    public DefectKind kind;

    public double fromM;
    public double toM;
    public double faceDeg;

    @Nullable
    public Double widthM;

    @Nullable
    public Double depthM;

    public String extent;

    @Enumerated(EnumType.STRING)
    public Defect.Found found;

    @Convert(converter = LabelsColumn.class)
    public List<String> tells = List.of();

    public String note;
    public String who;
    public Instant seenAt;
    public boolean byCrew;

    @Nullable
    public String setAside;

    @Nullable
    public String setAsideBy;

    public Defect forCore() {
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
