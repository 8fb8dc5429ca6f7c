package org.antevid.app.tangle.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface RelationRepository extends JpaRepository<RelationEntity, String> {
    List<RelationEntity> findByJobId(String jobId);
}
