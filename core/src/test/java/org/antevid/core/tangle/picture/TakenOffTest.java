package org.antevid.core.tangle.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.tangle.beam.Support;
import org.antevid.core.tangle.limb.SeenLimb;
import org.antevid.core.tangle.plate.FallenPlate;
import org.junit.jupiter.api.Test;

/** A stem on a roof comes off from its free end inward; what would load it more is propped, what would move is held. */
class TakenOffTest {
    private static final String ROOF = "roof";
    private static final double LENGTH_M = 10;
    private static final int STEMS = 400;

    private static Members alder(Defect... seen) {
        return Members.of(new StemReading(
                        "S3",
                        Species.ALNUS,
                        StemState.LYING,
                        new Spot(0, 0),
                        Optional.of(new Estimate(0.3, 0.01)),
                        Optional.of(new Estimate(LENGTH_M, 0.2)),
                        Optional.empty(),
                        Optional.of(1.0),
                        Condition.SOUND,
                        StemMass.Shape.FOREST,
                        StemMass.Crown.FOREST_BROADLEAF,
                        List.of(seen),
                        false))
                .lies(0, 0, 0.3, 9.6, 0, 3.1);
    }

    private static Rest ground(double xM) {
        return new Rest(
                "g" + xM,
                "S3",
                xM,
                Rest.On.GROUND,
                Optional.empty(),
                Support.Side.BELOW,
                0,
                Optional.empty(),
                Rest.Certainty.SEEN);
    }

    private static Rest on(String thing, double xM) {
        return new Rest(
                thing + xM,
                "S3",
                xM,
                Rest.On.FEATURE,
                Optional.of(thing),
                Support.Side.BELOW,
                0,
                Optional.empty(),
                Rest.Certainty.SEEN);
    }

    private static Picture picture(Member m, FeatureKind kind, List<Rest> rests) {
        return new Picture(
                List.of(m),
                Set.of(ROOF, "cable"),
                rests,
                List.of(),
                new Picture.AtHand(true, Optional.empty(), Optional.empty(), List.of()),
                Ground.LEVEL,
                List.of(
                        new Struck(ROOF, "boathouse", kind, Set.of()),
                        new Struck("cable", "house cable", FeatureKind.OVERHEAD_LINE, Set.of())));
    }

    private static List<TakenOff.Turn> turns(List<Rest> rests, Double... cuts) {
        return TakenOff.of(picture(alder().seen(), FeatureKind.BUILDING, rests), "S3", List.of(cuts), List.of())
                .turns();
    }

    private static List<TakenOff.Kind> kinds(List<TakenOff.Turn> turns) {
        return turns.stream().map(TakenOff.Turn::kind).toList();
    }

    @Test
    void uncutItIsOneLiftThatWeighsTheWholeStem() {
        List<TakenOff.Turn> turns = turns(List.of(ground(0.2), on(ROOF, 6.5)));
        assertThat(kinds(turns)).containsExactly(TakenOff.Kind.TRUNK, TakenOff.Kind.COVER);
        TakenOff.Turn trunk = turns.get(0);
        assertThat(trunk.piece().orElseThrow().toM())
                .isCloseTo(alder().seen().lengthM().orElseThrow(), within(0.4));
        assertThat(trunk.loads()).singleElement().satisfies(l -> {
            assertThat(l.on()).isEqualTo(ROOF);
            assertThat(l.beforeKg()).isBetween(20.0, trunk.piece().orElseThrow().massHighKg());
        });
    }

    @Test
    void whatFloatsBeyondTheRidgeGoesBeforeWhatPressesOnIt() {
        List<TakenOff.Turn> turns = turns(List.of(ground(0.2), on(ROOF, 6.5)), 5.0, 7.5);
        assertThat(kinds(turns))
                .containsSubsequence(TakenOff.Kind.HOLD_PIECE, TakenOff.Kind.FLOATS, TakenOff.Kind.PRESSES);
        assertThat(kinds(turns)).last().isEqualTo(TakenOff.Kind.COVER);
    }

    /** The far ridge carried a part of it: once that is cut off, the near one carries more than before. */
    @Test
    void aPlaceThatWouldCarryMoreIsProppedBefore() {
        List<TakenOff.Turn> turns = turns(List.of(on(ROOF, 1.0), on(ROOF, 4.0), on(ROOF, 9.0)), 8.7);
        TakenOff.Turn prop = turns.stream()
                .filter(t -> t.kind() == TakenOff.Kind.PROP)
                .findFirst()
                .orElseThrow();
        TakenOff.Load more = prop.loads().get(0);
        assertThat(more.xM()).isEqualTo(4.0);
        assertThat(more.afterKg().orElseThrow()).isGreaterThan(more.beforeKg() * 1.1);
        assertThat(kinds(turns).indexOf(TakenOff.Kind.PROP))
                .isLessThan(kinds(turns).indexOf(TakenOff.Kind.PRESSES));
    }

    @Test
    void whereNothingHoldsTheRestItIsHeldAndLookedAtAgainBeforeAnythingElse() {
        List<TakenOff.Turn> turns = turns(List.of(on(ROOF, 2.5), on(ROOF, 9.0)), 2.0);
        assertThat(kinds(turns)).contains(TakenOff.Kind.HOLD_REST).doesNotContain(TakenOff.Kind.TRUNK);
        assertThat(kinds(turns).indexOf(TakenOff.Kind.LOOK_AGAIN))
                .as("only what came through is covered after it")
                .isEqualTo(turns.size() - 2);
    }

    @Test
    void aRaisedPlateIsHeldBeforeThePieceThatLetsItStandUp() {
        Member m = alder().plate(new Member.Plate(1.8, 1.6, 0.4, 85)).seen();
        List<TakenOff.Turn> turns = TakenOff.of(
                        picture(m, FeatureKind.FENCE, List.of(ground(0.2), on(ROOF, 6.5))),
                        "S3",
                        List.of(2.0, 4.0, 7.0),
                        List.of())
                .turns();
        assertThat(turns)
                .filteredOn(t -> t.kind() == TakenOff.Kind.HOLD_PLATE)
                .isNotEmpty()
                .noneMatch(t -> t.plate().orElseThrow() == FallenPlate.State.STAYS);
        assertThat(kinds(turns)).as("nothing came through a fence").doesNotContain(TakenOff.Kind.COVER);
    }

    /** It was seen that the plate is lifted, and nobody measured it: knowing less lowers nothing. */
    @Test
    void aPlateThatNobodyMeasuredIsHeldFromTheFirst() {
        Member m = alder(new Defect("d", DefectKind.LIFTED_ROOT_PLATE, 0, 0.3, 0, ""))
                .seen();
        List<TakenOff.Turn> turns = TakenOff.of(
                        picture(m, FeatureKind.FENCE, List.of(ground(0.2), on(ROOF, 6.5))), "S3", List.of(), List.of())
                .turns();
        assertThat(kinds(turns)).containsExactly(TakenOff.Kind.HOLD_PLATE, TakenOff.Kind.TRUNK);
        assertThat(turns.get(1).plate()).contains(FallenPlate.State.UNCERTAIN);
    }

    @Test
    void theLinesOwnerComesFirstThenFreeLimbsAndThoseItLiesOnRightBeforeTheTrunk() {
        List<SeenLimb> limbs = List.of(
                new SeenLimb(SeenLimb.Growing.ABOVE, SeenLimb.Bent.NOT, 0.05, Optional.empty()),
                new SeenLimb(SeenLimb.Growing.BELOW, SeenLimb.Bent.UP, 0.09, Optional.empty()));
        List<TakenOff.Turn> turns = TakenOff.of(
                        picture(alder().seen(), FeatureKind.GLASS, List.of(ground(0.2), on(ROOF, 6.5), on("cable", 9))),
                        "S3",
                        List.of(),
                        limbs)
                .turns();
        assertThat(kinds(turns))
                .containsExactly(
                        TakenOff.Kind.LINE_OWNER,
                        TakenOff.Kind.FREE_LIMBS,
                        TakenOff.Kind.CARRYING_LIMBS,
                        TakenOff.Kind.TRUNK,
                        TakenOff.Kind.COVER);
        assertThat(turns.get(1).limbs()).isEqualTo(1);
    }

    @Test
    void whatLiesOnNothingThatIsAskedAboutAndACutAtAnEndAreRefused() {
        Picture p = picture(alder().seen(), FeatureKind.BUILDING, List.of(ground(0.2), ground(7)));
        assertThatThrownBy(() -> TakenOff.of(p, "S3", List.of(), List.of())).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> turns(List.of(ground(0.2), on(ROOF, 6.5)), 0.05))
                .isInstanceOf(RefusedInput.class);
    }

    /** Pieces meet end to end from the tip, none is forgotten, and in what order cuts are entered is no matter. */
    @Test
    void piecesMeetEndToEndFromTheTipInward() {
        int whole = 0;
        for (int seed = 0; seed < STEMS; seed++) {
            Random r = new Random(seed);
            List<Rest> rests = new ArrayList<>(List.of(ground(0.1 + r.nextDouble())));
            rests.add(on(ROOF, 3 + 2 * r.nextDouble()));
            if (r.nextBoolean()) {
                rests.add(on(ROOF, 6 + 3 * r.nextDouble()));
            }
            List<Double> cuts = new ArrayList<>();
            for (int i = r.nextInt(4); i > 0; i--) {
                cuts.add(1.2 + 8 * r.nextDouble());
            }
            Picture p = picture(alder().seen(), FeatureKind.BUILDING, rests);
            List<TakenOff.Turn> turns = TakenOff.of(p, "S3", cuts, List.of()).turns();
            List<Double> mixed = new ArrayList<>(cuts);
            Collections.shuffle(mixed, r);
            assertThat(TakenOff.of(p, "S3", mixed, List.of()).turns()).isEqualTo(turns);
            double end = alder().seen().pose().orElseThrow().lengthM();
            double total = 0;
            for (TakenOff.Turn t :
                    turns.stream().filter(t -> t.kind().removes()).toList()) {
                assertThat(t.piece().orElseThrow().toM()).as("seed %d", seed).isCloseTo(end, within(1e-9));
                end = t.piece().orElseThrow().fromM();
                total += t.piece().orElseThrow().massHighKg();
            }
            if (kinds(turns).contains(TakenOff.Kind.LOOK_AGAIN)) {
                assertThat(kinds(turns)).doesNotContain(TakenOff.Kind.TRUNK);
            } else {
                whole++;
                assertThat(end).as("seed %d, down to the butt", seed).isZero();
                assertThat(total)
                        .as("cut up it is never lighter, seed %d", seed)
                        .isGreaterThan(0.9
                                * PlatePlan.mass(alder().seen(), 0, LENGTH_M).massHighKg());
            }
            turns.stream()
                    .filter(t -> t.kind() == TakenOff.Kind.PROP)
                    .flatMap(t -> t.loads().stream())
                    .forEach(l -> assertThat(l.afterKg().orElseThrow()).isGreaterThan(l.beforeKg()));
        }
        assertThat(whole).as("stems that lie still to the end").isGreaterThan(STEMS / 4);
    }
}
