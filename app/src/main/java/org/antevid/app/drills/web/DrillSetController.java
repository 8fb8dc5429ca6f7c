package org.antevid.app.drills.web;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.app.drills.DrillSets;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.Again;
import org.antevid.app.reader.Created;
import org.antevid.core.drill.DrillKind;
import org.antevid.core.drill.Sure;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Rounds of ten that an instructor gives. */
@RestController
@RequestMapping("/api/drill-sets")
public class DrillSetController {
    /** @param mayGive whether the caller may give one */
    record DrillSetsView(List<DrillSetView> sets, boolean mayGive) {}

    /**
     * @param over its last day is past
     * @param mine empty while the caller has not taken it on
     * @param results of those who took it on, for who gave it
     */
    record DrillSetView(
            String id,
            String title,
            String by,
            LocalDate due,
            boolean over,
            List<SetLinkView> links,
            Optional<DrillSets.Result> mine,
            List<DrillSets.Result> results) {}

    record SetLinkView(String key, int level, long seed) {}

    /** @param due the last day, today to a year ahead */
    record GiveRequest(
            @NotNull @Size(max = 80) String title,
            @NotNull @Size(min = 1) Set<DrillKind> kinds,
            @NotNull Integer level,
            @NotNull LocalDate due) {}

    /**
     * @param marked numbers of the choices, from 0, in the order they were marked
     * @param sure left out by who says that they do not know
     */
    record AnswerRequest(
            @NotNull @Size(max = 20) List<Integer> marked,
            @Nullable Sure sure) {}

    private final DrillSets sets;

    DrillSetController(DrillSets sets) {
        this.sets = sets;
    }

    /** Every set, the one due last first. */
    @GetMapping
    DrillSetsView sets(@AuthenticationPrincipal SignedIn me) {
        return new DrillSetsView(
                sets.seenBy(me).stream()
                        .map(s -> new DrillSetView(
                                s.id(),
                                s.title(),
                                s.by(),
                                s.due(),
                                s.over(),
                                s.links().stream()
                                        .map(l -> new SetLinkView(l.kind().key(), l.level(), l.seed()))
                                        .toList(),
                                s.mine(),
                                s.results()))
                        .toList(),
                sets.mayGive(me));
    }

    /** Gives one; reviewers and the owner. */
    @PostMapping
    ResponseEntity<Created> give(@Validated @RequestBody GiveRequest g, @AuthenticationPrincipal SignedIn me) {
        return Created.at(sets.give(g.title, g.kinds, g.level, g.due, me));
    }

    /** Takes one on: from then on who gave it sees the caller's answers to it, and to nothing else. */
    @PutMapping("/{set}/taken")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(@PathVariable String set, @AuthenticationPrincipal SignedIn me) {
        Again.whenCrossed(() -> sets.take(set, me));
    }

    /** Answers one of its exercises, once. */
    @PutMapping("/{set}/answers/{nth}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void answer(
            @PathVariable String set,
            @PathVariable int nth,
            @Validated @RequestBody AnswerRequest a,
            @AuthenticationPrincipal SignedIn me) {
        Again.whenCrossed(() -> sets.answer(set, nth, a.marked, Optional.ofNullable(a.sure), me));
    }
}
