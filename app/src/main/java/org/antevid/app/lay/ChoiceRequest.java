package org.antevid.app.lay;

import static org.antevid.app.reader.Given.or;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.Set;
import org.antevid.app.house.Kits;
import org.antevid.core.assist.KitItem;
import org.antevid.core.assist.PullLine;
import org.antevid.core.assist.Rig;
import org.antevid.core.assist.Wedges;
import org.antevid.core.lay.Guy;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.Support;
import org.antevid.core.lay.spread.LaySpread;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.retreat.Leaving;
import org.antevid.core.site.Spot;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.CutChoice;
import org.antevid.core.stump.FaceOrder;
import org.antevid.core.stump.School;
import org.antevid.core.stump.Technique;
import org.antevid.words.Answer;
import org.jspecify.annotations.Nullable;

/**
 * What the leader chooses for one stem, with kit by its id on the house's list. Which ways out are cleared and what the
 * opened face showed are kept on their own and not sent.
 */
public record ChoiceRequest(
        @NotNull Double layDeg,
        @NotNull Double cutHeightM,
        @NotNull School school,
        @NotNull Double barM,
        @NotNull Means.Kind means,
        Optional<Double> ropeHeightM,
        Optional<Double> anchorDistM,
        Optional<Double> pullN,
        LaySpread.@Nullable Skill skill,
        Optional<Spot> stand,
        Optional<Spot> puller,
        @Size(max = 40) @Nullable String coverTree,
        Leaving.@Nullable Clock clock,
        @Valid @Nullable CutsRequest cuts,
        @Valid @Nullable RigRequest rig,
        @Valid @Nullable SupportRequest support) {

    /** Measures the leader sets himself, metres; what is missing follows the rule. */
    @JsonIgnoreProperties(ignoreUnknown = true)
    public record CutsRequest(
            Optional<BackCut> backCut,
            @Nullable FaceOrder faceOrder,
            Optional<Double> hingeLeftM,
            Optional<Double> hingeRightM,
            Optional<Double> depthM,
            Optional<Double> faceDeg,
            Optional<Double> stepM,
            Optional<Double> strapM,
            Optional<Double> barkM,
            Optional<Double> alongM,
            Optional<Double> acrossM,
            @Size(max = 200) @Nullable String reason,
            @Nullable Set<Technique> techniques,
            @Size(max = 60) @Nullable String sawId) {
        public static final CutsRequest NONE = new CutsRequest(
                Optional.empty(),
                null,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                null,
                null,
                null);

        CutChoice forCore() {
            return new CutChoice(
                    or(backCut),
                    faceOrder == null ? FaceOrder.SLOPING_FIRST : faceOrder,
                    or(hingeLeftM),
                    or(hingeRightM),
                    or(depthM),
                    or(faceDeg),
                    or(stepM),
                    or(strapM),
                    or(barkM),
                    or(alongM),
                    or(acrossM),
                    reason == null ? "" : reason.strip(),
                    techniques == null ? Set.of() : techniques,
                    Optional.empty());
        }
    }

    /**
     * How a line is rigged.
     *
     * @param proposed nobody has looked at tie, anchor and pull yet
     */
    @JsonIgnoreProperties(ignoreUnknown = true)
    public record RigRequest(
            Rig.@Nullable Tie tie,
            @Nullable Double legAngleDeg,
            @Nullable Integer parts,
            @Nullable Double partEfficiency,
            @Nullable Integer people,
            @Size(max = 60) @Nullable String ropeId,
            @Size(max = 60) @Nullable String slingId,
            @Size(max = 60) @Nullable String blockId,
            Optional<Double> anchorDiameterM,
            Optional<Double> anchorSlingM,
            Optional<Double> pretensionN,
            Rig.@Nullable PullBegin when,
            @Nullable Boolean proposed) {
        public static final RigRequest PLAIN = new RigRequest(
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                null,
                null);

        Rig forCore(Kits kits) {
            return new Rig(
                    tie == null ? Rig.Tie.TIED : tie,
                    legAngleDeg == null ? 0 : legAngleDeg,
                    parts == null ? 1 : parts,
                    partEfficiency == null ? Rig.PLAIN.partEfficiency() : partEfficiency,
                    people == null ? PullLine.MOST_PEOPLE : people,
                    kits.item(ropeId, KitItem.Kind.ROPE).map(i -> i.asRope(kits.year())),
                    kits.item(slingId, KitItem.Kind.SLING).map(KitItem::asSling),
                    kits.item(blockId, KitItem.Kind.BLOCK).map(KitItem::asBlock),
                    or(anchorDiameterM).flatMap(d -> or(anchorSlingM).map(s -> new Rig.AnchorTree(d, s))),
                    or(pretensionN),
                    when == null ? Rig.PullBegin.STRAP_RELEASED : when);
        }
    }

    /** A line that stands by. */
    @JsonIgnoreProperties(ignoreUnknown = true)
    public record LineRequest(
            @NotNull Means.Kind kind,
            Optional<Double> ropeHeightM,
            Optional<Double> anchorDistM,
            Optional<Double> pullN,
            Optional<Spot> stand,
            Optional<Spot> puller,
            @Valid @Nullable RigRequest rig) {
        Means forCore(Kits kits) {
            return new Means(
                    kind,
                    or(ropeHeightM),
                    or(anchorDistM),
                    or(pullN),
                    or(stand),
                    or(puller),
                    0,
                    (rig == null ? RigRequest.PLAIN : rig).forCore(kits));
        }
    }

    /** What holds a stem that rolls or runs downhill, how far down, and who keeps the ground empty to there. */
    @JsonIgnoreProperties(ignoreUnknown = true)
    public record BelowRequest(
            @Size(max = 60) String holds,
            Double downM,
            @Size(max = 60) String by) {
        LayChoice.Below forCore() {
            if (downM == null) {
                throw new RefusedInput("MISSING", "belowM", Message.of(Answer.HOW_FAR_DOWN));
            }
            return new LayChoice.Below(holds, downM, by);
        }
    }

    /** What stands by beside the means. */
    @JsonIgnoreProperties(ignoreUnknown = true)
    public record SupportRequest(
            Optional<Double> guyHeightM,
            Optional<Spot> guyAnchor,
            @Size(max = 60) @Nullable String guyRopeId,
            @Valid @Nullable LineRequest fallback,
            @Size(max = 60) @Nullable String wedgeId,
            @Nullable Integer stack,
            @Nullable Integer beside,
            @Nullable Boolean keepOpen,
            @Valid @Nullable BelowRequest below) {
        public static final SupportRequest NONE =
                new SupportRequest(Optional.empty(), Optional.empty(), null, null, null, null, null, null, null);

        Support forCore(Kits kits) {
            int on = stack == null ? 1 : stack;
            int next = beside == null ? 2 : beside;
            Wedges.Set wedges = kits.item(wedgeId, KitItem.Kind.WEDGE)
                    .map(i -> i.asWedges(on, next))
                    .orElseGet(() -> new Wedges.Set(
                            Wedges.Set.USUAL.name(), Wedges.Set.USUAL.liftM(), Wedges.Set.USUAL.lengthM(), on, next));
            return new Support(
                    or(guyHeightM).flatMap(h -> or(guyAnchor)
                            .map(a -> new Guy(
                                    h,
                                    a,
                                    kits.item(guyRopeId, KitItem.Kind.ROPE).map(i -> i.asRope(kits.year()))))),
                    Optional.ofNullable(fallback).map(f -> f.forCore(kits)),
                    wedges,
                    beside == null,
                    keepOpen != null && keepOpen);
        }
    }

    /** A choice of lay and means alone. */
    public static ChoiceRequest plain(
            double layDeg,
            double cutHeightM,
            School school,
            double barM,
            Means.Kind means,
            Optional<Double> ropeHeightM,
            Optional<Double> anchorDistM,
            Optional<Double> pullN) {
        return new ChoiceRequest(
                layDeg,
                cutHeightM,
                school,
                barM,
                means,
                ropeHeightM,
                anchorDistM,
                pullN,
                null,
                Optional.empty(),
                Optional.empty(),
                null,
                null,
                null,
                null,
                null);
    }

    /** @return the same on this rope, whose tie, anchor and pull nobody has looked at yet */
    public ChoiceRequest onProposedRope(Optional<String> ropeId) {
        return new ChoiceRequest(
                layDeg,
                cutHeightM,
                school,
                barM,
                means,
                ropeHeightM,
                anchorDistM,
                pullN,
                skill,
                stand,
                puller,
                coverTree,
                clock,
                cuts,
                new RigRequest(
                        null,
                        null,
                        null,
                        null,
                        null,
                        ropeId.orElse(null),
                        null,
                        null,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        null,
                        true),
                support);
    }

    /** @throws org.antevid.core.quantity.RefusedInput naming the field that cannot be, before anything is computed */
    public LayChoice choice(Kits kits) {
        Means line = new Means(
                means,
                or(ropeHeightM),
                or(anchorDistM),
                or(pullN),
                or(stand),
                or(puller),
                0,
                (rig == null ? RigRequest.PLAIN : rig).forCore(kits));
        double bar = cuts == null
                ? barM
                : kits.item(cuts.sawId, KitItem.Kind.SAW).flatMap(KitItem::barM).orElse(barM);
        return new LayChoice(
                        layDeg,
                        cutHeightM,
                        school,
                        bar,
                        line,
                        skill == null ? LaySpread.Skill.TRAINED : skill,
                        new Leaving(
                                Set.of(),
                                Optional.ofNullable(coverTree)
                                        .map(String::strip)
                                        .filter(t -> !t.isEmpty()),
                                clock == null
                                        ? (line.isLine() ? Leaving.Clock.AT_PULL : Leaving.Clock.AT_MOVEMENT)
                                        : clock),
                        (cuts == null ? CutsRequest.NONE : cuts).forCore(),
                        (support == null ? SupportRequest.NONE : support).forCore(kits))
                .below(Optional.ofNullable(support).map(SupportRequest::below).map(BelowRequest::forCore));
    }
}
