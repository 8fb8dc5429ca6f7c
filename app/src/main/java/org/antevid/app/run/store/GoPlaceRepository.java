package org.antevid.app.run.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface GoPlaceRepository extends JpaRepository<GoPlaceEntity, Long> {
    List<GoPlaceEntity> findByJobIdAndGoIdOrderBySeq(String jobId, String goId);
}
