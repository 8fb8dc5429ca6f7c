package org.antevid.app.people.store;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.query.Param;
import org.springframework.transaction.annotation.Transactional;

public interface SignInRepository extends JpaRepository<SignInEntity, String> {
    @Query("select e from SignInEntity e where e.tokenHash = :tokenHash")
    Optional<SignInEntity> findByTokenHash(String tokenHash);

    /** @return how many that have not ended were noted as seen: one or none */
    @Transactional
    @Modifying
    @Query("update SignInEntity s set s.seenAt = :now where s.id = :id and s.endedAt is null")
    int seen(@Param("id") String id, @Param("now") Instant now);

    @Query("select e from SignInEntity e where e.personId = :personId and e.endedAt is null order by e.seenAt desc")
    List<SignInEntity> findByPersonIdAndEndedAtIsNullOrderBySeenAtDesc(String personId);
}
