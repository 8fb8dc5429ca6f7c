package org.antevid.words;

import static org.assertj.core.api.Assertions.assertThat;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Grounds;
import org.junit.jupiter.api.Test;

/** What is said reads as a person on site would say it. */
class WordsTest {
    private static final Words EN = Words.of(Manner.USUAL);
    private static final Words ES = Words.of(new Manner(Language.SPANISH, Units.METRIC));

    private static Finding puller() {
        return Finding.of(RuleId.PULLER_IN_REACH, Severity.STOP, "S1")
                .with("hand", Arg.flag(true))
                .with("away", Arg.down(Dimension.LENGTH, 38.27))
                .with("needed", Arg.up(Dimension.LENGTH, 43.71));
    }

    @Test
    void aFindingIsSaidInTheReadersLanguageAndUnits() {
        assertThat(EN.finding(puller()).found())
                .isEqualTo("S1: the people pulling stand 38.2 m away, 43.8 m are needed");
        assertThat(EN.finding(puller()).why()).isEqualTo("two lengths for whoever pulls by hand");
        assertThat(Words.of(new Manner(Language.ENGLISH, Units.FEET))
                        .finding(puller())
                        .found())
                .isEqualTo("S1: the people pulling stand 125 ft 6 in away, 143 ft 5 in are needed");
        assertThat(ES.finding(puller()).found())
                .contains("38.2 m")
                .contains("43.8 m")
                .startsWith("S1: ");
    }

    @Test
    void whatIsNotThereIsNotSaid() {
        Finding strike = Finding.of(RuleId.STRIKE, Severity.STOP, "S1")
                .with("lay", Arg.azimuth(84))
                .with("target", Arg.name("bridge"))
                .with("worth", Arg.count(4));
        assertThat(EN.finding(strike).found()).isEqualTo("S1: lay 084° strikes the bridge");
        Finding sure =
                strike.with("chance", Arg.up(Dimension.CHANCE, 0.31)).with("limit", Arg.down(Dimension.CHANCE, 0.001));
        assertThat(EN.finding(sure).found())
                .isEqualTo("S1: lay 084° strikes the bridge with a chance of 40 %; 0.1 % is the limit at worth 4");
    }

    @Test
    void whatSomebodyWroteIsNeverReadAsAPattern() {
        Finding named = Finding.of(RuleId.BED_LIFTS_BUTT, Severity.CAUTION, "S1")
                .with("bed", Arg.name("{stem} '{0}'"))
                .with("at", Arg.of(Dimension.LENGTH, 12))
                .with("lift", Arg.up(Dimension.TIMES, 1.4));
        assertThat(EN.finding(named).found()).contains("{stem} '{0}'");
    }

    @Test
    void anAcknowledgementLapsesWithTheNumbersAndNotWithTheWords() {
        Grounds then = puller().grounds();
        assertThat(then.still(puller().args())).isTrue();
        assertThat(then.still(
                        puller().with("away", Arg.down(Dimension.LENGTH, 38.36)).args()))
                .as("moved less than what is shown")
                .isTrue();
        assertThat(then.still(
                        puller().with("away", Arg.down(Dimension.LENGTH, 37.9)).args()))
                .isFalse();
        assertThat(then.still(puller().with("hand", Arg.flag(false)).args())).isFalse();
    }
}
