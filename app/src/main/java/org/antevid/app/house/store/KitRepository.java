package org.antevid.app.house.store;

import org.springframework.data.jpa.repository.JpaRepository;

public interface KitRepository extends JpaRepository<KitEntity, String> {}
