package org.antevid.app.drills.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface DrillSetRepository extends JpaRepository<DrillSetEntity, String> {
    @Query("select e from DrillSetEntity e order by e.due desc")
    List<DrillSetEntity> findAllByOrderByDueDesc();
}
