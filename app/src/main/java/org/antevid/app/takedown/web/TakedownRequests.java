package org.antevid.app.takedown.web;

import static org.antevid.app.reader.Given.or;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.antevid.app.takedown.ChosenGear;
import org.antevid.app.takedown.Planned;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.takedown.drop.FreeDrop;
import org.antevid.core.takedown.pieces.Aloft;
import org.antevid.core.takedown.pieces.Climb;
import org.antevid.core.takedown.pieces.ClimbKit;
import org.antevid.core.takedown.pieces.Cut;
import org.antevid.core.takedown.pieces.DropBed;
import org.antevid.core.takedown.pieces.Fallback;
import org.antevid.core.takedown.pieces.Guy;
import org.antevid.core.takedown.pieces.Limb;
import org.antevid.core.takedown.pieces.SecondLine;
import org.antevid.core.takedown.pieces.Way;
import org.jspecify.annotations.Nullable;

/** What is sent of a tree taken down in pieces. */
final class TakedownRequests {
    private TakedownRequests() {}

    /**
     * A limb as it is drawn.
     *
     * @param id chosen by who draws it, unique in the tree
     * @param atM where it leaves the stem above ground, 0..120 m
     * @param thickM at its base, 0.02..1.5 m
     * @param lengthM 0.3..30 m
     * @param sideDeg azimuth it grows to
     * @param riseDeg above level, -60..80 degrees
     */
    record LimbDrawn(
            @NotBlank @Size(max = 60) String id,
            @NotNull Double atM,
            @NotNull Double thickM,
            @NotNull Double lengthM,
            @NotNull Double sideDeg,
            @NotNull Double riseDeg,
            @Nullable Boolean loose) {
        static LimbDrawn of(Limb l) {
            return new LimbDrawn(l.id(), l.atM(), l.thickM(), l.lengthM(), l.sideDeg(), l.riseDeg(), l.loose());
        }

        Limb forCore() {
            return new Limb(id, atM, thickM, lengthM, sideDeg, riseDeg, Boolean.TRUE.equals(loose));
        }
    }

    /**
     * A cut; the piece is all that is beyond it.
     *
     * @param limb id of the limb; left out: the stem
     * @param atM along the limb from the stem, or of the stem above ground
     * @param tieM knot from the cut along the piece; left out: the usual place
     * @param blockM height of the block above ground; left out: the usual place
     * @param runM line the brake lets out, 0..20 m
     * @param towardDeg azimuth a top goes to over its hinge, clockwise from north; left out: nobody said
     */
    record CutDrawn(
            Optional<String> limb,
            @NotNull Double atM,
            @NotNull Way way,
            Optional<Double> tieM,
            Optional<Double> blockM,
            Optional<Double> runM,
            Optional<Double> towardDeg) {
        static CutDrawn of(Cut c) {
            return new CutDrawn(c.limb(), c.atM(), c.way(), c.tieM(), c.blockM(), c.runM(), c.towardDeg());
        }

        Cut forCore() {
            return new Cut(or(limb), atM, way, or(tieM), or(blockM), or(runM), or(towardDeg));
        }
    }

    /**
     * What the pieces hang on, ids of the house's list.
     *
     * @param brakeDeg azimuth to a brake on another tree; left out: down the trunk
     * @param brakeAwayM how far off that one is, 1..60 m
     * @param handN pull of the brake hand, 50..300 N
     * @param slackM 0..3 m
     * @param second left out: none
     */
    record GearChosen(
            Optional<String> line,
            Optional<String> block,
            Optional<String> sling,
            Optional<String> brake,
            Optional<Double> brakeDeg,
            Optional<Double> brakeAwayM,
            Optional<Double> handN,
            Optional<Double> slackM,
            Optional<@Valid SecondPut> second) {
        static GearChosen of(ChosenGear g) {
            return new GearChosen(
                    g.line(),
                    g.block(),
                    g.sling(),
                    g.brake(),
                    g.brakeDeg(),
                    Optional.of(g.brakeAwayM()),
                    Optional.of(g.handN()),
                    Optional.of(g.slackM()),
                    g.second().map(SecondPut::of));
        }

        ChosenGear forService() {
            ChosenGear usual = ChosenGear.NONE;
            return new ChosenGear(
                    or(line),
                    or(block),
                    or(sling),
                    or(brake),
                    or(brakeDeg),
                    or(brakeAwayM).orElse(usual.brakeAwayM()),
                    or(handN).orElse(usual.handN()),
                    or(slackM).orElse(usual.slackM()),
                    or(second).map(SecondPut::forService));
        }
    }

    /**
     * A second line from another tree: draws pieces across, or holds them first.
     *
     * @param line id of the house's list
     * @param deg azimuth from the stem to that tree
     * @param awayM how far off it stands, 2..60 m
     * @param heightM of the line on it, 0.3..40 m
     * @param toM how far from the stem a piece is let down, 0.5 m up to that tree
     * @param letDownM in the line that holds it before it is drawn, 0..30 m
     * @param sound whether somebody found that tree sound; left out: nobody looked
     * @param holdsFirst over what it holds a piece first; left out: it is tied on that tree
     */
    record SecondPut(
            Optional<String> line,
            @NotNull Double deg,
            @NotNull Double awayM,
            @NotNull Double heightM,
            @NotNull Double toM,
            @NotNull Double letDownM,
            Optional<Boolean> sound,
            Optional<@Valid FrictionPut> holdsFirst) {
        static SecondPut of(ChosenGear.Second s) {
            SecondLine x = s.line().rigged();
            return new SecondPut(
                    s.line().line(),
                    x.deg(),
                    x.awayM(),
                    x.heightM(),
                    x.toM(),
                    x.letDownM(),
                    x.sound(),
                    s.holdsFirst().map(h -> new FrictionPut(h.device(), h.sling())));
        }

        ChosenGear.Second forService() {
            return new ChosenGear.Second(
                    new ChosenGear.OnLine<>(
                            or(line), new SecondLine(Optional.empty(), deg, awayM, heightM, toM, letDownM, or(sound))),
                    or(holdsFirst).map(h -> new ChosenGear.ChosenFriction(or(h.device), or(h.sling))));
        }
    }

    /**
     * Friction on another tree, ids of the house's list.
     *
     * @param device a lowering brake hung up there, {@code sling} what holds it; left out: not chosen
     */
    record FrictionPut(Optional<String> device, Optional<String> sling) {}

    /**
     * A bed that pieces are let down onto.
     *
     * @param name of a landing bed on the plan
     * @param takesKg so heavy a piece from 5 m, 1..5000 kg; left out: nobody said
     * @param saidBy id of who said so
     */
    record BedPut(
            @NotBlank @Size(max = 200) String name, Optional<Double> takesKg, Optional<@Size(max = 60) String> saidBy) {
        static BedPut of(DropBed b) {
            return new BedPut(b.name(), b.takesKg(), b.saidBy());
        }

        DropBed forCore() {
            return new DropBed(name, or(takesKg), or(saidBy));
        }
    }

    /**
     * A back guy.
     *
     * @param line id of the house's list
     * @param heightM on the stem, 0.5..60 m
     * @param deg azimuth from the stem to its anchor
     * @param awayM 1..200 m
     * @param anchorHeightM above the foot of the stem, -20..40 m
     * @param pretensionN 0..1e6 N
     * @param turnedDeg how far the plate has turned, 0..40 degrees; left out: all of the lean counts
     * @param proven pulled to its load before anybody cut
     * @param sound whether somebody found the anchor sound; left out: nobody looked
     */
    record GuyPut(
            Optional<String> line,
            @NotNull Double heightM,
            @NotNull Double deg,
            @NotNull Double awayM,
            @NotNull Double anchorHeightM,
            @NotNull Double pretensionN,
            Optional<Double> turnedDeg,
            boolean proven,
            Optional<Boolean> sound) {
        static GuyPut of(ChosenGear.OnLine<Guy> g) {
            Guy x = g.rigged();
            return new GuyPut(
                    g.line(),
                    x.heightM(),
                    x.deg(),
                    x.awayM(),
                    x.anchorHeightM(),
                    x.pretensionN(),
                    x.turnedDeg(),
                    x.proven(),
                    x.sound());
        }

        ChosenGear.OnLine<Guy> forService() {
            return new ChosenGear.OnLine<>(
                    or(line),
                    new Guy(
                            Optional.empty(),
                            heightM,
                            deg,
                            awayM,
                            anchorHeightM,
                            pretensionN,
                            or(turnedDeg),
                            proven,
                            or(sound)));
        }
    }

    /**
     * How whoever cuts aloft is held; what is left out nobody said.
     *
     * @param tieInM height of the life line on the stem while limbs are cut, 0.2..100 m
     * @param attachments while the saw runs, 0..5
     * @param cutProof whether one of them is
     * @param wayDown whether a line reaches the ground from there
     * @param spikes whether it is climbed on them
     * @param rescueMin minutes until the rescuer has them on the ground, 1..120
     * @param swayM how far the stem sways once a top has gone, 0..10 m
     * @param reachM height that platform or basket reaches, 1..120 m
     * @param saidBy id of who said these numbers
     * @param kit when each piece of it was last looked over
     */
    record ClimbSaid(
            Optional<Double> tieInM,
            Optional<Integer> attachments,
            Optional<Boolean> cutProof,
            Optional<Boolean> wayDown,
            Optional<Boolean> spikes,
            Optional<Integer> rescueMin,
            Optional<Double> swayM,
            Optional<Double> reachM,
            Optional<@Size(max = 60) String> saidBy,
            @Nullable Map<ClimbKit, LocalDate> kit) {
        static ClimbSaid of(Climb c) {
            return new ClimbSaid(
                    c.tieInM(),
                    c.attachments(),
                    c.cutProof(),
                    c.wayDown(),
                    c.spikes(),
                    c.rescueMin(),
                    c.swayM(),
                    c.reachM(),
                    c.saidBy(),
                    c.kit().entrySet().stream()
                            .collect(Collectors.toMap(
                                    Map.Entry::getKey,
                                    e -> LocalDate.ofEpochDay(e.getValue()),
                                    (a, b) -> b,
                                    TreeMap::new)));
        }

        Climb forCore() {
            return new Climb(
                    or(tieInM),
                    or(attachments),
                    or(cutProof),
                    or(wayDown),
                    or(spikes),
                    or(rescueMin),
                    or(swayM),
                    or(reachM),
                    or(saidBy),
                    kit == null
                            ? Map.of()
                            : kit.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, e ->
                                    (int) e.getValue().toEpochDay())));
        }
    }

    /**
     * A plan of pieces.
     *
     * @param bed left out: none
     * @param mayBe who may be aloft as the leader says it; left out: as the records say
     * @param climber id of who cuts aloft
     * @param fallback what is done when the climber says No
     * @param agreedWith whom the damage was agreed with; needed with that fallback
     * @param guy left out: none
     * @param climb left out: nobody said
     */
    record TakedownRequest(
            @NotNull @Size(max = 60) List<@Valid @NotNull LimbDrawn> limbs,
            @NotNull @Size(max = 120) List<@Valid @NotNull CutDrawn> cuts,
            @NotNull @Valid GearChosen gear,
            FreeDrop.@NotNull Surface surface,
            Optional<@Valid BedPut> bed,
            Optional<Aloft.Allowed> mayBe,
            Optional<String> climber,
            Optional<Fallback> fallback,
            Optional<@Size(max = 120) String> agreedWith,
            Optional<@Valid GuyPut> guy,
            Optional<ClimbSaid> climb) {
        static TakedownRequest of(Planned p) {
            return new TakedownRequest(
                    p.limbs().stream().map(LimbDrawn::of).toList(),
                    p.cuts().stream().map(CutDrawn::of).toList(),
                    GearChosen.of(p.gear()),
                    p.surface(),
                    p.bed().map(BedPut::of),
                    p.said(),
                    p.climber(),
                    p.fallback(),
                    p.agreedWith(),
                    p.guy().map(GuyPut::of),
                    Optional.of(p.climb())
                            .filter(c -> !c.equals(Climb.NOT_SAID))
                            .map(ClimbSaid::of));
        }

        Planned forService() {
            return new Planned(
                    limbs.stream().map(LimbDrawn::forCore).toList(),
                    cuts.stream().map(CutDrawn::forCore).toList(),
                    gear.forService(),
                    surface,
                    or(bed).map(BedPut::forCore),
                    or(mayBe).map(TakedownRequests::sayable),
                    or(climber),
                    or(fallback),
                    or(agreedWith).map(String::strip).filter(s -> !s.isEmpty()),
                    or(guy).map(GuyPut::forService),
                    or(climb).map(ClimbSaid::forCore).orElse(Climb.NOT_SAID));
        }
    }

    private static Aloft.Allowed sayable(Aloft.Allowed a) {
        if (!Aloft.Allowed.sayable().contains(a)) {
            throw new RefusedInput(Refusal.NO_ANSWER, "mayBe");
        }
        return a;
    }

    /** @param atM where the climber hangs, above ground, 0..120 m */
    record NoRequest(@NotNull Double atM) {}

    /**
     * @param stem its label
     * @param atM where the climber hangs, above ground, 0..120 m
     */
    record NoOfStemRequest(
            @NotBlank @Size(max = 40) String stem, @NotNull Double atM) {}
}
