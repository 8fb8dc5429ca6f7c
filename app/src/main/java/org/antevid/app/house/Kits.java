package org.antevid.app.house;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Year;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.antevid.app.people.Office;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotAllowed;
import org.antevid.app.problem.NotThere;
import org.antevid.app.reader.Speech;
import org.antevid.app.trace.Trail;
import org.antevid.core.assist.KitItem;
import org.antevid.core.message.Message;
import org.antevid.words.Answer;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

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

    /** An item with its key and version. */
    public record Entry(String id, KitItem item, long version) {}

    List<Entry> all() {
        return repository.findAll().stream()
                .map(r -> new Entry(r.id, r.forCore(), r.version))
                .sorted(Comparator.<Entry, KitItem.Kind>comparing(e -> e.item().kind())
                        .thenComparing(e -> e.item().name()))
                .toList();
    }

    /** @return the item when it is on the list and of that kind; an id that is blank or gone is no item */
    public Optional<KitItem> item(@Nullable String id, KitItem.Kind kind) {
        return id == null || id.isBlank()
                ? Optional.empty()
                : repository.findById(id).map(KitRecord::forCore).filter(i -> i.kind() == kind);
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
        KitRecord r = new KitRecord();
        r.id = UUID.randomUUID().toString();
        r.takes(item);
        repository.saveAndFlush(r);
        events.publishEvent(new HouseChanged());
        return r.id;
    }

    void change(String id, KitItem item, Long version) {
        KitRecord r = repository.findById(id).orElseThrow(NotThere::new);
        trail.requireFresh(r, id, r.version, version, item.name());
        r.takes(item);
        repository.saveAndFlush(r);
        events.publishEvent(new HouseChanged());
    }

    void remove(String id, Long version) {
        KitRecord r = repository.findById(id).orElseThrow(NotThere::new);
        trail.requireFresh(r, id, r.version, version, r.name);
        repository.delete(r);
        events.publishEvent(new HouseChanged());
    }
}

@Entity
@Audited
@Table(name = "kit")
class KitRecord {
    @Id
    String id;

    @Enumerated(EnumType.STRING)
    KitItem.Kind kind;

    String name;
    int pieces;

    @Nullable
    Double barM;

    @Nullable
    Double liftM;

    @Nullable
    Double lengthM;

    @Nullable
    Double strengthN;

    @Nullable
    Double efficiency;

    @Nullable
    Integer madeYear;

    String note;

    @Version
    long version;

    KitItem forCore() {
        return new KitItem(
                kind,
                name,
                pieces,
                Optional.ofNullable(barM),
                Optional.ofNullable(liftM),
                Optional.ofNullable(lengthM),
                Optional.ofNullable(strengthN),
                Optional.ofNullable(efficiency),
                Optional.ofNullable(madeYear),
                note == null ? "" : note);
    }

    void takes(KitItem i) {
        kind = i.kind();
        name = i.name();
        pieces = i.count();
        barM = i.barM().orElse(null);
        liftM = i.liftM().orElse(null);
        lengthM = i.lengthM().orElse(null);
        strengthN = i.strengthN().orElse(null);
        efficiency = i.efficiency().orElse(null);
        madeYear = i.madeYear().orElse(null);
        note = i.note();
    }
}

interface KitRepository extends JpaRepository<KitRecord, String> {}

@RestController
@RequestMapping("/api/house/kit")
class KitController {
    record KitRequest(
            @NotNull KitItem.Kind kind,
            @NotBlank @Size(max = 60) String name,
            @NotNull Integer count,
            Optional<Double> barM,
            Optional<Double> liftM,
            Optional<Double> lengthM,
            Optional<Double> strengthN,
            Optional<Double> efficiency,
            Optional<Integer> madeYear,
            @Size(max = 200) String note,
            Long version) {
        KitItem item() {
            return new KitItem(
                    kind,
                    name,
                    count,
                    or(barM),
                    or(liftM),
                    or(lengthM),
                    or(strengthN),
                    or(efficiency),
                    or(madeYear),
                    note == null ? "" : note);
        }

        private static <T> Optional<T> or(Optional<T> o) {
            return o == null ? Optional.empty() : o;
        }
    }

    record KitView(
            String id,
            KitItem.Kind kind,
            String kindWords,
            String name,
            int count,
            Optional<Double> barM,
            Optional<Double> liftM,
            Optional<Double> lengthM,
            Optional<Double> strengthN,
            Optional<Double> efficiency,
            Optional<Integer> madeYear,
            String note,
            long version) {}

    private final Kits kits;

    KitController(Kits kits) {
        this.kits = kits;
    }

    @GetMapping
    List<KitView> all() {
        return kits.all().stream()
                .map(e -> new KitView(
                        e.id(),
                        e.item().kind(),
                        Speech.words().term(e.item().kind()),
                        e.item().name(),
                        e.item().count(),
                        e.item().barM(),
                        e.item().liftM(),
                        e.item().lengthM(),
                        e.item().strengthN(),
                        e.item().efficiency(),
                        e.item().madeYear(),
                        e.item().note(),
                        e.version()))
                .toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(@Validated @RequestBody KitRequest k, @AuthenticationPrincipal SignedIn me) {
        owner(me);
        kits.add(k.item());
    }

    @PutMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@PathVariable String id, @Validated @RequestBody KitRequest k, @AuthenticationPrincipal SignedIn me) {
        owner(me);
        kits.change(id, k.item(), k.version);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String id, @RequestParam long version, @AuthenticationPrincipal SignedIn me) {
        owner(me);
        kits.remove(id, version);
    }

    private static void owner(SignedIn me) {
        if (me.office() != Office.OWNER) {
            throw new NotAllowed(Message.of(Answer.OWNER_CHANGES_KIT));
        }
    }
}
