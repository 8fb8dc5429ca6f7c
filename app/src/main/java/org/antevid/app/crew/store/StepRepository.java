package org.antevid.app.crew.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface StepRepository extends JpaRepository<StepEntity, String> {
    List<StepEntity> findByJobIdOrderByTurn(String jobId);
}
