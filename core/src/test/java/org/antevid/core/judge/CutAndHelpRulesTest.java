package org.antevid.core.judge;

import static org.antevid.core.Samples.WINCH;
import static org.antevid.core.Samples.site;
import static org.antevid.core.Samples.situation;
import static org.antevid.core.Samples.stem;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.Told;
import org.antevid.core.assist.Kit;
import org.antevid.core.assist.Rig;
import org.antevid.core.assist.Wedges;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.all.Findings;
import org.antevid.core.lay.Guy;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.Support;
import org.antevid.core.message.Arg;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.CutChoice;
import org.antevid.core.stump.FaceOrder;
import org.antevid.core.stump.OpenedFace;
import org.antevid.core.stump.School;
import org.antevid.core.stump.Technique;
import org.junit.jupiter.api.Test;

class CutAndHelpRulesTest {
    private static final Spot HERE = new Spot(0, 0);
    private static final Optional<Double> NONE = Optional.empty();

    private static StemReading leaning(double deg, double toDeg, Defect... defects) {
        return stem(
                "S1",
                HERE,
                StemState.STANDING,
                Optional.of(new Lean(deg, toDeg, 0.5)),
                Condition.SOUND,
                List.of(defects));
    }

    private static LayChoice choice(School school, double cutM, double barM, Means means, CutChoice cuts) {
        return new LayChoice(0, cutM, school, barM, means).by(cuts);
    }

    private static CutChoice cuts(
            Optional<BackCut> back,
            Optional<Double> strap,
            Optional<Double> bark,
            String reason,
            Set<Technique> techniques,
            Optional<OpenedFace> opened) {
        return new CutChoice(
                back,
                FaceOrder.SLOPING_FIRST,
                NONE,
                NONE,
                NONE,
                NONE,
                NONE,
                strap,
                bark,
                NONE,
                NONE,
                reason,
                techniques,
                opened);
    }

    private static final CutChoice PLAIN =
            cuts(Optional.empty(), NONE, Optional.of(0.02), "", Set.of(), Optional.empty());

    private static List<Finding> found(StemReading s, LayChoice c, Step... steps) {
        return Findings.of(situation(
                site(),
                List.of(new Situation.StemFacts(
                        s, Optional.of(LayPlan.of(s, c, site(), LayPlan.Limits.USUAL)), true, Optional.empty())),
                List.of(),
                List.of(steps)));
    }

    private static Severity severity(List<Finding> found, String key) {
        return found.stream()
                .filter(f -> f.key().equals(key))
                .map(Finding::severity)
                .findFirst()
                .orElse(null);
    }

    @Test
    void aStrapUnderTwiceItsNeedIsAStopThatSaysTheThickness() {
        List<Finding> thin = found(
                leaning(6, 0),
                choice(
                        School.OPEN_FACE,
                        0.3,
                        0.45,
                        Means.of(Means.Kind.NOTHING),
                        cuts(
                                Optional.of(BackCut.BORE_STRAP),
                                Optional.of(0.008),
                                Optional.of(0.02),
                                "",
                                Set.of(),
                                Optional.empty())));
        assertThat(severity(thin, "strap:S1")).isEqualTo(Severity.STOP);
        assertThat(thin).filteredOn(f -> f.key().equals("strap:S1")).allMatch(f -> Told.number(f, "needed") > 0);
        assertThat(severity(
                        found(leaning(6, 0), choice(School.OPEN_FACE, 0.3, 0.45, Means.of(Means.Kind.NOTHING), PLAIN)),
                        "strap:S1"))
                .isNull();
    }

    @Test
    void barHeightBarkAndTypeOfCutAreAskedAbout() {
        StemReading s = leaning(2, 180);
        assertThat(severity(found(s, choice(School.OPEN_FACE, 0.3, 0.16, WINCH, PLAIN)), "bar:S1"))
                .isEqualTo(Severity.STOP);
        assertThat(severity(found(s, choice(School.OPEN_FACE, 0.3, 0.22, WINCH, PLAIN)), "facebore:S1"))
                .isEqualTo(Severity.SECOND_OPINION);
        assertThat(severity(found(s, choice(School.OPEN_FACE, 1.5, 0.45, WINCH, PLAIN)), "height:S1"))
                .isEqualTo(Severity.STOP);
        assertThat(severity(found(s, choice(School.OPEN_FACE, 0.3, 0.45, WINCH, CutChoice.BY_THE_RULE)), "today"))
                .isEqualTo(Severity.CAUTION);
        assertThat(found(s, choice(School.OPEN_FACE, 0.3, 0.45, WINCH, PLAIN)).stream()
                        .filter(f -> f.key().equals("today"))
                        .noneMatch(f -> f.args().toString().contains("BARK")))
                .isTrue();
        assertThat(severity(found(s, choice(School.CONVENTIONAL, 0.3, 0.45, WINCH, PLAIN)), "school:S1"))
                .isEqualTo(Severity.CAUTION);
        assertThat(severity(
                        found(
                                s,
                                choice(
                                        School.CONVENTIONAL,
                                        0.3,
                                        0.45,
                                        WINCH,
                                        cuts(
                                                Optional.empty(),
                                                NONE,
                                                Optional.of(0.02),
                                                "the buyer wants a low stump",
                                                Set.of(),
                                                Optional.empty()))),
                        "school:S1"))
                .isNull();
    }

    @Test
    void whatTheFaceShowedDecides() {
        StemReading s = leaning(2, 180);
        for (Object[] c :
                new Object[][] {{0.12, Severity.CAUTION}, {0.09, Severity.SECOND_OPINION}, {0.03, Severity.STOP}}) {
            double sound = (double) c[0];
            assertThat(severity(
                            found(
                                    s,
                                    choice(
                                            School.OPEN_FACE,
                                            0.3,
                                            0.45,
                                            WINCH,
                                            cuts(
                                                    Optional.empty(),
                                                    NONE,
                                                    Optional.of(0.02),
                                                    "",
                                                    Set.of(),
                                                    Optional.of(new OpenedFace(sound, sound, Condition.SOUND))))),
                            "opened:S1"))
                    .as(sound + " m")
                    .isEqualTo(c[1]);
        }
    }

    @Test
    void specialistWorkNeedsASecondOpinionAndACompetentCutter() {
        Step fell = new Step(
                "a",
                1,
                Step.Kind.FELL,
                Optional.of("S1"),
                0,
                30,
                false,
                List.of(new Step.Post(Role.CUTTER, "nadia", Optional.empty())));
        List<Finding> found = found(
                leaning(2, 180),
                choice(
                        School.OPEN_FACE,
                        0.3,
                        0.45,
                        WINCH,
                        cuts(Optional.empty(), NONE, Optional.of(0.02), "", Set.of(Technique.SWING), Optional.empty())),
                fell);
        Finding asks = found.stream()
                .filter(f -> f.key().equals("special:S1:SWING"))
                .findFirst()
                .orElseThrow();
        assertThat(asks.severity()).isEqualTo(Severity.SECOND_OPINION);
        assertThat(asks.rule().competence()).isEqualTo(org.antevid.core.crew.Competence.SPECIAL_CUTS);
        assertThat(severity(found, "specialcutter:S1")).isEqualTo(Severity.STOP);
    }

    @Test
    void meansThatDoNotBeatTheLeanAreAStopAndNameTheNext() {
        List<Finding> found =
                found(leaning(4, 180), choice(School.OPEN_FACE, 0.3, 0.45, Means.of(Means.Kind.WEDGES), PLAIN));
        assertThat(severity(found, "control:S1")).isEqualTo(Severity.STOP);
        assertThat(found)
                .filteredOn(f -> f.key().equals("control:S1"))
                .allMatch(f -> f.args().toString().contains("AFTER_WEDGES")
                        && f.args().toString().contains("WEDGES_LIFT_LESS"));
        assertThat(severity(found(leaning(2, 180), choice(School.OPEN_FACE, 0.3, 0.45, WINCH, PLAIN)), "control:S1"))
                .isNull();
    }

    @Test
    void kitThatDoesNotBearThePullIsAStopAndKitNobodyChoseIsSaid() {
        Rig thin = new Rig(
                Rig.Tie.TIED,
                0,
                1,
                0.9,
                4,
                Optional.of(new Kit.Rope("thin line", 8000, Optional.of(15.0))),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Rig.PullBegin.STRAP_RELEASED);
        Means line = new Means(
                Means.Kind.MACHINE_LINE,
                Optional.of(12.0),
                Optional.of(50.0),
                Optional.of(20000.0),
                Optional.empty(),
                Optional.empty(),
                0,
                thin);
        List<Finding> found = found(leaning(2, 180), choice(School.OPEN_FACE, 0.3, 0.45, line, PLAIN));
        assertThat(severity(found, "rig:S1:rope")).isEqualTo(Severity.STOP);
        assertThat(severity(found, "rig:S1:age")).isEqualTo(Severity.CAUTION);
        assertThat(severity(found, "kit:S1")).isEqualTo(Severity.CAUTION);
        assertThat(severity(found, "fallback:S1")).isEqualTo(Severity.CAUTION);
    }

    @Test
    void aWeakForkIsHeldByAllItsStems() {
        Defect fork = new Defect("f", DefectKind.INCLUDED_BARK, 6, 6, 0, "");
        assertThat(severity(
                        found(leaning(2, 180, fork), choice(School.OPEN_FACE, 0.3, 0.45, WINCH, PLAIN)), "rig:S1:fork"))
                .isEqualTo(Severity.STOP);
        Rig all = new Rig(
                Rig.Tie.ROUND_ALL,
                0,
                1,
                0.9,
                4,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Rig.PullBegin.STRAP_RELEASED);
        Means held = new Means(
                Means.Kind.MACHINE_LINE,
                Optional.of(12.0),
                Optional.of(50.0),
                Optional.of(20000.0),
                Optional.empty(),
                Optional.empty(),
                0,
                all);
        assertThat(severity(
                        found(leaning(2, 180, fork), choice(School.OPEN_FACE, 0.3, 0.45, held, PLAIN)), "rig:S1:fork"))
                .isNull();
    }

    @Test
    void aGuyThatTightensOrHangsOnTheWrongSideIsAStop() {
        Optional<Kit.Rope> rope = Optional.of(new Kit.Rope("guy line", 60000, Optional.empty()));
        LayChoice base = choice(School.OPEN_FACE, 0.3, 0.45, WINCH, PLAIN);
        assertThat(severity(
                        found(leaning(4, 90), base.by(guyed(new Guy(12, new Spot(-35, -20), rope)))), "guy:S1:tight"))
                .isEqualTo(Severity.STOP);
        assertThat(severity(found(leaning(4, 90), base.by(guyed(new Guy(12, new Spot(35, 0), rope)))), "guy:S1:side"))
                .isEqualTo(Severity.STOP);
        assertThat(severity(
                        found(leaning(4, 90), base.by(guyed(new Guy(12, new Spot(-35, 0), Optional.empty())))),
                        "guy:S1:rope"))
                .isEqualTo(Severity.CAUTION);
        assertThat(found(leaning(4, 90), base.by(guyed(new Guy(12, new Spot(-35, 0), rope)))))
                .noneMatch(f -> f.key().startsWith("guy:S1:"));
    }

    private static Support guyed(Guy g) {
        return new Support(Optional.of(g), Optional.empty(), Wedges.Set.USUAL, false);
    }

    @Test
    void aTieInTheDeadTopIsRefusedWithHowHighItMayBe() {
        StemReading dead = leaning(2, 180, new Defect("t", DefectKind.DEAD_TOP, 14, 20, 0, ""));
        Means high = new Means(Means.Kind.MACHINE_LINE, Optional.of(15.0), Optional.of(50.0), Optional.of(20000.0));
        assertThatThrownBy(
                        () -> choice(School.OPEN_FACE, 0.3, 0.45, high, PLAIN).requireRiggedOn(dead))
                .isInstanceOfSatisfying(RefusedInput.class, e -> {
                    assertThat(e.faults().get(0).field()).isEqualTo("ropeHeightM");
                    assertThat(e.faults().get(0).says().code()).isEqualTo(Refusal.TIED_INTO_DEAD_TOP);
                    assertThat(((Arg.Amount) e.faults().get(0).says().args().get("most")).value())
                            .isBetween(13.7, 13.8);
                });
        LayChoice fallback = choice(School.OPEN_FACE, 0.3, 0.45, WINCH, PLAIN)
                .by(new Support(Optional.empty(), Optional.of(high), Wedges.Set.USUAL, false));
        assertThatThrownBy(() -> fallback.requireRiggedOn(dead))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        e -> assertThat(e.faults().get(0).field()).isEqualTo("fallback.ropeHeightM"));
        choice(School.OPEN_FACE, 0.3, 0.45, high, PLAIN).requireRiggedOn(leaning(2, 180));
    }
}
