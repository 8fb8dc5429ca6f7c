package org.antevid.app.drills.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface DrillAnswerRepository extends JpaRepository<DrillAnswerEntity, String> {
    List<DrillAnswerEntity> findBySetIdOrderByNth(String setId);
}
