package org.antevid.core.tangle.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.Release;
import org.antevid.core.tangle.beam.Support;
import org.junit.jupiter.api.Test;

/** A torn leader is a stem of its own that hangs on what it is part of, until its fibres were seen to be through. */
class PartOfTest {
    private static final PartOf TORN = new PartOf(PartOf.Kind.TORN_LEADER, "S4", 2.6);

    private static StemReading reading(String label, StemState state, boolean kept) {
        return new StemReading(
                label,
                Species.SALIX,
                state,
                new Spot(10, 20),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Condition.SOUND,
                StemMass.Shape.OPEN,
                StemMass.Crown.OPEN_BROADLEAF,
                List.of(),
                kept);
    }

    private static Member leader() {
        return Members.of(reading("S4b", StemState.HUNG, false)).partOf(TORN).seen();
    }

    private static Rest rest(String id, String stem, Rest.On on, String other, Rest.Fibres fibres) {
        return new Rest(
                id,
                stem,
                on == Rest.On.OWN_STUMP ? 0 : 5,
                on,
                Optional.ofNullable(other),
                Support.Side.BELOW,
                0,
                Optional.ofNullable(fibres),
                Rest.Certainty.SEEN);
    }

    private static Picture picture(List<Member> members, Set<String> standing, List<Rest> rests) {
        return new Picture(
                members,
                standing,
                rests,
                List.of(),
                new Picture.AtHand(false, Optional.empty(), Optional.empty(), List.of()),
                Ground.LEVEL,
                List.of());
    }

    private static Picture withParent(Rest... rests) {
        return picture(
                List.of(Members.of(reading("S4", StemState.STANDING, false)).seen(), leader()),
                Set.of("rail"),
                List.of(rests));
    }

    @Test
    void whileNobodySawItsFibresItHangsOnWhatItIsPartOfAndGoesFirst() {
        Picture p = withParent();
        assertThat(p.allRelations()).containsExactly(new Pile.Relation("S4b", Pile.Type.RESTS_ON, "S4"));
        assertThat(p.release().map(Release::order).orElseThrow()).containsExactly(List.of("S4b"), List.of("S4"));
    }

    @Test
    void fibresThatHoldOrHoldPartlyAreNoOther() {
        for (Rest.Fibres fibres : List.of(Rest.Fibres.HOLD, Rest.Fibres.PARTLY)) {
            Picture p = withParent(rest("r", "S4b", Rest.On.OWN_STUMP, null, fibres));
            assertThat(p.holdUp("S4b")).as(fibres.name()).containsExactly("S4");
        }
    }

    /** What lies clear of its stem is no longer held by it, but by what it rests on. */
    @Test
    void onceTornThroughOnlyItsRestsCount() {
        Rest through = rest("r", "S4b", Rest.On.OWN_STUMP, null, Rest.Fibres.TORN);
        assertThat(withParent(through).allRelations()).isEmpty();
        Rest rail = rest("q", "S4b", Rest.On.FEATURE, "rail", null);
        assertThat(withParent(through, rail).holdUp("S4b")).containsExactly("rail");
        assertThat(withParent(rail).holdUp("S4b")).containsExactly("rail", "S4");
    }

    @Test
    void aLeaderOfATreeThatStaysHangsOnWhatStays() {
        Picture p = picture(List.of(leader()), Set.of("S4"), List.of());
        assertThat(p.holdUp("S4b")).containsExactly("S4");
        assertThat(p.comesDownWithIt()).isEmpty();
        assertThat(p.release().map(Release::order).orElseThrow()).containsExactly(List.of("S4b"));
    }

    /** What holds it through another is named too, the nearest first; a ring of rests comes to an end. */
    @Test
    void whatHoldsItThroughOthersIsNamedToo() {
        Picture chain = picture(
                List.of(
                        leader(),
                        Members.of(reading("S4", StemState.LYING, false)).seen(),
                        Members.of(reading("S5", StemState.STANDING, false)).seen()),
                Set.of(),
                List.of(rest("a", "S4", Rest.On.STEM, "S5", null)));
        assertThat(chain.holdUp("S4b")).containsExactly("S4", "S5");
        assertThat(chain.holdUp("S5")).isEmpty();
        Picture ring = picture(
                chain.members(),
                Set.of(),
                List.of(rest("a", "S4", Rest.On.STEM, "S5", null), rest("b", "S5", Rest.On.STEM, "S4b", null)));
        assertThat(ring.holdUp("S4b")).containsExactly("S4", "S5");
    }

    @Test
    void itStartsWhereItWasTornFromWhereverThatLies() {
        Member standing = Members.of(reading("S4", StemState.STANDING, false)).seen();
        Pose.End above =
                picture(List.of(standing, leader()), Set.of(), List.of()).tornAt(TORN, leader());
        assertThat(above).isEqualTo(new Pose.End(new Spot(10, 20), 2.6));
        Member lying = Members.of(reading("S4", StemState.LYING, false))
                .lies(0, 0, 0.5, 10, 0, 0.5)
                .seen();
        Pose.End along = picture(List.of(lying, leader()), Set.of(), List.of()).tornAt(TORN, leader());
        assertThat(along.at().eastM()).isCloseTo(2.6, within(1e-9));
        assertThat(along.heightM()).isCloseTo(0.5, within(1e-9));
        PartOf beyond = new PartOf(PartOf.Kind.BROKEN_TOP, "S4", 14);
        assertThat(picture(List.of(lying, leader()), Set.of(), List.of())
                        .tornAt(beyond, leader())
                        .at()
                        .eastM())
                .isCloseTo(10, within(1e-9));
    }

    @Test
    void itIsCalledByWhatItIsPartOf() {
        assertThat(PartOf.nextLabel("S4", Set.of("S4"))).isEqualTo("S4b");
        assertThat(PartOf.nextLabel("S4", Set.of("S4", "S4b", "S5b"))).isEqualTo("S4c");
        Set<String> all = new TreeSet<>();
        for (int i = 0; i < 30; i++) {
            assertThat(all.add(PartOf.nextLabel("S4", all))).isTrue();
        }
        assertThatThrownBy(() -> new PartOf(PartOf.Kind.BIG_LIMB, "S4", 61))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        e -> assertThat(e.faults().get(0).field()).isEqualTo("atM"));
    }
}
