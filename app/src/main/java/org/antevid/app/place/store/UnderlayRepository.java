package org.antevid.app.place.store;

import org.springframework.data.jpa.repository.JpaRepository;

public interface UnderlayRepository extends JpaRepository<UnderlayEntity, String> {}
