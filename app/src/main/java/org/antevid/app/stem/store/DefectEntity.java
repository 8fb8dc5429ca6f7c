package org.antevid.app.stem.store;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Tell;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;
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

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "defect_tell", joinColumns = @JoinColumn(name = "defect_id"))
    @OrderColumn(name = "place")
    @Enumerated(EnumType.STRING)
    @Column(name = "tell")
    public List<Tell> tells = new ArrayList<>();

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
                List.copyOf(tells));
    }
}
