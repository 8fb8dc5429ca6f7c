package org.antevid.app.house;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.Optional;
import org.antevid.app.people.Fresh;
import org.antevid.app.people.Office;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotAllowed;
import org.antevid.app.trace.Trail;
import org.antevid.core.judge.HouseRules;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Message;
import org.antevid.core.stump.School;
import org.antevid.words.Answer;
import org.hibernate.envers.Audited;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

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
        return trail.changedAtOf(HouseRecord.class, ONLY);
    }

    long version() {
        return repository.findById(ONLY).map(r -> r.version).orElse(-1L);
    }

    void change(HouseRules rules, Long version) {
        HouseRecord r = repository.findById(ONLY).orElse(null);
        if (r == null) {
            r = new HouseRecord();
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

@Entity
@Audited
@Table(name = "house_rules")
class HouseRecord {
    @Id
    String id;

    double exclusionLengths;
    double soundSigmaDeg;
    double windLimitMs;

    @Enumerated(EnumType.STRING)
    School usualSchool = School.OPEN_FACE;

    double leastAwayM = LayPlan.LEAST_AWAY_M;

    @Version
    long version;
}

interface HouseRepository extends JpaRepository<HouseRecord, String> {}

@RestController
@RequestMapping("/api/house")
class HouseController {
    record Thresholds(
            @NotNull Double exclusionLengths,
            @NotNull Double soundSigmaDeg,
            @NotNull Double windLimitMs,
            School usualSchool,
            Double leastAwayM,
            @NotNull Long version) {}

    private final House house;
    private final Fresh fresh;

    HouseController(House house, Fresh fresh) {
        this.house = house;
        this.fresh = fresh;
    }

    @GetMapping
    Thresholds rules() {
        HouseRules r = house.rules();
        return new Thresholds(
                r.exclusionLengths(),
                r.soundSigmaDeg(),
                r.windLimitMs(),
                r.usualSchool(),
                r.leastAwayM(),
                house.version());
    }

    @PutMapping
    Thresholds change(@Validated @RequestBody Thresholds t, @AuthenticationPrincipal SignedIn me) {
        if (me.office() != Office.OWNER) {
            throw new NotAllowed(Message.of(Answer.OWNER_CHANGES_RULES));
        }
        fresh.require(me);
        house.change(
                new HouseRules(
                        t.exclusionLengths,
                        t.soundSigmaDeg,
                        t.windLimitMs,
                        t.usualSchool == null ? house.rules().usualSchool() : t.usualSchool,
                        t.leastAwayM == null ? house.rules().leastAwayM() : t.leastAwayM),
                t.version);
        return rules();
    }
}
