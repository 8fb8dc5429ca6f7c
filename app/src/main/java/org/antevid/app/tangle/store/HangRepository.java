package org.antevid.app.tangle.store;

import org.springframework.data.jpa.repository.JpaRepository;

public interface HangRepository extends JpaRepository<HangEntity, String> {}
