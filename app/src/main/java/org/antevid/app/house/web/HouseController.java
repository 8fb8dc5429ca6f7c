package org.antevid.app.house.web;

import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.antevid.app.house.House;
import org.antevid.app.people.Fresh;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.core.judge.HouseRules;
import org.antevid.core.judge.Threshold;
import org.antevid.core.message.Arg;
import org.antevid.core.stump.School;
import org.antevid.core.takedown.pieces.HouseLimits;
import org.antevid.words.Answer;
import org.antevid.words.Regional;
import org.antevid.words.Words;
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
            Double rescueWithinMin,
            Double leastWoodM,
            Set<Regional> regional,
            @NotNull Long version) {}

    /**
     * A number the house may set.
     *
     * @param field its name among the rules
     * @param usual what counts until the house says otherwise, as somebody reads it
     * @param low least it may be, in SI units; {@code high} the most
     * @param source what the usual one rests on
     * @param value in force, in SI units; {@code inForce} as somebody reads it
     * @param learned a lesson made it stricter than the house itself set it
     * @param moreIsStricter whether more of it is safer
     */
    record ThresholdView(
            Threshold key,
            String field,
            String words,
            String usual,
            double low,
            double high,
            String source,
            double value,
            String inForce,
            boolean learned,
            boolean moreIsStricter) {
        static ThresholdView of(Threshold t, HouseRules own, HouseRules inForce) {
            Words words = Speech.words();
            return new ThresholdView(
                    t,
                    t.field(),
                    words.term(t),
                    words.show(Arg.of(t.dimension(), t.usual())),
                    t.low(),
                    t.high(),
                    words.term(t.source()),
                    inForce.of(t),
                    words.show(Arg.of(t.dimension(), inForce.of(t))),
                    t.stricter(inForce.of(t), own.of(t)),
                    t.moreIsStricter());
        }
    }

    /** The rules in force, and what each number rests on. */
    record HouseView(
            double exclusionLengths,
            double soundSigmaDeg,
            double windLimitMs,
            School usualSchool,
            double leastAwayM,
            double rescueWithinMin,
            double leastWoodM,
            Set<Regional> regional,
            long version,
            List<ThresholdView> thresholds) {}

    private final House house;
    private final Fresh fresh;

    HouseController(House house, Fresh fresh) {
        this.house = house;
        this.fresh = fresh;
    }

    /** The rules of the house that no job may loosen. */
    @GetMapping
    HouseView rules() {
        HouseRules r = house.own();
        HouseRules inForce = house.rules();
        return new HouseView(
                r.exclusionLengths(),
                r.soundSigmaDeg(),
                r.windLimitMs(),
                r.usualSchool(),
                r.leastAwayM(),
                r.aloft().rescueWithinMin(),
                r.aloft().leastWoodM(),
                house.regional(),
                house.version(),
                Arrays.stream(Threshold.values())
                        .map(t -> ThresholdView.of(t, r, inForce))
                        .toList());
    }

    /** Changes the rules of the house; the owner alone. Versions keep two people from overwriting each other. */
    @PutMapping
    HouseView change(@Validated @RequestBody Thresholds t, @AuthenticationPrincipal SignedIn me) {
        OwnerOnly.require(me, Answer.OWNER_CHANGES_RULES);
        fresh.require(me);
        HouseRules own = house.own();
        house.change(
                new HouseRules(
                        t.exclusionLengths,
                        t.soundSigmaDeg,
                        t.windLimitMs,
                        t.usualSchool == null ? own.usualSchool() : t.usualSchool,
                        t.leastAwayM == null ? own.leastAwayM() : t.leastAwayM,
                        new HouseLimits(
                                t.rescueWithinMin == null ? own.aloft().rescueWithinMin() : t.rescueWithinMin,
                                t.leastWoodM == null ? own.aloft().leastWoodM() : t.leastWoodM)),
                t.regional == null ? house.regional() : t.regional,
                t.version);
        return rules();
    }
}
