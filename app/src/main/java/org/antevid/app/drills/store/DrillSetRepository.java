package org.antevid.app.drills.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface DrillSetRepository extends JpaRepository<DrillSetEntity, String> {
    List<DrillSetEntity> findAllByOrderByDueDesc();
}
