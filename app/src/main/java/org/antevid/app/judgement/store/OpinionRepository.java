package org.antevid.app.judgement.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface OpinionRepository extends JpaRepository<OpinionEntity, String> {
    List<OpinionEntity> findByJobId(String jobId);
}
