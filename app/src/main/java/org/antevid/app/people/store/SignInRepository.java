package org.antevid.app.people.store;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

public interface SignInRepository extends JpaRepository<SignInEntity, String> {
    Optional<SignInEntity> findByTokenHash(String tokenHash);

    List<SignInEntity> findByPersonIdAndEndedAtIsNullOrderBySeenAtDesc(String personId);
}
