package org.antevid.app.stem.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A photo of a stem or of one fault on it, made smaller and turned upright. */
@Entity
@Table(name = "photo")
public class PhotoEntity {
    @Id
    public String id;

    public String jobId;
    public String stemId;

    @Nullable
    public String defectId;

    public String who;
    public Instant at;
    public int widthPx;
    public int heightPx;
    public Double latitudeDeg;
    public Double longitudeDeg;

    @Column(length = 4_000_000)
    public byte[] jpeg;
}
