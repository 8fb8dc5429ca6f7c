package org.antevid.app.drills.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface DrillAnswerRepository extends JpaRepository<DrillAnswerEntity, String> {
    @Query("select e from DrillAnswerEntity e where e.setId = :setId order by e.nth")
    List<DrillAnswerEntity> findBySetIdOrderByNth(String setId);
}
