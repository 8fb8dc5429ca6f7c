package org.antevid.app.drills.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface DrillTakenRepository extends JpaRepository<DrillTakenEntity, String> {
    @Query("select e from DrillTakenEntity e where e.setId = :setId order by e.at")
    List<DrillTakenEntity> findBySetIdOrderByAt(String setId);
}
