package org.antevid.app.run.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface GoPlaceRepository extends JpaRepository<GoPlaceEntity, Long> {
    @Query("select e from GoPlaceEntity e where e.jobId = :jobId and e.goId = :goId order by e.seq")
    List<GoPlaceEntity> findByJobIdAndGoIdOrderBySeq(String jobId, String goId);
}
