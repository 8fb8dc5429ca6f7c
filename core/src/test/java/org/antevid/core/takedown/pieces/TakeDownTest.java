package org.antevid.core.takedown.pieces;

import static org.antevid.core.takedown.pieces.Limes.EAST;
import static org.antevid.core.takedown.pieces.Limes.GEAR;
import static org.antevid.core.takedown.pieces.Limes.LAWN;
import static org.antevid.core.takedown.pieces.Limes.PLUMB;
import static org.antevid.core.takedown.pieces.Limes.WEST;
import static org.antevid.core.takedown.pieces.Limes.bare;
import static org.antevid.core.takedown.pieces.Limes.fault;
import static org.antevid.core.takedown.pieces.Limes.kept;
import static org.antevid.core.takedown.pieces.Limes.limb;
import static org.antevid.core.takedown.pieces.Limes.lime;
import static org.antevid.core.takedown.pieces.Limes.onLine;
import static org.antevid.core.takedown.pieces.Limes.plan;
import static org.antevid.core.takedown.pieces.Limes.sound;
import static org.antevid.core.takedown.pieces.Limes.stem;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.FieldBook;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.MissingFact;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.Tell;
import org.antevid.core.takedown.Finding;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TakeDownTest {
    @Test
    void massesOfThePiecesAreTheTree() {
        List<Limb> limbs = List.of(EAST, WEST);
        TakeDown t = plan(
                sound(),
                limbs,
                GEAR,
                limb("L1", Way.TIED_ABOVE),
                limb("L2", Way.TIED_ABOVE),
                stem(12, Way.LET_RUN),
                stem(9, Way.LET_RUN),
                stem(StemMass.USUAL_CUT_M, Way.FELLED));
        assertThat(t.whole()).isTrue();
        assertThat(t.left().massKg()).isZero();
        assertThat(t.pieces().stream().mapToDouble(Piece::massKg).sum())
                .isCloseTo(t.start().massKg(), within(0.01 * t.start().massKg()));
        double reckoned = sound().mass(StemMass.USUAL_CUT_M).orElseThrow().massKg();
        assertThat(t.start().massKg()).isCloseTo(reckoned, within(0.05 * reckoned));
    }

    /** A limb cut in two: nothing is heavier than the whole of it. */
    @Test
    void aPieceCutInTwoIsNeverHeavier() {
        double whole =
                plan(sound(), List.of(EAST), GEAR, limb("L1", Way.TIED_ABOVE)).heaviestKg();
        TakeDown two =
                plan(sound(), List.of(EAST), GEAR, limb("L1", Way.TIED_ABOVE).at(2.5), limb("L1", Way.TIED_ABOVE));
        assertThat(two.heaviestKg()).isLessThan(whole);
    }

    @Test
    void whatHasGoneIsNotCutAgain() {
        assertThatThrownBy(() -> plan(sound(), List.of(), GEAR, stem(9, Way.SNAPPED), stem(10, Way.SNAPPED)))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("cuts[1].atM");
        assertThatThrownBy(() -> plan(sound(), List.of(EAST), GEAR, stem(7, Way.SNAPPED), limb("L1", Way.SNAPPED)))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("cuts[1].atM");
        assertThatThrownBy(() -> plan(sound(), List.of(), GEAR, limb("L9", Way.SNAPPED)))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("cuts[0].limb");
    }

    /** The limb against the lean balances it: taken first it raises what bends the foot; the other one does not. */
    @Test
    void theSideThatBalancesTheLeanRaisesTheMoment() {
        TakeDown against = plan(sound(), List.of(EAST, WEST), GEAR, limb("L2", Way.TIED_ABOVE));
        assertThat(against.pieces().get(0).remarks()).contains(PieceRemark.LEAN_RISES);
        assertThat(against.pieces().get(0).raisedNm()).isPositive();
        TakeDown with = plan(sound(), List.of(EAST, WEST), GEAR, limb("L1", Way.TIED_ABOVE));
        assertThat(with.pieces().get(0).remarks()).doesNotContain(PieceRemark.LEAN_RISES);
    }

    @Test
    void aBlockOnWoodThatGoesIsAStop() {
        Cut onPiece =
                new Cut(Optional.empty(), 10, Way.TIED_BELOW, Optional.empty(), Optional.of(11.0), Optional.empty());
        assertThat(plan(sound(), List.of(), GEAR, onPiece).pieces().get(0).remarks())
                .contains(PieceRemark.ANCHOR_GOES);
    }

    @Test
    void aKnotOffItsPieceIsAStop() {
        Cut off = new Cut(Optional.of("L1"), 0, Way.TIED_ABOVE, Optional.of(6.0), Optional.empty(), Optional.empty());
        assertThat(plan(sound(), List.of(EAST), GEAR, off).pieces().get(0).remarks())
                .contains(PieceRemark.TIE_OFF_PIECE);
    }

    @Test
    void gearNobodyChoseIsAskedForAndNeverGreen() {
        Piece p = plan(sound(), List.of(), Gear.NONE, stem(10, Way.TIED_BELOW))
                .pieces()
                .get(0);
        assertThat(p.remarks()).contains(PieceRemark.GEAR_NOT_CHOSEN);
        assertThat(p.level()).isEqualTo(Finding.STOP);
        assertThat(p.loading().links())
                .filteredOn(l -> l.kind() == Link.Kind.LINE)
                .allMatch(l -> !l.known());
    }

    /** Held, then let run: the more line runs the less every link carries, and the deeper it comes. */
    @Test
    void lettingItRunTakesLoadOffEveryLink() {
        Piece p = plan(sound(), List.of(), GEAR, stem(10, Way.TIED_BELOW))
                .pieces()
                .get(0);
        assertThat(p.runs()).hasSize(3);
        assertThat(p.runs())
                .isSortedAccordingTo((a, b) -> Double.compare(
                        b.worst().orElseThrow().share().orElseThrow(),
                        a.worst().orElseThrow().share().orElseThrow()));
        assertThat(p.runs())
                .isSortedAccordingTo((a, b) ->
                        Double.compare(b.roomM().orElseThrow(), a.roomM().orElseThrow()));
    }

    /** Led down the trunk a line presses; led away to the side of the load it bends the foot as well. */
    @Test
    void leadingTheLineDownTheTrunkBendsLessThanAway() {
        Piece p = plan(lime(PLUMB, List.of()), List.of(EAST), GEAR, limb("L1", Way.LET_RUN))
                .pieces()
                .get(0);
        assertThat(p.led()).extracting(Piece.Led::trunk).containsExactly(true, false);
        assertThat(p.led().get(0).worst().orElseThrow().share().orElseThrow())
                .isLessThan(p.led().get(1).worst().orElseThrow().share().orElseThrow());
    }

    /** Wraps are laid until the hand holds: it is never what limits a piece that holds. */
    @Test
    void theHandIsTheWeakestOnlyWhereItIsOver() {
        Piece p = plan(sound(), List.of(EAST), GEAR, limb("L1", Way.LET_RUN))
                .pieces()
                .get(0);
        assertThat(p.loading().links()).noneMatch(Link::over);
        assertThat(p.loading().worst().orElseThrow().kind()).isNotEqualTo(Link.Kind.HAND);
        assertThat(p.loading().links().get(p.loading().links().size() - 1).kind())
                .isEqualTo(Link.Kind.HAND);
    }

    @Test
    void theLongestLogJustHolds() {
        Gear thin = onLine(30_000);
        Piece p = plan(sound(), List.of(), thin, stem(6, Way.LET_RUN)).pieces().get(0);
        assertThat(p.remarks()).contains(PieceRemark.LINK_OVER);
        double longest = p.longest().orElseThrow().lengthM().orElseThrow();
        assertThat(longest).isBetween(0.3, 10.0);
        TakeDown shorter = plan(sound(), List.of(), thin, stem(6 + longest - 0.01, Way.SNAPPED), stem(6, Way.LET_RUN));
        assertThat(shorter.pieces().get(1).loading().links()).noneMatch(Link::over);
        TakeDown longer = plan(sound(), List.of(), thin, stem(6 + longest + 0.05, Way.SNAPPED), stem(6, Way.LET_RUN));
        assertThat(longer.pieces().get(1).loading().links()).anyMatch(Link::over);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void longerNeverLowersAForce(long seed) {
        Random r = new Random(seed);
        for (int i = 0; i < 40; i++) {
            double at = 5 + 5 * r.nextDouble();
            double length = 0.5 + 3 * r.nextDouble();
            Way way = r.nextBoolean() ? Way.TIED_BELOW : Way.LET_RUN;
            Piece shorter = plan(sound(), List.of(), GEAR, stem(at + length, Way.SNAPPED), stem(at, way))
                    .pieces()
                    .get(1);
            Piece longer = plan(sound(), List.of(), GEAR, stem(at + length + 0.4, Way.SNAPPED), stem(at, way))
                    .pieces()
                    .get(1);
            assertThat(longer.massHighKg()).isGreaterThan(shorter.massHighKg());
            for (Link.Kind kind : List.of(Link.Kind.LINE, Link.Kind.BLOCK, Link.Kind.FOOT, Link.Kind.BRAKE)) {
                assertThat(share(longer, kind)).as(kind.name()).isGreaterThanOrEqualTo(share(shorter, kind) - 1e-9);
            }
        }
    }

    private static double share(Piece p, Link.Kind kind) {
        return p.loading().links().stream()
                .filter(l -> l.kind() == kind)
                .flatMap(l -> l.share().stream())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aWallNobodyProbedIsNotKnownAndAThinOneBreaksTheChain() {
        Defect rot = fault(DefectKind.CAVITY, 5.2, 6.2);
        Piece unknown = plan(lime(PLUMB, List.of(), rot), List.of(), GEAR, stem(9, Way.TIED_BELOW))
                .pieces()
                .get(0);
        assertThat(unknown.remarks()).contains(PieceRemark.WALL_NOT_KNOWN);
        assertThat(unknown.loading().links())
                .filteredOn(l -> l.kind() == Link.Kind.STEM)
                .isNotEmpty()
                .noneMatch(Link::known);
        List<FieldBook.Wall> probed = Stream.of(0, 120, 240)
                .map(a -> new FieldBook.Wall(a, 5.6, new Estimate(0.06, 0.005), true))
                .toList();
        Piece thin = plan(lime(PLUMB, probed, rot), List.of(), GEAR, stem(9, Way.TIED_BELOW))
                .pieces()
                .get(0);
        Piece whole = plan(lime(PLUMB, List.of()), List.of(), GEAR, stem(9, Way.TIED_BELOW))
                .pieces()
                .get(0);
        double at = thin.loading().links().stream()
                .filter(l -> l.kind() == Link.Kind.STEM)
                .mapToDouble(l -> l.share().orElseThrow())
                .max()
                .orElseThrow();
        assertThat(at).isGreaterThan(share(whole, Link.Kind.FOOT));
    }

    /** A lean nobody read is asked for; one read worse bends the foot more. */
    @Test
    void knowingTheLeanWorseNeverLightensTheFoot() {
        assertThat(CutFigure.missing(lime(Optional.empty(), List.of()))).containsExactly(MissingFact.LEAN);
        assertThat(share(below(2), Link.Kind.FOOT)).isGreaterThan(share(below(0.3), Link.Kind.FOOT));
        // the stem just below the block leans along: what hangs there bends it no more for that
        assertThat(share(below(2), Link.Kind.ANCHOR))
                .isCloseTo(share(below(0.3), Link.Kind.ANCHOR), withinPercentage(5));
    }

    private static Piece below(double sigmaDeg) {
        return plan(lime(Optional.of(new Lean(3, 90, sigmaDeg)), List.of()), List.of(), GEAR, stem(10, Way.LET_RUN))
                .pieces()
                .get(0);
    }

    @Test
    void whoMayBeUpThere() {
        assertThat(Aloft.of(sound()).allowed()).isEqualTo(Aloft.Allowed.WHOLE_TREE);
        assertThat(Aloft.of(lime(PLUMB, List.of(), fault(DefectKind.LIFTED_ROOT_PLATE, 0, 0.3)))
                        .allowed())
                .isEqualTo(Aloft.Allowed.NOBODY);
        Aloft split = Aloft.of(lime(PLUMB, List.of(), fault(DefectKind.SPLIT_UNION, 2.1, 3.2)));
        assertThat(split.allowed()).isEqualTo(Aloft.Allowed.PLATFORM);
        assertThat(split.rigToM().orElseThrow()).isCloseTo(1.6, within(1e-9));
        Aloft high = Aloft.of(lime(PLUMB, List.of(), fault(DefectKind.CRACK, 8, 9, Tell.MOVES)));
        assertThat(high.allowed()).isEqualTo(Aloft.Allowed.UP_TO);
        assertThat(high.climbToM().orElseThrow()).isCloseTo(7.5, within(1e-9));
        assertThat(Aloft.of(lime(PLUMB, List.of(), fault(DefectKind.CRACK, 8, 9, Tell.HEALED)))
                        .allowed())
                .isEqualTo(Aloft.Allowed.OTHER_ANCHOR);
        StemReading healed = lime(PLUMB, List.of(), fault(DefectKind.CRACK, 8, 9, Tell.HEALED));
        assertThat(plan(healed, List.of(), GEAR, stem(10, Way.SNAPPED))
                        .pieces()
                        .get(0)
                        .remarks())
                .as("tied in to another tree somebody may be above it")
                .doesNotContain(PieceRemark.NOBODY_UP_THERE, PieceRemark.PERSON_ABOVE_FAULT);
        Aloft foot = Aloft.of(lime(PLUMB, List.of(), fault(DefectKind.CAVITY, 0.4, 1)));
        assertThat(foot.allowed()).isEqualTo(Aloft.Allowed.PLATFORM);
        assertThat(foot.reasons().get(0).known()).as("nobody probed it").isFalse();
        List<FieldBook.Wall> sound = Stream.of(0, 120, 240)
                .map(a -> new FieldBook.Wall(a, 0.6, new Estimate(0.15, 0.01), true))
                .toList();
        assertThat(Aloft.of(lime(PLUMB, sound, fault(DefectKind.CAVITY, 0.4, 1)))
                        .allowed())
                .isEqualTo(Aloft.Allowed.WHOLE_TREE);
    }

    @Test
    void nobodyCutsWhereNobodyMayBe() {
        StemReading lifted = lime(PLUMB, List.of(), fault(DefectKind.LIFTED_ROOT_PLATE, 0, 0.3));
        assertThat(plan(lifted, List.of(), GEAR, stem(10, Way.SNAPPED))
                        .pieces()
                        .get(0)
                        .remarks())
                .contains(PieceRemark.NOBODY_UP_THERE);
        StemReading cracked = lime(PLUMB, List.of(), fault(DefectKind.CRACK, 8, 9, Tell.MOVES));
        assertThat(plan(cracked, List.of(), GEAR, stem(10, Way.SNAPPED))
                        .pieces()
                        .get(0)
                        .remarks())
                .contains(PieceRemark.NOBODY_UP_THERE);
        assertThat(plan(cracked, List.of(), GEAR, stem(10, Way.TIED_BELOW))
                        .pieces()
                        .get(0)
                        .remarks())
                .contains(PieceRemark.RIGGED_ABOVE_FAULT);
    }

    @Test
    void whatIsProposedForASoundTreeStopsNowhere() {
        List<Limb> limbs = List.of(EAST, WEST, new Limb("L3", 10, 0.06, 2, 0, 30, true));
        CutFigure f = CutFigure.of(sound(), limbs);
        List<Cut> cuts = Proposal.of(f, Aloft.of(sound()), GEAR, LAWN);
        TakeDown t = TakeDown.of(f, Aloft.of(sound()), cuts, GEAR, LAWN);
        assertThat(t.whole()).isTrue();
        assertThat(t.pieces().get(0).cut().limb()).as("loose wood first").contains("L3");
        assertThat(t.pieces()).allMatch(p -> p.level() != Finding.STOP);
        assertThat(t.remarks()).containsExactly(PieceRemark.CROWN_NOT_DRAWN, PieceRemark.CLIMBER_NOT_ASKED);
        assertThat(t.pieces().get(t.pieces().size() - 1).cut().way()).isEqualTo(Way.FELLED);
    }

    @Test
    void onAThinLineMorePiecesAreProposedAndNoneIsOver() {
        Gear thin = onLine(20_000);
        CutFigure f = CutFigure.of(sound(), List.of(EAST, WEST));
        List<Cut> many = Proposal.of(f, Aloft.of(sound()), thin, LAWN);
        assertThat(many.size())
                .isGreaterThan(Proposal.of(f, Aloft.of(sound()), GEAR, LAWN).size());
        assertThat(TakeDown.of(f, Aloft.of(sound()), many, thin, LAWN).pieces())
                .allMatch(p -> p.loading().links().stream().noneMatch(Link::over));
    }

    /** A plate that has lifted: nobody is up there, all of it is picked from outside. */
    @Test
    void whatNobodyMayClimbIsProposedToBePicked() {
        StemReading lifted =
                lime(Optional.of(new Lean(6, 180, 0.5)), List.of(), fault(DefectKind.LIFTED_ROOT_PLATE, 0, 0.3));
        List<Limb> limbs = List.of(EAST, WEST);
        List<Cut> cuts = Proposal.of(CutFigure.of(lifted, limbs), Aloft.of(lifted), GEAR, LAWN);
        assertThat(cuts).extracting(Cut::way).containsOnly(Way.PICKED);
        TakeDown t = plan(lifted, limbs, GEAR, cuts.toArray(Cut[]::new));
        assertThat(t.whole()).isTrue();
        assertThat(t.pieces()).allSatisfy(p -> assertThat(p.lengthM()).isLessThan(5.1));
        assertThat(t.pieces()).allSatisfy(p -> assertThat(p.remarks()).doesNotContain(PieceRemark.NOBODY_UP_THERE));
    }

    /** What has come down stays as it was cut; the rest is planned anew, and nothing stands against what is down. */
    @Test
    void whatIsDownStaysAndTheRestIsPlannedAnew() {
        List<Limb> limbs = List.of(EAST, WEST);
        CutFigure f = CutFigure.of(sound(), limbs);
        List<Cut> all = Proposal.of(f, Aloft.of(sound()), GEAR, LAWN);
        List<Cut> down = all.subList(0, 2);
        assertThat(Proposal.of(f, Aloft.of(sound()), GEAR, LAWN, HouseLimits.USUAL, down, p -> true))
                .isEqualTo(all);
        Aloft basket = Aloft.of(sound()).said(Aloft.Allowed.NOBODY);
        List<Cut> anew = Proposal.of(f, basket, GEAR, LAWN, HouseLimits.USUAL, down, p -> true);
        assertThat(anew.subList(0, 2)).isEqualTo(down);
        assertThat(anew.subList(2, anew.size())).extracting(Cut::way).containsOnly(Way.PICKED);
        TakeDown t = TakeDown.of(f, basket, anew, GEAR, LAWN).after(2);
        assertThat(t.whole()).isTrue();
        assertThat(t.coming()).hasSize(anew.size() - 2).noneMatch(t::down);
        assertThat(t.pieces().get(0).remarks()).contains(PieceRemark.NOBODY_UP_THERE);
        assertThat(t.coming()).allSatisfy(p -> assertThat(p.remarks()).doesNotContain(PieceRemark.NOBODY_UP_THERE));
        assertThat(t.after(99).coming()).isEmpty();
        assertThatThrownBy(() -> t.shortened(1)).isInstanceOf(RefusedInput.class);
    }

    /** What must not fall free comes down on the line or by hand; where nothing helps the rest is no smaller for it. */
    @Test
    void overWhatMustNotBeHitNothingIsProposedToFall() {
        CutFigure f = CutFigure.of(bare(), List.of(EAST, WEST));
        Predicate<Piece> held = p ->
                p.cut().way().roped() || p.cut().way() == Way.BY_HAND || p.cut().way() == Way.FELLED;
        List<Cut> cuts = Proposal.of(f, Aloft.of(bare()), GEAR, LAWN, HouseLimits.USUAL, List.of(), held);
        TakeDown t = TakeDown.of(f, Aloft.of(bare()), cuts, GEAR, LAWN);
        assertThat(t.pieces()).allMatch(held).allMatch(p -> p.level() != Finding.STOP);
        assertThat(t.whole()).isTrue();
        assertThat(Proposal.of(f, Aloft.of(bare()), GEAR, LAWN, HouseLimits.USUAL, List.of(), p -> false))
                .isEqualTo(Proposal.of(f, Aloft.of(bare()), GEAR, LAWN));
    }

    /** Walked away from: nothing more is cut. */
    @Test
    void ofATreeThatIsLeftNothingMoreIsCut() {
        CutFigure f = CutFigure.of(sound(), List.of(EAST, WEST));
        Aloft leave = Aloft.of(sound()).said(Aloft.Allowed.LEAVE);
        assertThat(Proposal.of(f, leave, GEAR, LAWN)).isEmpty();
        List<Cut> down = List.of(limb("L1", Way.BY_HAND));
        assertThat(Proposal.of(f, leave, GEAR, LAWN, HouseLimits.USUAL, down, p -> true))
                .isEqualTo(down);
    }

    /** What is chosen for a No only ever tightens who may be up there. */
    @Test
    void whatIsChosenForANoNamesWhoMayThenBeAloft() {
        assertThat(Fallback.PLATFORM.allows()).contains(Aloft.Allowed.PLATFORM);
        assertThat(Fallback.CRANE.allows()).contains(Aloft.Allowed.NOBODY);
        assertThat(Fallback.WALK_AWAY.allows()).contains(Aloft.Allowed.LEAVE);
        assertThat(Fallback.SMALL_PIECES_ON_BED.allows()).isEmpty();
        assertThat(Fallback.values()).filteredOn(Fallback::onBed).containsExactly(Fallback.SMALL_PIECES_ON_BED);
        assertThat(Fallback.values())
                .filteredOn(x -> !x.roped())
                .containsExactly(Fallback.SMALL_PIECES_ON_BED, Fallback.AGREED_DAMAGE);
    }

    /** Of a tree that is kept some comes down and the rest is no way down that is missing. */
    @Test
    void aKeptTreeIsNotAskedForItsRestAndNotClimbedOnSpikes() {
        CutFigure f = CutFigure.of(kept(), List.of(EAST, WEST));
        Climb spikes = Climb.NOT_SAID.onSpikes(true);
        TakeDown t = TakeDown.of(
                f, Aloft.of(kept()), spikes, List.of(limb("L1", Way.BY_HAND)), GEAR, LAWN, HouseLimits.USUAL);
        assertThat(t.remarks()).contains(PieceRemark.SPIKES_ON_KEPT).doesNotContain(PieceRemark.NOT_ALL_OF_IT);
        CutFigure goes = CutFigure.of(sound(), List.of(EAST, WEST));
        assertThat(TakeDown.of(
                                goes,
                                Aloft.of(sound()),
                                spikes,
                                List.of(limb("L1", Way.BY_HAND)),
                                GEAR,
                                LAWN,
                                HouseLimits.USUAL)
                        .remarks())
                .doesNotContain(PieceRemark.SPIKES_ON_KEPT)
                .contains(PieceRemark.NOT_ALL_OF_IT);
    }
}
