package org.antevid.app.stem.store;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface VoiceNoteRepository extends JpaRepository<VoiceNoteEntity, String>, KnownAttachment {
    @Override
    @Query("select v.jobId from VoiceNoteEntity v where v.id = :id")
    Optional<String> jobOf(String id);

    @Override
    @Query("select v.stemId from VoiceNoteEntity v where v.id = :id")
    Optional<String> stemOf(String id);

    /** A voice note without its sound. */
    interface Entry {
        String getId();

        String getStemId();

        String getDefectId();

        String getWho();

        Instant getAt();
    }

    @Query("select v.id as id, v.stemId as stemId, v.defectId as defectId, v.who as who, v.at as at "
            + "from VoiceNoteEntity v where v.jobId = :jobId order by v.at")
    List<Entry> findByJobIdOrderByAt(String jobId);
}
