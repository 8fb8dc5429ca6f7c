package org.antevid.app.house.web;

import static org.antevid.app.reader.Given.or;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.antevid.app.house.Kits;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.Speech;
import org.antevid.core.assist.KitItem;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.words.Answer;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
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

@RestController
@RequestMapping("/api/house/kit")
public class KitController {
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
    }

    record KitView(
            String id,
            KitItem.Kind kind,
            String kindWords,
            String name,
            int count,
            @Shown(in = Dimension.REACH, to = Side.NEAREST) Optional<Double> barM,
            @Shown(in = Dimension.SHORT, to = Side.NEAREST) Optional<Double> liftM,

            @Shown(in = Dimension.WRITTEN, to = Side.NEAREST)
            Optional<Double> lengthM,

            @Shown(in = Dimension.FORCE, to = Side.NEAREST) Optional<Double> strengthN,
            Optional<Double> efficiency,
            Optional<Integer> madeYear,
            String note,
            Optional<LocalDate> inspectedOn,
            Optional<LocalDate> dueOn,
            boolean withdrawn,
            @Shown(in = Dimension.SHARE, to = Side.NEAREST) Optional<Double> leftShare,
            long version) {}

    /**
     * What is left out is not known.
     *
     * @param leftShare share of its strength that is left by whoever looked, 0.1..1
     */
    record InspectionRequest(
            Optional<LocalDate> inspectedOn,
            Optional<LocalDate> dueOn,
            boolean withdrawn,
            Optional<Double> leftShare,
            @NotNull Long version) {}

    private final Kits kits;

    KitController(Kits kits) {
        this.kits = kits;
    }

    /** The house's saws, ropes, slings, blocks, wedges and winches. */
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
                        e.inspection().on(),
                        e.inspection().due(),
                        e.inspection().withdrawn(),
                        e.inspection().leftShare(),
                        e.version()))
                .toList();
    }

    /** Puts a piece of kit on the house's list; the owner alone. */
    @PostMapping
    ResponseEntity<Created> add(@Validated @RequestBody KitRequest k, @AuthenticationPrincipal SignedIn me) {
        OwnerOnly.require(me, Answer.OWNER_CHANGES_KIT);
        return Created.at(kits.add(k.item()));
    }

    /** Changes a piece of kit. */
    @PutMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@PathVariable String id, @Validated @RequestBody KitRequest k, @AuthenticationPrincipal SignedIn me) {
        OwnerOnly.require(me, Answer.OWNER_CHANGES_KIT);
        kits.change(id, k.item(), k.version);
    }

    /** When a piece of kit was inspected and is due again, or that it is withdrawn. */
    @PutMapping("/{id}/inspection")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void inspected(
            @PathVariable String id,
            @Validated @RequestBody InspectionRequest i,
            @AuthenticationPrincipal SignedIn me) {
        OwnerOnly.require(me, Answer.OWNER_CHANGES_KIT);
        kits.inspected(
                id, new Kits.Inspection(or(i.inspectedOn), or(i.dueOn), i.withdrawn, or(i.leftShare)), i.version);
    }

    /** Takes a piece of kit off the list; lays that named it are without it from then on. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String id, @RequestParam long version, @AuthenticationPrincipal SignedIn me) {
        OwnerOnly.require(me, Answer.OWNER_CHANGES_KIT);
        kits.remove(id, version);
    }
}
