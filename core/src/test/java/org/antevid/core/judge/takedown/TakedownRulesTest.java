package org.antevid.core.judge.takedown;

import static org.antevid.core.judge.takedown.InPieces.CLIMBER;
import static org.antevid.core.judge.takedown.InPieces.OAK;
import static org.antevid.core.judge.takedown.InPieces.RESCUER;
import static org.antevid.core.judge.takedown.InPieces.cut;
import static org.antevid.core.judge.takedown.InPieces.plan;
import static org.antevid.core.judge.takedown.InPieces.planned;
import static org.antevid.core.judge.takedown.InPieces.situation;
import static org.antevid.core.judge.takedown.InPieces.stem;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.antevid.core.Samples;
import org.antevid.core.crew.Competence;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.site.VoltageClass;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.Verdict;
import org.antevid.core.takedown.pieces.Aloft;
import org.antevid.core.takedown.pieces.Below;
import org.antevid.core.takedown.pieces.ClimbKit;
import org.antevid.core.takedown.pieces.Cut;
import org.antevid.core.takedown.pieces.DropBed;
import org.antevid.core.takedown.pieces.Fallback;
import org.antevid.core.takedown.pieces.PieceRemark;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.core.takedown.pieces.Way;
import org.junit.jupiter.api.Test;

/** Each rule about a tree in pieces: what raises it and what does not. */
class TakedownRulesTest {
    private static List<Finding> found(Rule rule, Situation.TakenDown down, Feature... features) {
        return rule.check(situation(OAK, List.of(CLIMBER, RESCUER), List.of(down), Verdict.DISMANTLE, features))
                .toList();
    }

    @Test
    void chosenAndNotPlannedIsSaidUntilAPieceIs() {
        assertThat(new PiecesNotPlanned().check(situation(OAK, List.of(), List.of(), Verdict.DISMANTLE)))
                .extracting(Finding::rule, Finding::severity)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(RuleId.NO_PIECES, Severity.CAUTION));
        assertThat(new PiecesNotPlanned().check(situation(OAK, List.of(), List.of(), Verdict.CRANE)))
                .hasSize(1);
        assertThat(new PiecesNotPlanned().check(situation(OAK, List.of(), List.of(), Verdict.FELL_FROM_GROUND)))
                .isEmpty();
        assertThat(found(new PiecesNotPlanned(), planned(OAK))).hasSize(1);
        assertThat(found(new PiecesNotPlanned(), planned(OAK, cut("L2", Way.BY_HAND))))
                .isEmpty();
    }

    @Test
    void theClimberIsNobodysRescuer() {
        Situation.TakenDown down = planned(OAK, cut("L2", Way.BY_HAND));
        assertThat(new NobodyToRescue().check(situation(OAK, List.of(CLIMBER), List.of(down), Verdict.DISMANTLE)))
                .extracting(Finding::severity)
                .containsExactly(Severity.STOP);
        assertThat(found(new NobodyToRescue(), down)).isEmpty();
        assertThat(new NobodyToRescue()
                        .check(situation(
                                OAK,
                                List.of(CLIMBER),
                                List.of(planned(OAK, stem(0.3, Way.FELLED))),
                                Verdict.DISMANTLE)))
                .as("nobody is aloft")
                .isEmpty();
    }

    @Test
    void theClimbersNoNamesWhoHowHighAndWhatInstead() {
        Situation.TakenDown quiet = planned(OAK, cut("L2", Way.BY_HAND));
        assertThat(found(new ClimberSaidNo(), quiet)).isEmpty();
        Situation.TakenDown no = new Situation.TakenDown(
                "S1",
                quiet.plan(),
                quiet.reckoned(),
                quiet.climber(),
                Optional.of(
                        new Situation.ClimbersNo("Edda Rowe", 9, Optional.of(Fallback.PLATFORM), Optional.empty())));
        Finding f = found(new ClimberSaidNo(), no).get(0);
        assertThat(f.severity()).isEqualTo(Severity.STOP);
        assertThat(f.args()).containsEntry("who", Arg.name("Edda Rowe"));
        assertThat(f.args()).containsEntry("fallback", Arg.term(Fallback.PLATFORM));
    }

    /** Tightened it is nobody's business; loosened somebody who climbs has to say so. */
    @Test
    void onlyLooseningNeedsAnOpinion() {
        StemReading lifted = Samples.oak(
                "S1", new Spot(0, 0), List.of(new Defect("D1", DefectKind.LIFTED_ROOT_PLATE, 0, 0.3, 0, "")));
        Aloft reckoned = Aloft.of(lifted);
        assertThat(reckoned.allowed()).isEqualTo(Aloft.Allowed.NOBODY);
        for (Aloft.Allowed said : Aloft.Allowed.values()) {
            Situation.TakenDown down = new Situation.TakenDown(
                    "S1", plan(lifted, reckoned.said(said)), reckoned, Optional.empty(), Optional.empty());
            List<Finding> all = found(new AloftLoosened(), down);
            assertThat(all).as(said.name()).hasSize(reckoned.allowed().stricterThan(said) ? 1 : 0);
            all.forEach(f -> {
                assertThat(f.severity()).isEqualTo(Severity.SECOND_OPINION);
                assertThat(f.rule().competence()).isEqualTo(Competence.CLIMB);
            });
        }
    }

    /** What has come down stops nothing any more: not its links, not what it could hit, not who fetches whom. */
    @Test
    void nothingStandsAgainstWhatIsDown() {
        Situation.TakenDown both = planned(OAK, cut("L1", Way.TIED_ABOVE), cut("L2", Way.SNAPPED));
        Feature dear = Samples.target("house", 4, 2, 1, 4);
        assertThat(found(new PiecesTakenDown(), after(both, 1)))
                .noneMatch(f -> f.detail().contains(PieceRemark.GEAR_NOT_CHOSEN.name()));
        assertThat(found(new PieceOverTarget(), after(both, 2), dear)).isEmpty();
        assertThat(new NobodyToRescue()
                        .check(situation(OAK, List.of(CLIMBER), List.of(after(both, 2)), Verdict.DISMANTLE)))
                .isEmpty();
    }

    private static Situation.TakenDown after(Situation.TakenDown t, int down) {
        return new Situation.TakenDown(t.label(), t.plan().after(down), t.reckoned(), t.climber(), t.saidNo());
    }

    /** Kit nobody looked over in time stops whoever would hang in it, and nobody else. */
    @Test
    void kitOutOfItsTimeStopsTheClimb() {
        Situation.TakenDown up = planned(OAK, cut("L2", Way.BY_HAND));
        assertThat(found(new KitOverdue(), up)).isEmpty();
        assertThat(found(new KitOverdue(), overdue(up)))
                .extracting(Finding::rule, Finding::severity)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(RuleId.CLIMB_KIT, Severity.STOP));
        assertThat(found(new KitOverdue(), overdue(planned(OAK, stem(0.3, Way.FELLED)))))
                .isEmpty();
    }

    private static Situation.TakenDown overdue(Situation.TakenDown t) {
        return new Situation.TakenDown(
                t.label(),
                t.plan(),
                t.reckoned(),
                t.climber(),
                t.saidNo(),
                t.crane(),
                t.guy(),
                List.of(ClimbKit.LANYARD));
    }

    @Test
    void oneMatterIsSaidOnceWithAllItsPieces() {
        List<Finding> all =
                found(new PiecesTakenDown(), planned(OAK, cut("L1", Way.TIED_ABOVE), cut("L2", Way.TIED_ABOVE)));
        List<Finding> gear = all.stream()
                .filter(f -> f.detail().contains(PieceRemark.GEAR_NOT_CHOSEN.name()))
                .toList();
        assertThat(gear).hasSize(1);
        assertThat(gear.get(0).severity()).isEqualTo(Severity.STOP);
        assertThat(gear.get(0).args()).containsEntry("count", Arg.count(2));
        assertThat(gear.get(0).args()).containsEntry("pieces", Arg.several(List.of(Arg.count(1), Arg.count(2))));
    }

    /**
     * What falls free over a house is a stop, over a bed of roses an opinion; from two hands a caution; tied nothing.
     */
    @Test
    void aPieceThatNoLineHoldsIsHeldAgainstWhatIsBelow() {
        Feature dear = Samples.target("house", 4, 2, 1, 4);
        Feature cheap = Samples.target("roses", 4, 2, 1, 1);
        Feature far = Samples.target("barn", 80, 0, 3, 4);
        Rule rule = new PieceOverTarget();
        assertThat(found(rule, planned(OAK, cut("L1", Way.SNAPPED)), dear))
                .extracting(Finding::severity)
                .containsExactly(Severity.STOP);
        assertThat(found(rule, planned(OAK, cut("L1", Way.SNAPPED)), cheap))
                .extracting(Finding::severity)
                .containsExactly(Severity.SECOND_OPINION);
        assertThat(found(rule, planned(OAK, cut("L2", Way.BY_HAND)), dear))
                .extracting(Finding::severity)
                .containsExactly(Severity.CAUTION);
        assertThat(found(rule, planned(OAK, cut("L1", Way.TIED_ABOVE)), dear)).isEmpty();
        assertThat(found(rule, planned(OAK, cut("L1", Way.SNAPPED)), far)).isEmpty();
        Finding both = found(rule, planned(OAK, cut("L1", Way.SNAPPED), cut("L2", Way.SNAPPED)), dear)
                .get(0);
        assertThat(both.args()).containsEntry("pieces", Arg.several(List.of(Arg.count(1), Arg.count(2))));
        assertThat(both.args()).containsEntry("targets", Arg.names(List.of("house")));
    }

    private static Feature path(Protection p, String by, boolean done) {
        return new Feature(
                "path",
                "the path",
                FeatureKind.PATH,
                Shape.line(List.of(new Spot(1, -30), new Spot(1, 30))),
                2,
                false,
                p,
                by,
                done);
    }

    /** Whoever walks under a piece, roped or from two hands: somebody keeps them out, and has done it. */
    @Test
    void peopleUnderAPieceAreKeptOutHoweverItComes() {
        Rule rule = new PieceOverTarget();
        for (Way way : List.of(Way.TIED_ABOVE, Way.LET_RUN, Way.BY_HAND)) {
            Situation.TakenDown t = planned(OAK, cut("L1", way));
            assertThat(found(rule, t, path(Protection.NONE, "", false)))
                    .as(way.name())
                    .extracting(Finding::rule, Finding::severity)
                    .contains(org.assertj.core.groups.Tuple.tuple(RuleId.PEOPLE_UNDER_PIECE, Severity.STOP));
            assertThat(found(rule, t, path(Protection.CLOSE, "", false)))
                    .as("nobody named, %s", way)
                    .extracting(Finding::severity)
                    .contains(Severity.STOP);
            assertThat(found(rule, t, path(Protection.CLOSE, "Edda Rowe", false)))
                    .as("not done, %s", way)
                    .allMatch(f -> f.severity() == Severity.CAUTION)
                    .extracting(Finding::rule)
                    .contains(RuleId.PEOPLE_UNDER_PIECE);
            assertThat(found(rule, t, path(Protection.CLOSE, "Edda Rowe", true)))
                    .as("shut, %s", way)
                    .allMatch(f -> f.severity() == Severity.CAUTION && f.rule() == RuleId.PIECE_OVER);
            // a mat on it keeps nobody out
            assertThat(found(rule, t, path(Protection.CUSHION, "Edda Rowe", true)))
                    .as("cushioned, %s", way)
                    .extracting(Finding::severity)
                    .containsExactly(Severity.STOP);
        }
        Situation.TakenDown thrown = planned(OAK, cut("L1", Way.SNAPPED));
        assertThat(found(rule, thrown, path(Protection.CLOSE, "", false)))
                .extracting(Finding::rule, Finding::severity)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(RuleId.PIECE_OVER, Severity.STOP));
        // it is shut after the briefing that says so: people and the way itself are two matters
        assertThat(found(rule, thrown, path(Protection.CLOSE, "Edda Rowe", false)))
                .extracting(Finding::rule, Finding::severity)
                .containsExactlyInAnyOrder(
                        org.assertj.core.groups.Tuple.tuple(RuleId.PEOPLE_UNDER_PIECE, Severity.CAUTION),
                        org.assertj.core.groups.Tuple.tuple(RuleId.PIECE_OVER, Severity.SECOND_OPINION));
    }

    /** What is let down onto a bed that takes it may still bounce: an opinion over a thing, never over people. */
    @Test
    void aBedThatTakesItMakesAStopAnOpinion() {
        Feature dear = Samples.target("bridge", 4, 2, 1, 4);
        Feature mat = new Feature(
                "mat",
                "the mat",
                FeatureKind.LANDING_BED,
                Shape.disc(new Spot(0, 0), 40),
                0,
                false,
                Protection.NONE,
                "",
                false);
        Rule rule = new PieceOverTarget();
        Situation.TakenDown said = onto(Optional.of(5000.0));
        assertThat(found(rule, said, dear, mat))
                .extracting(Finding::rule, Finding::severity)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(RuleId.PIECE_OVER, Severity.SECOND_OPINION));
        assertThat(found(rule, onto(Optional.empty()), dear, mat))
                .extracting(Finding::severity)
                .as("nobody said how much it takes")
                .containsExactly(Severity.STOP);
        assertThat(found(rule, onto(Optional.of(1.0)), dear, mat))
                .extracting(Finding::severity)
                .containsExactly(Severity.STOP);
        assertThat(found(rule, said, dear)).extracting(Finding::severity).containsExactly(Severity.STOP);
        assertThat(found(rule, said, path(Protection.CLOSE, "", false), mat))
                .extracting(Finding::severity)
                .containsExactly(Severity.STOP);
    }

    private static Situation.TakenDown onto(Optional<Double> takesKg) {
        Situation.TakenDown t = planned(OAK, cut("L1", Way.SNAPPED));
        TakeDown p = t.plan();
        Below below = new Below(
                p.below().surface(),
                p.below().slopeDeg(),
                p.below().gustMs(),
                p.below().stopMs(),
                Optional.of(new DropBed("the mat", takesKg, Optional.of("edda"))));
        return new Situation.TakenDown(
                t.label(),
                TakeDown.of(p.figure(), p.aloft(), List.of(cut("L1", Way.SNAPPED)), p.gear(), below),
                t.reckoned(),
                t.climber(),
                t.saidNo());
    }

    private static Situation.TakenDown topped(Optional<Double> towardDeg) {
        return planned(
                OAK,
                new Cut(
                        Optional.empty(),
                        15,
                        Way.TOPPED,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        towardDeg));
    }

    /**
     * Topped away from a house is a caution; nobody said, or towards it, a stop; people and live wires stay what they
     * are.
     */
    @Test
    void aTopIsHeldAgainstWhereItsFaceLooks() {
        Rule rule = new PieceOverTarget();
        Feature house = Samples.target("house", 0, -6, 1, 4);
        assertThat(found(rule, topped(Optional.empty()), house))
                .extracting(Finding::severity)
                .containsExactly(Severity.STOP);
        for (double away : List.of(0.0, 40.0, -90.0, 90.0)) {
            List<Finding> found = found(rule, topped(Optional.of(away)), house);
            assertThat(found).as("%s", away).extracting(Finding::severity).containsExactly(Severity.CAUTION);
            assertThat(found.get(0).args()).containsEntry("behind", Arg.flag(true));
        }
        for (double at : List.of(180.0, 140.0, 225.0)) {
            assertThat(found(rule, topped(Optional.of(at)), house))
                    .as("%s", at)
                    .extracting(Finding::severity)
                    .containsExactly(Severity.STOP);
        }
        Situation.TakenDown west = topped(Optional.of(270.0));
        assertThat(found(rule, west, line(5, Optional.empty(), Protection.NONE, false)))
                .extracting(Finding::severity)
                .containsExactly(Severity.STOP);
        assertThat(found(rule, west, line(5, Optional.of(VoltageClass.TELEPHONE), Protection.NONE, false)))
                .extracting(Finding::severity)
                .containsExactly(Severity.CAUTION);
        Feature lane = new Feature(
                "lane",
                "the lane",
                FeatureKind.PATH,
                Shape.line(List.of(new Spot(6, -30), new Spot(6, 30))),
                2,
                false,
                Protection.NONE,
                "",
                false);
        assertThat(found(rule, west, lane))
                .extracting(Finding::rule, Finding::severity)
                .contains(org.assertj.core.groups.Tuple.tuple(RuleId.PEOPLE_UNDER_PIECE, Severity.STOP));
    }

    private static Feature line(double eastM, Optional<VoltageClass> voltage, Protection p, boolean done) {
        return new Feature(
                "wire",
                "the wire",
                FeatureKind.OVERHEAD_LINE,
                Shape.line(List.of(new Spot(eastM, -50), new Spot(eastM, 50))),
                4,
                false,
                p,
                "",
                done,
                new Feature.Detail("", "", voltage, Optional.empty()));
    }

    /** A line nobody asked about counts as the worst; a telephone line and one that is switched off as none. */
    @Test
    void aLiveLineKeepsItsDistance() {
        Rule rule = new PieceNearLine();
        Situation.TakenDown down = planned(OAK, cut("L1", Way.TIED_ABOVE));
        Optional<VoltageClass> low = Optional.of(VoltageClass.LOW);
        assertThat(found(rule, down, line(10, Optional.empty(), Protection.NONE, false)))
                .extracting(Finding::severity)
                .containsExactly(Severity.STOP);
        assertThat(found(rule, down, line(10, low, Protection.NONE, false))).isEmpty();
        assertThat(found(rule, down, line(5, low, Protection.NONE, false)))
                .extracting(Finding::rule)
                .containsExactly(RuleId.PIECE_NEAR_LINE);
        assertThat(found(rule, down, line(5, low, Protection.SWITCH_OFF, true))).isEmpty();
        assertThat(found(rule, down, line(5, Optional.of(VoltageClass.TELEPHONE), Protection.NONE, false)))
                .isEmpty();
        assertThat(found(rule, down, line(30, Optional.empty(), Protection.NONE, false)))
                .isEmpty();
    }

    /** Law: farther off it never becomes a stop that it was not. */
    @Test
    void fartherFromALineIsNeverWorse() {
        Situation.TakenDown down = planned(OAK, cut("L1", Way.TIED_ABOVE), cut("L2", Way.SNAPPED));
        for (VoltageClass v : VoltageClass.values()) {
            int before = Integer.MAX_VALUE;
            for (double east = 1; east < 25; east += 1) {
                int now = found(new PieceNearLine(), down, line(east, Optional.of(v), Protection.NONE, false))
                        .size();
                assertThat(now).as("%s at %s", v, east).isLessThanOrEqualTo(before);
                before = now;
            }
        }
    }
}
