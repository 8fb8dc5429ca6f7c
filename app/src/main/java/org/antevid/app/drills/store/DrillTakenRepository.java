package org.antevid.app.drills.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface DrillTakenRepository extends JpaRepository<DrillTakenEntity, String> {
    List<DrillTakenEntity> findBySetIdOrderByAt(String setId);
}
