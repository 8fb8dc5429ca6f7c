package org.antevid.app.place.store;

import org.springframework.data.jpa.repository.JpaRepository;

public interface SurroundingsRepository extends JpaRepository<SurroundingsEntity, String> {}
