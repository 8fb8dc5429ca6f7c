package org.antevid.app.lay.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface LayRepository extends JpaRepository<LayEntity, String> {
    List<LayEntity> findByJobId(String jobId);
}
