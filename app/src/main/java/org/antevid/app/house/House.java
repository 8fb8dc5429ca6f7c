package org.antevid.app.house;

import java.time.Instant;
import java.util.Optional;
import org.antevid.app.house.store.HouseEntity;
import org.antevid.app.house.store.HouseRepository;
import org.antevid.app.trace.Trail;
import org.antevid.core.judge.HouseRules;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The house rules in force. */
@Service
@Transactional
public class House {
    static final String ONLY = "house";
    private final HouseRepository repository;
    private final Trail trail;
    private final ApplicationEventPublisher events;

    House(HouseRepository repository, Trail trail, ApplicationEventPublisher events) {
        this.repository = repository;
        this.trail = trail;
        this.events = events;
    }

    public HouseRules rules() {
        return repository
                .findById(ONLY)
                .map(r ->
                        new HouseRules(r.exclusionLengths, r.soundSigmaDeg, r.windLimitMs, r.usualSchool, r.leastAwayM))
                .orElse(HouseRules.USUAL);
    }

    /** @return when they were last changed; empty while the usual ones are in force */
    public Optional<Instant> changedAt() {
        return trail.changedAtOf(HouseEntity.class, ONLY);
    }

    public long version() {
        return repository.findById(ONLY).map(r -> r.version).orElse(-1L);
    }

    public void change(HouseRules rules, Long version) {
        HouseEntity r = repository.findById(ONLY).orElse(null);
        if (r == null) {
            r = new HouseEntity();
            r.id = ONLY;
        } else {
            trail.requireFresh(r, ONLY, r.version, version, "The house rules");
        }
        r.exclusionLengths = rules.exclusionLengths();
        r.soundSigmaDeg = rules.soundSigmaDeg();
        r.windLimitMs = rules.windLimitMs();
        r.usualSchool = rules.usualSchool();
        r.leastAwayM = rules.leastAwayM();
        repository.saveAndFlush(r);
        events.publishEvent(new HouseChanged());
    }
}
