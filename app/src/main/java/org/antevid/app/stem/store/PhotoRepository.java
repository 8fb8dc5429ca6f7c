package org.antevid.app.stem.store;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface PhotoRepository extends JpaRepository<PhotoEntity, String>, KnownAttachment {
    @Override
    @Query("select p.jobId from PhotoEntity p where p.id = :id")
    Optional<String> jobOf(String id);

    @Override
    @Query("select p.stemId from PhotoEntity p where p.id = :id")
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

    @Query("select p.id as id, p.stemId as stemId, p.defectId as defectId, p.who as who, p.at as at, "
            + "p.widthPx as widthPx, p.heightPx as heightPx from PhotoEntity p where p.jobId = :jobId order by p.at")
    List<Entry> findByJobIdOrderByAt(String jobId);
}
