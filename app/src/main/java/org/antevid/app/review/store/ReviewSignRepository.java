package org.antevid.app.review.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface ReviewSignRepository extends JpaRepository<ReviewSignEntity, String> {
    List<ReviewSignEntity> findByJobIdOrderByAt(String jobId);
}
