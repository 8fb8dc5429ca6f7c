package org.antevid.app.house;

import java.time.Instant;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.antevid.app.house.store.HouseEntity;
import org.antevid.app.house.store.HouseRepository;
import org.antevid.app.reader.HouseWords;
import org.antevid.app.trace.Trail;
import org.antevid.core.judge.HouseRules;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.words.Answer;
import org.antevid.words.Regional;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;

/** The house rules in force. */
@Service
@Transactional
public class House {
    static final String ONLY = "house";
    private final HouseRepository repository;
    private final Trail trail;
    private final ApplicationEventPublisher events;
    private final HouseWords words;

    House(HouseRepository repository, Trail trail, ApplicationEventPublisher events, HouseWords words) {
        this.repository = repository;
        this.trail = trail;
        this.events = events;
        this.words = words;
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

    /** @return the words of its region that the house says */
    public Set<Regional> regional() {
        return repository
                .findById(ONLY)
                .filter(r -> !r.regional.isEmpty())
                .<Set<Regional>>map(r -> EnumSet.copyOf(r.regional))
                .orElse(Set.of());
    }

    /** From the start on. */
    @EventListener
    void start(ApplicationReadyEvent started) {
        words.say(regional());
    }

    @TransactionalEventListener
    @Transactional(propagation = Propagation.REQUIRES_NEW, readOnly = true)
    void said(HouseChanged changed) {
        words.say(regional());
    }

    public void change(HouseRules rules, Set<Regional> regional, Long version) {
        HouseEntity r = repository.findById(ONLY).orElse(null);
        if (r == null) {
            r = new HouseEntity();
            r.id = ONLY;
        } else {
            trail.requireFresh(r, ONLY, r.version, version, Arg.said(Message.of(Answer.HOUSE_RULES)));
        }
        r.exclusionLengths = rules.exclusionLengths();
        r.soundSigmaDeg = rules.soundSigmaDeg();
        r.windLimitMs = rules.windLimitMs();
        r.usualSchool = rules.usualSchool();
        r.leastAwayM = rules.leastAwayM();
        r.regional.clear();
        r.regional.addAll(regional);
        repository.saveAndFlush(r);
        events.publishEvent(new HouseChanged());
    }
}
