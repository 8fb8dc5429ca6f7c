package org.antevid.app.house;

import java.time.Instant;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.app.house.store.HouseEntity;
import org.antevid.app.house.store.HouseRepository;
import org.antevid.app.house.store.WoodPart;
import org.antevid.app.reader.HouseWords;
import org.antevid.app.trace.Trail;
import org.antevid.core.judge.HouseRules;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.GreenWood;
import org.antevid.core.stem.Species;
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
    private static final int LONGEST_SOURCE = 200;
    private final HouseRepository repository;
    private final Trail trail;
    private final ApplicationEventPublisher events;
    private final HouseWords words;
    private final LearnedRules learned;

    House(
            HouseRepository repository,
            Trail trail,
            ApplicationEventPublisher events,
            HouseWords words,
            LearnedRules learned) {
        this.learned = learned;
        this.repository = repository;
        this.trail = trail;
        this.events = events;
        this.words = words;
    }

    /** @return the rules in force: the house's own, each number made stricter by what was learned */
    public HouseRules rules() {
        return own().tightened(learned.standing().stream()
                .map(LearnedRules.Learned::rule)
                .toList());
    }

    /** @return the rules as the owner set them */
    public HouseRules own() {
        return repository.findById(ONLY).map(HouseEntity::rules).orElse(HouseRules.USUAL);
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
        HouseEntity r = fresh(version);
        r.takes(rules);
        r.regional.clear();
        r.regional.addAll(regional);
        keep(r);
    }

    /** Figures of the house for a genus, and what they rest on. */
    public record OwnWood(GreenWood wood, String source) {}

    /** @return the figures the house has set; the literature's count for every other genus */
    public Map<Species, OwnWood> woods() {
        Map<Species, OwnWood> own = new EnumMap<>(Species.class);
        repository
                .findById(ONLY)
                .ifPresent(r -> r.wood.forEach((s, w) -> own.put(s, new OwnWood(w.forCore(), w.source))));
        return own;
    }

    /** @return the same without what they rest on */
    public Map<Species, GreenWood> ownWood() {
        Map<Species, GreenWood> own = new EnumMap<>(Species.class);
        woods().forEach((s, w) -> own.put(s, w.wood));
        return own;
    }

    /**
     * Every plan is computed anew with them.
     *
     * @throws RefusedInput for the species nobody knows: its figures are cautious on purpose
     */
    public void setWood(Species species, OwnWood own, Long version) {
        if (species == Species.UNKNOWN) {
            throw new RefusedInput(Refusal.UNKNOWN_WOOD_STAYS, "species");
        }
        HouseEntity r = fresh(version);
        r.wood.put(species, new WoodPart(own.wood, Require.text(own.source, LONGEST_SOURCE, "source")));
        keep(r);
    }

    /** Back to the literature's figures. */
    public void usualWood(Species species, Long version) {
        HouseEntity r = fresh(version);
        r.wood.remove(species);
        keep(r);
    }

    /** @return the house as it stands when nobody has changed it since {@code version} */
    private HouseEntity fresh(Long version) {
        Optional<HouseEntity> known = repository.findById(ONLY);
        known.ifPresent(r -> trail.requireFresh(r, ONLY, r.version, version, Arg.said(Message.of(Answer.HOUSE_RULES))));
        return known.orElseGet(House::untouched);
    }

    private static HouseEntity untouched() {
        HouseEntity r = new HouseEntity();
        r.id = ONLY;
        r.takes(HouseRules.USUAL);
        return r;
    }

    private void keep(HouseEntity r) {
        repository.saveAndFlush(r);
        events.publishEvent(new HouseChanged());
    }
}
