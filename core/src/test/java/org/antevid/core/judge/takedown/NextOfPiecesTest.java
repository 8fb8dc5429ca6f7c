package org.antevid.core.judge.takedown;

import static org.antevid.core.judge.takedown.InPieces.OAK;
import static org.antevid.core.judge.takedown.InPieces.cut;
import static org.antevid.core.judge.takedown.InPieces.stem;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.antevid.core.Samples;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.takedown.NextOfPieces.Kind;
import org.antevid.core.judge.takedown.NextOfPieces.SinceKept;
import org.antevid.core.site.Site;
import org.antevid.core.takedown.drop.FreeDrop;
import org.antevid.core.takedown.pieces.Aloft;
import org.antevid.core.takedown.pieces.Below;
import org.antevid.core.takedown.pieces.Cut;
import org.antevid.core.takedown.pieces.CutFigure;
import org.antevid.core.takedown.pieces.Fallback;
import org.antevid.core.takedown.pieces.Gear;
import org.antevid.core.takedown.pieces.Limb;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.core.takedown.pieces.Way;
import org.junit.jupiter.api.Test;

class NextOfPiecesTest {
    private static final Aloft WHOLE = Aloft.of(OAK);
    private static final Site SITE = Samples.site();
    private static final List<Limb> DRAWN = List.of(
            new Limb("L1", 8, 0.2, 6, 0, 30, false),
            new Limb("L2", 9, 0.06, 1.2, 180, 30, false),
            new Limb("L3", 8.5, 0.25, 6, 90, 30, false),
            new Limb("L4", 7.5, 0.25, 6, 270, 30, false));

    private static Gear gear(double lineN) {
        return gear(new Gear.Part("line", lineN, true, Optional.empty()));
    }

    private static Gear gear(Gear.Part line) {
        return new Gear(
                Optional.of(line),
                Optional.of(new Gear.Part("block", 60_000, true, Optional.of(0.9))),
                Optional.of(new Gear.Part("sling", 60_000, true, Optional.empty())),
                Optional.of(new Gear.Part("brake", 60_000, true, Optional.empty())),
                Optional.empty(),
                Gear.USUAL_AWAY_M,
                Gear.USUAL_HAND_N,
                Gear.USUAL_SLACK_M,
                Optional.empty());
    }

    private static TakeDown plan(Aloft aloft, List<Limb> limbs, Gear gear, Cut... cuts) {
        return TakeDown.of(
                CutFigure.of(OAK, limbs), aloft, List.of(cuts), gear, new Below(FreeDrop.Surface.TURF, 0, 8, 10));
    }

    private static NextOfPieces next(TakeDown t, SinceKept since) {
        return next(t, Optional.empty(), since);
    }

    private static NextOfPieces next(TakeDown t, Optional<Fallback> no, SinceKept since, boolean... said) {
        return NextOfPieces.of(
                Optional.of(t),
                PieceJudged.all(t, SITE, OAK.at()),
                WHOLE,
                Optional.empty(),
                said.length == 0 && no.isEmpty()
                        ? Optional.empty()
                        : Optional.of(new Situation.ClimbersNo("Edda Rowe", 9, no, Optional.empty())),
                since,
                Optional.empty());
    }

    @Test
    void whatIsNotKnownIsMeasuredFirst() {
        assertThat(NextOfPieces.of(
                                Optional.empty(),
                                List.of(),
                                WHOLE,
                                Optional.empty(),
                                Optional.empty(),
                                SinceKept.NOTHING,
                                Optional.empty())
                        .kind())
                .isEqualTo(Kind.MEASURE);
    }

    @Test
    void anEmptyPlanIsDrawnGearedAndProposed() {
        assertThat(next(plan(WHOLE, List.of(), Gear.NONE), SinceKept.NOTHING).kind())
                .isEqualTo(Kind.DRAW_LIMBS);
        assertThat(next(plan(WHOLE, DRAWN, Gear.NONE), SinceKept.ANOTHER_WAY).kind())
                .isEqualTo(Kind.CHOOSE_GEAR);
        assertThat(next(plan(WHOLE, DRAWN, gear(60_000)), SinceKept.ANOTHER_WAY).kind())
                .isEqualTo(Kind.PROPOSE);
        Aloft nothingHangs = WHOLE.said(Aloft.Allowed.NOBODY);
        assertThat(next(plan(nothingHangs, DRAWN, Gear.NONE), SinceKept.ANOTHER_WAY)
                        .kind())
                .as("what may hang on nothing is asked for no line")
                .isEqualTo(Kind.PROPOSE);
    }

    @Test
    void whatStopsAPieceComesBeforeKeepingIt() {
        NextOfPieces weak = next(
                plan(WHOLE, DRAWN, gear(9_000), cut("L2", Way.BY_HAND), cut("L1", Way.TIED_ABOVE)),
                SinceKept.ANOTHER_WAY);
        assertThat(weak).isEqualTo(new NextOfPieces(Kind.SHORTEN, Optional.of(2)));
        NextOfPieces bare = next(
                plan(WHOLE, DRAWN, Gear.NONE, cut("L2", Way.BY_HAND), cut("L1", Way.TIED_ABOVE)),
                SinceKept.ANOTHER_WAY);
        assertThat(bare).isEqualTo(new NextOfPieces(Kind.LOOK_AT_PIECE, Optional.of(2)));
        NextOfPieces withdrawn = next(
                plan(
                        WHOLE,
                        DRAWN,
                        gear(new Gear.Part("line", 9_000, true, Optional.empty(), false, 1)),
                        cut("L2", Way.BY_HAND),
                        cut("L1", Way.TIED_ABOVE)),
                SinceKept.ANOTHER_WAY);
        assertThat(withdrawn)
                .as("shortening it helps nothing while its line may not be used")
                .isEqualTo(new NextOfPieces(Kind.LOOK_AT_PIECE, Optional.of(2)));
        TakeDown down = plan(WHOLE, DRAWN, gear(9_000), cut("L2", Way.BY_HAND), cut("L1", Way.TIED_ABOVE))
                .after(2);
        assertThat(next(down, SinceKept.NOTHING).kind())
                .as("nothing stands against what has come down")
                .isEqualTo(Kind.WHO_DOES_IT);
    }

    /** A log that takes the crown with it is drawn first; one below the crown is no lighter for it. */
    @Test
    void theLimbsAreDrawnWhereThatMakesItLighter() {
        assertThat(next(plan(WHOLE, List.of(), Gear.NONE, stem(12, Way.LET_RUN)), SinceKept.ANOTHER_WAY)
                        .kind())
                .isEqualTo(Kind.DRAW_LIMBS);
        assertThat(next(
                        plan(WHOLE, List.of(), Gear.NONE, stem(9, Way.FELLED), stem(7, Way.LET_RUN))
                                .after(1),
                        SinceKept.ANOTHER_WAY))
                .isEqualTo(new NextOfPieces(Kind.LOOK_AT_PIECE, Optional.of(2)));
    }

    @Test
    void whatIsInOrderIsKeptAndGivenToTheCrew() {
        TakeDown t = plan(WHOLE, DRAWN, Gear.NONE, cut("L2", Way.BY_HAND));
        assertThat(next(t, SinceKept.ANOTHER_WAY).kind()).isEqualTo(Kind.KEEP);
        assertThat(next(t, SinceKept.SAME_WAY).kind()).isEqualTo(Kind.KEEP);
        assertThat(next(t, SinceKept.NOTHING).kind()).isEqualTo(Kind.WHO_DOES_IT);
    }

    /** What a crane picks is given to nobody while the crane is not set up; what is not kept is kept first. */
    @Test
    void theCraneThatPicksItIsSetUpBeforeAnybodyDoesIt() {
        TakeDown t = plan(WHOLE, DRAWN, Gear.NONE, cut("L2", Way.BY_HAND));
        for (NextOfCrane.Kind crane : NextOfCrane.Kind.values()) {
            Kind then = crane == NextOfCrane.Kind.WHO_DOES_IT ? Kind.WHO_DOES_IT : Kind.SET_UP_CRANE;
            assertThat(picked(t, SinceKept.NOTHING, crane)).isEqualTo(then);
            assertThat(picked(t, SinceKept.ANOTHER_WAY, crane)).isEqualTo(Kind.KEEP);
        }
    }

    private static Kind picked(TakeDown t, SinceKept since, NextOfCrane.Kind crane) {
        return NextOfPieces.of(
                        Optional.of(t),
                        PieceJudged.all(t, SITE, OAK.at()),
                        WHOLE,
                        Optional.empty(),
                        Optional.empty(),
                        since,
                        Optional.of(new NextOfCrane(crane, Optional.empty(), Optional.empty())))
                .kind();
    }

    /** Whoever climbs said No: who climbs then, or how they are held, is no answer to it. */
    @Test
    void aNoStandsUntilItComesDownAnotherWay() {
        TakeDown t = plan(WHOLE, DRAWN, Gear.NONE, cut("L2", Way.BY_HAND));
        Optional<Fallback> platform = Optional.of(Fallback.PLATFORM);
        for (SinceKept same : List.of(SinceKept.NOTHING, SinceKept.SAME_WAY)) {
            assertThat(next(t, platform, same).kind()).isEqualTo(Kind.PLAN_ANEW);
            assertThat(next(t, Optional.empty(), same, true).kind()).isEqualTo(Kind.CHOOSE_INSTEAD);
        }
        assertThat(next(t, platform, SinceKept.ANOTHER_WAY).kind()).isEqualTo(Kind.KEEP);
    }

    @Test
    void whatIsLeftStandingIsKeptWithNoPiece() {
        TakeDown t = plan(WHOLE.said(Aloft.Allowed.LEAVE), DRAWN, Gear.NONE);
        NextOfPieces left = NextOfPieces.of(
                Optional.of(t),
                List.of(),
                WHOLE,
                Optional.of(Aloft.Allowed.LEAVE),
                Optional.empty(),
                SinceKept.ANOTHER_WAY,
                Optional.empty());
        assertThat(left.kind()).isEqualTo(Kind.KEEP);
    }
}
