package org.antevid.app.briefing.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface VisitorRepository extends JpaRepository<VisitorEntity, String> {
    List<VisitorEntity> findByJobIdAndLeftAtIsNullOrderByToldAt(String jobId);
}
