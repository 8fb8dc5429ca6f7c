package org.antevid.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.Set;
import org.antevid.core.cutting.Measure;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Grounds;
import org.antevid.core.message.Message;
import org.antevid.core.stump.CutCard;
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

    /** The words of a region stand for the usual ones wherever the catalogue says them, and nowhere else. */
    @Test
    void aHouseSaysTheWordsOfItsRegion() {
        Words here = Words.of(Manner.USUAL, EnumSet.allOf(Regional.class));
        assertThat(here.term(Measure.Key.DEPTH)).isEqualTo("face depth");
        assertThat(here.term(Measure.Key.BORE)).isEqualTo("bored, holding wood to trigger");
        assertThat(here.term(CutCard.Warning.HINGE_NOT_RELIABLE))
                .isEqualTo("the wood cannot be relied on as holding wood");
        assertThat(here.say(Message.of(PaperWords.INDENTED).with("words", Arg.name("Strap Lane, by the notch"))))
                .as("a name stays")
                .contains("Strap Lane, by the notch");
        Words alli = Words.of(new Manner(Language.SPANISH, Units.METRIC), EnumSet.of(Regional.FACE));
        assertThat(alli.term(Measure.Key.DEPTH)).contains("boca").doesNotContain("muesca");
        assertThat(alli.term(Measure.Key.BORE)).isEqualTo(ES.term(Measure.Key.BORE));
    }

    /** Arguments and choices keep their names under every setting, so that no message loses what it says. */
    @Test
    void noArgumentIsExchanged() {
        Set<Regional> all = EnumSet.allOf(Regional.class);
        for (Language language : new Language[] {Language.ENGLISH, Language.SPANISH}) {
            Catalogue usual = Catalogue.of(language);
            assertThat(usual.keys())
                    .allSatisfy(k -> assertThat(Catalogue.of(language, all).arguments(k))
                            .as(k)
                            .isEqualTo(usual.arguments(k)));
        }
    }

    @Test
    void theLanguageThatNobodyReadsMarksAllThatComesFromTheCatalogue() {
        Words pseudo = Words.of(new Manner(Language.PSEUDO, Units.METRIC));
        assertThat(pseudo.term(Measure.Key.DEPTH)).isEqualTo("⟦notch depth⟧");
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
