package org.antevid.core.judge;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.NOTE;
import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.antevid.core.site.CrownLoad;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Light;
import org.antevid.core.site.Weather;

/**
 * The day: wind now and in the next hours against the limit, light, ground, what lies on the crowns. The leader may
 * only be stricter than the house.
 */
final class WeatherRules {
    static final List<Rule> ALL = List.of(
            WeatherRules::now, WeatherRules::ahead, WeatherRules::light, WeatherRules::ground, WeatherRules::load);
    /** A bulletin is this much wrong at one sigma (judgement). */
    private static final double BULLETIN_SIGMA_MS = 2;

    private WeatherRules() {}

    private static Stream<Finding> now(Situation s) {
        if (s.gustMs().isEmpty()) {
            return Stream.of(Finding.of(
                    "wind",
                    CAUTION,
                    1,
                    "",
                    "the wind is not known: straps are judged at the limit",
                    "work stops at the wind limit",
                    "house rule",
                    "read the anemometer"));
        }
        double high = s.gustMs().get().value() + s.gustMs().get().sigma();
        return high <= s.windLimitMs()
                ? Stream.empty()
                : Stream.of(Finding.of(
                        "wind",
                        STOP,
                        1,
                        "",
                        String.format(
                                Locale.ROOT,
                                "gusts of up to %.1f m/s, the limit is %.1f m/s",
                                Math.ceil(high * 10) / 10,
                                s.windLimitMs()),
                        "work stops at the wind limit",
                        "house rule",
                        "wait"));
    }

    private static Stream<Finding> ahead(Situation s) {
        return s.place().ahead().stream()
                .filter(h -> h.gustMs() + BULLETIN_SIGMA_MS > s.windLimitMs())
                .findFirst()
                .stream()
                .map(h -> Finding.of(
                        "wind-ahead",
                        h.gustMs() > s.windLimitMs() ? CAUTION : NOTE,
                        1,
                        "",
                        String.format(
                                Locale.ROOT,
                                "the bulletin has gusts of %.0f m/s at %s, the limit is %.1f m/s",
                                Math.ceil(h.gustMs()),
                                h.label(),
                                s.windLimitMs()),
                        "a cut begun before the wind is finished in it",
                        "house rule",
                        "be done before " + h.label() + ", or acknowledge"));
    }

    private static Stream<Finding> light(Situation s) {
        Stream<Finding> now =
                switch (s.place().light()) {
                    case DAY -> Stream.empty();
                    case DUSK ->
                        Stream.of(Finding.of(
                                "light",
                                CAUTION,
                                1,
                                "",
                                "dusk or fog: the top is not seen",
                                "what cannot be seen cannot be watched",
                                "practice rule",
                                "wait for light, or acknowledge"));
                    case DARK ->
                        Stream.of(Finding.of(
                                "light",
                                STOP,
                                1,
                                "",
                                "it is dark",
                                "no stem is cut in the dark",
                                "practice rule",
                                "wait for daylight"));
                };
        Stream<Finding> soon = s.place().light() != Light.DAY
                ? Stream.empty()
                : s.place().ahead().stream().filter(h -> h.light() == Light.DARK).findFirst().stream()
                        .map(Weather.Hour::label)
                        .map(l -> Finding.of(
                                "light-ahead",
                                NOTE,
                                1,
                                "",
                                "dark from " + l,
                                "a stem is not left half cut overnight",
                                "practice rule",
                                "be done before " + l));
        return Stream.concat(now, soon);
    }

    private static Stream<Finding> ground(Situation s) {
        GroundState g = s.place().ground();
        return g == GroundState.FIRM
                ? Stream.empty()
                : Stream.of(Finding.of(
                        "ground",
                        CAUTION,
                        1,
                        "",
                        "the ground is " + g.words()
                                + ": stems slide farther, people walk slower; both are computed with",
                        "wet, frozen and slippery ground lets go of feet and stems",
                        "mechanics",
                        "clear and sand the ways out, or acknowledge"));
    }

    private static Stream<Finding> load(Situation s) {
        CrownLoad l = s.place().load();
        return l == CrownLoad.NONE
                ? Stream.empty()
                : Stream.of(Finding.of(
                        "load",
                        l == CrownLoad.ICE ? SECOND_OPINION : CAUTION,
                        1,
                        "",
                        String.format(
                                Locale.ROOT,
                                "%s on the crowns: taken as %.0f %% more crown, limbs break and drop",
                                l.words(),
                                100 * l.shareOfCrown()),
                        "loaded limbs fall with the first blow",
                        "judgement",
                        l == CrownLoad.ICE ? "wait for the thaw, or a second opinion" : "wait, or acknowledge"));
    }
}
