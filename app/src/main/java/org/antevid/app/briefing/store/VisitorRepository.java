package org.antevid.app.briefing.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface VisitorRepository extends JpaRepository<VisitorEntity, String> {
    @Query("select e from VisitorEntity e where e.jobId = :jobId and e.leftAt is null order by e.toldAt")
    List<VisitorEntity> findByJobIdAndLeftAtIsNullOrderByToldAt(String jobId);
}
