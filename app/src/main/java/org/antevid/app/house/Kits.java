package org.antevid.app.house;

import java.time.LocalDate;
import java.time.Year;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import org.antevid.app.house.store.KitEntity;
import org.antevid.app.house.store.KitRepository;
import org.antevid.app.problem.NotThere;
import org.antevid.app.trace.Trail;
import org.antevid.core.assist.KitItem;
import org.antevid.core.crew.WorkDay;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.words.Answer;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The house's saws and kit. What is taken off the list is no longer counted on by any plan. */
@Service
@Transactional
public class Kits {
    private final KitRepository repository;
    private final Trail trail;
    private final ApplicationEventPublisher events;

    Kits(KitRepository repository, Trail trail, ApplicationEventPublisher events) {
        this.repository = repository;
        this.trail = trail;
        this.events = events;
    }

    /**
     * When it was looked at, and until when that is good; empty is not known.
     *
     * @param leftShare share of its strength that is left by whoever looked, 0.1..1; empty: nobody said
     */
    public record Inspection(
            Optional<LocalDate> on, Optional<LocalDate> due, boolean withdrawn, Optional<Double> leftShare) {
        public Inspection {
            leftShare.ifPresent(x -> Require.within(x, 0.1, 1, "leftShare"));
            if (on.isPresent() && due.isPresent() && due.get().isBefore(on.get())) {
                throw new RefusedInput("BAD_ORDER", "due", Message.of(Answer.DUE_AFTER_INSPECTION));
            }
        }

        /** @return whether it may be used that day: not withdrawn, and not overdue */
        public boolean forUse(LocalDate day) {
            return !withdrawn && due.filter(d -> d.isBefore(day)).isEmpty();
        }
    }

    /** An item with its key and version. */
    public record Entry(String id, KitItem item, Inspection inspection, long version) {}

    public List<Entry> all() {
        return repository.findAll().stream()
                .map(r -> new Entry(r.id, r.forCore(), inspection(r), r.version))
                .sorted(Comparator.<Entry, KitItem.Kind>comparing(e -> e.item().kind())
                        .thenComparing(e -> e.item().name()))
                .toList();
    }

    /** @return the item when it is on the list and of that kind; an id that is blank or gone is no item */
    public Optional<KitItem> item(@Nullable String id, KitItem.Kind kind) {
        return id == null || id.isBlank() ? Optional.empty() : entry(id, kind).map(Entry::item);
    }

    /** @return the same with what its last inspection found */
    public Optional<Entry> entry(String id, KitItem.Kind kind) {
        return repository
                .findById(id)
                .map(r -> new Entry(r.id, r.forCore(), inspection(r), r.version))
                .filter(e -> e.item.kind() == kind);
    }

    private static Inspection inspection(KitEntity r) {
        return new Inspection(
                Optional.ofNullable(r.inspectedOn),
                Optional.ofNullable(r.dueOn),
                r.withdrawn,
                Optional.ofNullable(r.leftShare));
    }

    public boolean has(String id) {
        return !id.isBlank() && repository.existsById(id);
    }

    /** @return the strongest of a kind on the list */
    public Optional<Entry> strongest(KitItem.Kind kind) {
        return all().stream().filter(e -> e.item.kind() == kind).max(Comparator.comparingDouble(e -> e.item.strengthN()
                .orElse(0.0)));
    }

    /** @return the year it is, for the age of a rope */
    public int year() {
        return Year.now(ZoneId.systemDefault()).getValue();
    }

    public String add(KitItem item) {
        KitEntity r = new KitEntity();
        r.id = UUID.randomUUID().toString();
        r.takes(item);
        repository.saveAndFlush(r);
        events.publishEvent(new HouseChanged());
        return r.id;
    }

    public void change(String id, KitItem item, Long version) {
        KitEntity r = repository.findById(id).orElseThrow(NotThere::new);
        trail.requireFresh(r, id, r.version, version, item.name());
        r.takes(item);
        repository.saveAndFlush(r);
        events.publishEvent(new HouseChanged());
    }

    /** What an inspection found: plans that take the item stop the day after it is due, and while it is withdrawn. */
    public void inspected(String id, Inspection i, Long version) {
        KitEntity r = repository.findById(id).orElseThrow(NotThere::new);
        trail.requireFresh(r, id, r.version, version, r.name);
        r.inspectedOn = i.on.orElse(null);
        r.dueOn = i.due.orElse(null);
        r.withdrawn = i.withdrawn;
        r.leftShare = i.leftShare.orElse(null);
        repository.saveAndFlush(r);
        events.publishEvent(new HouseChanged());
    }

    /** @return the kit with its inspections, as the rules of the crew see it */
    public List<WorkDay.Inspected> inspections() {
        return all().stream()
                .map(e -> new WorkDay.Inspected(
                        e.item.name(),
                        e.inspection
                                .due
                                .map(d -> OptionalLong.of(d.toEpochDay()))
                                .orElse(OptionalLong.empty()),
                        e.inspection.withdrawn))
                .toList();
    }

    public void remove(String id, Long version) {
        KitEntity r = repository.findById(id).orElseThrow(NotThere::new);
        trail.requireFresh(r, id, r.version, version, r.name);
        repository.delete(r);
        events.publishEvent(new HouseChanged());
    }
}
