package org.antevid.app.people;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import org.antevid.app.people.store.PersonRepository;
import org.antevid.app.people.store.SignInEntity;
import org.antevid.app.people.store.SignInRepository;
import org.antevid.app.problem.NotThere;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Who is signed in where. Kept in the store, so that a killed server signs nobody out; the token itself is kept by the
 * browser alone.
 */
@Service
@Transactional
public class SignIns {
    static final Duration LASTS = Duration.ofHours(16);
    private static final Duration NOTED_EVERY = Duration.ofMinutes(10);
    private static final Duration FRESH = Duration.ofMinutes(10);
    private static final int TOKEN_BYTES = 32;
    private final SecureRandom random = new SecureRandom();
    private final SignInRepository repository;
    private final PersonRepository people;
    private final Clock clock;
    private final KnownSignIns known = new KnownSignIns();
    /** Those ended since the start. */
    private final Set<String> ended = ConcurrentHashMap.newKeySet();
    /** When somebody last proved who they are, by {@link System#nanoTime()}. */
    private final Map<String, Long> provenAtNs = new ConcurrentHashMap<>();

    SignIns(SignInRepository repository, PersonRepository people, Clock clock) {
        this.clock = clock;
        this.repository = repository;
        this.people = people;
    }

    /** Where somebody is signed in. */
    public record SignInPlace(
            String id, Way way, String onlyJob, Instant madeAt, Instant seenAt, String address, String device) {}

    /** @return the token, which is shown to the browser and to nobody else */
    String open(String personId, Way way, String onlyJob, String address, String device) {
        byte[] bytes = new byte[TOKEN_BYTES];
        random.nextBytes(bytes);
        String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        SignInEntity r = new SignInEntity();
        r.id = UUID.randomUUID().toString();
        r.tokenHash = hash(token);
        r.personId = personId;
        r.onlyJob = onlyJob;
        r.way = way;
        r.madeAt = clock.instant();
        r.seenAt = r.madeAt;
        r.address = address;
        r.device = device;
        repository.saveAndFlush(r);
        provenAtNs.put(r.id, System.nanoTime());
        return token;
    }

    /** Asked with every request: answered from memory, noted in the store every ten minutes. */
    @Transactional(propagation = Propagation.SUPPORTS)
    Optional<SignedIn> by(String token) {
        String hash = hash(token);
        Instant now = clock.instant();
        return known.by(hash, now).or(() -> read(hash, now));
    }

    private Optional<SignedIn> read(String hash, Instant now) {
        long readAt = known.changes();
        return repository
                .findByTokenHash(hash)
                .filter(r -> r.endedAt == null && r.seenAt.plus(LASTS).isAfter(now))
                // one that somebody ends just now stays ended
                .filter(r -> repository.seen(r.id, now) == 1)
                .flatMap(r -> people.findById(r.personId).map(p -> {
                    SignedIn who = new SignedIn(p.id, p.name, p.office, r.id, r.onlyJob, r.way, p.manner());
                    known.keep(readAt, hash, who, now.plus(NOTED_EVERY));
                    return who;
                }));
    }

    /** @return whether a sign-in that was open since the start still is */
    @Transactional(propagation = Propagation.SUPPORTS)
    public boolean isOpen(SignedIn who) {
        return !ended.contains(who.signInId());
    }

    public List<SignInPlace> of(String personId) {
        Instant now = clock.instant();
        return repository.findByPersonIdAndEndedAtIsNullOrderBySeenAtDesc(personId).stream()
                .filter(r -> r.seenAt.plus(LASTS).isAfter(now))
                .map(r -> new SignInPlace(r.id, r.way, r.onlyJob, r.madeAt, r.seenAt, r.address, r.device))
                .toList();
    }

    /** What is kept of a person's sign-ins is read anew with the next request. */
    void forget(String personId) {
        known.forget(who -> who.personId().equals(personId));
    }

    public void end(String personId, String id, String by) {
        SignInEntity r =
                repository.findById(id).filter(x -> x.personId.equals(personId)).orElseThrow(NotThere::new);
        end(r, by);
    }

    /**
     * Ends what somebody has open; streams follow with their next event.
     *
     * @return how many
     */
    public int endAll(String personId, Predicate<SignInPlace> which, String by) {
        List<SignInEntity> ends = repository.findByPersonIdAndEndedAtIsNullOrderBySeenAtDesc(personId).stream()
                .filter(r ->
                        which.test(new SignInPlace(r.id, r.way, r.onlyJob, r.madeAt, r.seenAt, r.address, r.device)))
                .toList();
        ends.forEach(r -> end(r, by));
        return ends.size();
    }

    private void end(SignInEntity r, String by) {
        r.endedAt = clock.instant();
        r.endedBy = by;
        repository.saveAndFlush(r);
        ended.add(r.id);
        known.forget(who -> who.signInId().equals(r.id));
        provenAtNs.remove(r.id);
    }

    /** Somebody has just proved again who they are. */
    public void proven(SignedIn who) {
        provenAtNs.put(who.signInId(), System.nanoTime());
    }

    boolean isFresh(SignedIn who) {
        Long at = provenAtNs.get(who.signInId());
        return at != null && System.nanoTime() - at < FRESH.toNanos();
    }

    private static String hash(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
