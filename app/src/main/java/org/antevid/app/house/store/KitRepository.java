package org.antevid.app.house.store;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

public interface KitRepository extends JpaRepository<KitEntity, String> {
    @Override
    @Query("select e from KitEntity e")
    List<KitEntity> findAll();
}
