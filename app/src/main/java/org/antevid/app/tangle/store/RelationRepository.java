package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface RelationRepository extends JpaRepository<RelationEntity, String> {
    @Query("select e from RelationEntity e where e.jobId = :jobId")
    List<RelationEntity> findByJobId(String jobId);
}
