package org.antevid.app.house.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

public interface TreeTemplateRepository extends JpaRepository<TreeTemplateEntity, String> {
    List<TreeTemplateEntity> findAllByOrderByName();
}
