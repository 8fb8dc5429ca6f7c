package org.antevid.app.house.web;

import jakarta.validation.constraints.NotNull;
import java.util.Set;
import org.antevid.app.house.House;
import org.antevid.app.people.Fresh;
import org.antevid.app.people.Office;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotAllowed;
import org.antevid.core.judge.HouseRules;
import org.antevid.core.message.Message;
import org.antevid.core.stump.School;
import org.antevid.words.Answer;
import org.antevid.words.Regional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/house")
public class HouseController {
    record Thresholds(
            @NotNull Double exclusionLengths,
            @NotNull Double soundSigmaDeg,
            @NotNull Double windLimitMs,
            School usualSchool,
            Double leastAwayM,
            Set<Regional> regional,
            @NotNull Long version) {}

    private final House house;
    private final Fresh fresh;

    HouseController(House house, Fresh fresh) {
        this.house = house;
        this.fresh = fresh;
    }

    /** The rules of the house that no job may loosen. */
    @GetMapping
    Thresholds rules() {
        HouseRules r = house.rules();
        return new Thresholds(
                r.exclusionLengths(),
                r.soundSigmaDeg(),
                r.windLimitMs(),
                r.usualSchool(),
                r.leastAwayM(),
                house.regional(),
                house.version());
    }

    /** Changes the rules of the house; the owner alone. Versions keep two people from overwriting each other. */
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
                t.regional == null ? house.regional() : t.regional,
                t.version);
        return rules();
    }
}
