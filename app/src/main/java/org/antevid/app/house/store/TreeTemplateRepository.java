package org.antevid.app.house.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface TreeTemplateRepository extends JpaRepository<TreeTemplateEntity, String> {
    @Query("select e from TreeTemplateEntity e order by e.name")
    List<TreeTemplateEntity> findAllByOrderByName();
}
