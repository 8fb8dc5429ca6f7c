package org.antevid.app.stem.store;

import java.util.List;
import java.util.Optional;
import org.antevid.core.stem.Species;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface StemRepository extends JpaRepository<StemEntity, String> {
    @Query("select e from StemEntity e where e.jobId = :jobId")
    List<StemEntity> findByJobId(String jobId);

    @Query("select e from StemEntity e where e.jobId = :jobId and e.label = :label")
    Optional<StemEntity> findByJobIdAndLabel(String jobId, String label);

    @Query("select distinct s.jobId from StemEntity s where s.species = :species")
    List<String> jobsWith(Species species);
}
