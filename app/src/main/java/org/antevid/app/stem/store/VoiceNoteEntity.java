package org.antevid.app.stem.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** What somebody said of a stem or of one fault on it, as the device recorded it. */
@Entity
@Table(name = "voice_note")
public class VoiceNoteEntity {
    @Id
    public String id;

    public String jobId;
    public String stemId;

    @Nullable
    public String defectId;

    public String who;
    public Instant at;
    /** Media type of the sound. */
    public String media;

    @Column(length = 2_000_000)
    public byte[] sound;
}
