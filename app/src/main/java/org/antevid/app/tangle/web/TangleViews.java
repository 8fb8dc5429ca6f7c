package org.antevid.app.tangle.web;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.antevid.app.reader.Speech;
import org.antevid.app.tangle.TangleRecords;
import org.antevid.app.tangle.Tangles;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemState;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.Release;
import org.antevid.core.tangle.beam.Bind;
import org.antevid.core.tangle.beam.LyingStem;
import org.antevid.core.tangle.beam.Support;
import org.antevid.core.tangle.picture.DragLine;
import org.antevid.core.tangle.picture.KerfReading;
import org.antevid.core.tangle.picture.LookAgain;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.PartOf;
import org.antevid.core.tangle.picture.Picture;
import org.antevid.core.tangle.picture.Pose;
import org.antevid.core.tangle.picture.Rest;
import org.antevid.core.tangle.picture.SideFigure;
import org.antevid.core.tangle.picture.TiedOff;
import org.antevid.words.Answer;

/** The picture of the tangle as screens read it: distances rounded up, loads in kg at the high side. */
final class TangleViews {

    private TangleViews() {}

    /** An end of a stem, or a place on it; height of the axis above ground. */
    record StemPoint(
            Spot at,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double heightM) {}

    /**
     * Where a stem lies.
     *
     * @param outline of the stem on the plan, thick butt to thin tip; empty while its diameter is not known
     */
    record PoseView(
            StemPoint butt,
            StemPoint tip,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double lengthM,
            @Shown(in = Dimension.ANGLE, to = Side.NEAREST) double angleDeg,
            @Shown(in = Dimension.LENGTH, to = Side.UP) double sigmaM,
            Pose.TakenHow how,
            String who,
            Instant at,
            List<Spot> outline) {}

    /**
     * Where a stem touches something.
     *
     * @param otherName as it is called on the plan
     * @param at on the plan, where the pose is known
     * @param loadKg it presses with, high; empty while it cannot be reckoned
     * @param touches false: it was entered, but reckoned it does not touch
     */
    record RestView(
            String id,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double xM,
            Rest.On on,
            Optional<String> other,
            String otherName,
            Support.Side side,
            Optional<Rest.Fibres> fibres,
            Rest.Certainty certainty,
            String who,
            Instant seenAt,
            Optional<StemPoint> at,
            @Shown(in = Dimension.MASS, to = Side.UP) Optional<Double> loadKg,
            Optional<Boolean> touches) {}

    /** A raised plate as measured. */
    record PlateView(
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double widthM,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double heightM,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double thickM,
            @Shown(in = Dimension.ANGLE, to = Side.NEAREST) double psiDeg,
            String who,
            Instant at) {}

    /** A stem bent between two holds, as measured. */
    record BowView(
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double chordM,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double riseM,
            String who,
            Instant at) {}

    /** A part of a stem nobody saw. */
    record HiddenView(
            String id,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double fromM,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double toM,
            String who,
            Instant at) {}

    /**
     * A stem of the tangle.
     *
     * @param turn its number in the order, from 1; empty without an order
     * @param layer 0 for the uppermost
     * @param bearsOn labels and ids it rests on
     * @param bears labels that rest on it
     * @param unknown what has to be measured before its forces can be reckoned
     * @param edges squeezed sides along it
     * @param kerf what a first cut showed since it was last looked at
     * @param lookAgain why it has to be looked at again
     * @param lookIsOld looked at longer ago than a look counts
     * @param dragLine by which it is to be dragged away, {@code bight} the ground inside its bend
     * @param tiedOff by which its butt is kept, {@code swing} the ground it can come over
     * @param unstable as entered, nothing holds it up: a rest is missing
     * @param partOf the stem it was torn from
     * @param starts where its butt is by that, while nobody said where it lies
     */
    record TangledStem(
            String stemId,
            String label,
            StemState state,
            Optional<Integer> turn,
            int layer,
            Optional<PoseView> pose,
            @Shown(in = Dimension.SHORT, to = Side.NEAREST) Optional<Double> buttDM,
            @Shown(in = Dimension.MASS, to = Side.UP) Optional<Double> massKg,
            List<RestView> rests,
            List<String> bearsOn,
            List<String> bears,
            Optional<PlateView> plate,
            Optional<BowView> bow,
            List<HiddenView> hidden,
            List<Picture.Unknown> unknown,
            List<SideViews.EdgeView> edges,
            Optional<SideViews.SideView> side,
            Optional<KerfReading> kerf,
            Optional<LookAgain> lookAgain,
            Optional<Instant> lookedAt,
            boolean lookIsOld,
            boolean unstable,
            Optional<DragLine> dragLine,
            List<List<Spot>> bight,
            Optional<TiedOff> tiedOff,
            List<List<Spot>> swing,
            Optional<PartOfView> partOf,
            Optional<StemPoint> starts,
            RingView ring) {}

    /** The stem a torn one is part of, and how high. */
    record PartOfView(
            PartOf.Kind kind,
            String stem,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double atM) {}

    /** The closed ground of a stem. */
    record RingView(
            GuardRing.Shape shape,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) Optional<Double> radiusM,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) Optional<Double> downslopeM,
            boolean wholeSlope,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) Optional<Double> stripHalfM,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) Optional<Double> plateM,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) Optional<Double> sweepM,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) Optional<Double> envelopeM,
            @Shown(in = Dimension.DISTANCE, to = Side.UP) Optional<Double> guardM,
            GuardRing.GuardPlace guardWhere,
            List<GuardRing.Part> notKnown) {
        static RingView of(GuardRing r) {
            return new RingView(
                    r.shape(),
                    up(r.radiusM()),
                    up(r.downslopeM()),
                    r.wholeSlope(),
                    up(r.stripHalfM()),
                    up(r.plateM()),
                    up(r.sweepM()),
                    up(r.envelopeM()),
                    up(r.guardM()),
                    r.guardWhere(),
                    r.notKnown());
        }

        private static Optional<Double> up(Optional<Double> m) {
            return m.map(x -> Rounding.up(x, 0));
        }
    }

    static List<TangledStem> stems(Tangles.Tangle t, Instant now) {
        Picture p = t.picture();
        List<List<String>> layers = p.layers();
        List<List<String>> order = t.release().map(Release::order).orElse(List.of());
        List<Pile.Relation> rests = p.allRelations().stream()
                .filter(r -> r.type() == Pile.Type.RESTS_ON)
                .toList();
        return p.members().stream()
                .map(m -> stem(t, now, m, turn(order, m.label()), layer(layers, m.label()), rests))
                .toList();
    }

    private static Optional<Integer> turn(List<List<String>> order, String label) {
        return IntStream.range(0, order.size())
                .filter(i -> order.get(i).contains(label))
                .mapToObj(i -> i + 1)
                .findFirst();
    }

    private static int layer(List<List<String>> layers, String label) {
        return IntStream.range(0, layers.size())
                .filter(i -> layers.get(i).contains(label))
                .findFirst()
                .orElse(0);
    }

    private static TangledStem stem(
            Tangles.Tangle t, Instant now, Member m, Optional<Integer> turn, int layer, List<Pile.Relation> related) {
        Picture p = t.picture();
        String id = t.ids().getOrDefault(m.label(), "");
        Optional<Bind> bind = bind(p, m);
        GuardRing ring =
                Optional.ofNullable(t.rings().get(m.label())).orElseGet(() -> Picture.ringAlone(m, p.ground()));
        return new TangledStem(
                id,
                m.label(),
                m.reading().state(),
                turn,
                layer,
                Optional.ofNullable(t.now().poses().get(id)).map(n -> pose(m, n)),
                m.buttDM(),
                m.reading().mass(0.1).map(x -> Rounding.up(x.massHighKg(), 0)),
                rests(t, m, bind),
                related.stream()
                        .filter(r -> r.a().equals(m.label()))
                        .map(Pile.Relation::b)
                        .toList(),
                related.stream()
                        .filter(r -> r.b().equals(m.label()))
                        .map(Pile.Relation::a)
                        .toList(),
                Optional.ofNullable(t.now().plates().get(id))
                        .map(n -> new PlateView(
                                n.what().widthM(),
                                n.what().heightM(),
                                n.what().thickM(),
                                n.what().psiDeg(),
                                n.seen().who(),
                                n.seen().at())),
                Optional.ofNullable(t.now().bows().get(id))
                        .map(n -> new BowView(
                                n.what().chordM(),
                                n.what().riseM(),
                                n.seen().who(),
                                n.seen().at())),
                t.now().hidden().getOrDefault(id, List.of()).stream()
                        .map(n -> new HiddenView(
                                n.what().id(),
                                n.what().part().fromM(),
                                n.what().part().toM(),
                                n.seen().who(),
                                n.seen().at()))
                        .toList(),
                p.unknown(m.label()),
                bind.flatMap(b -> SideFigure.of(m).map(f -> SideViews.edges(b, f)))
                        .orElse(List.of()),
                SideFigure.of(m).map(f -> SideViews.SideView.of(f, p.restsOf(m.label()), m.notSeen())),
                m.kerf(),
                m.lookAgain(),
                Optional.ofNullable(t.lookedAt().get(id)),
                Optional.ofNullable(t.lookedAt().get(id))
                        .filter(at -> LookAgain.old(Duration.between(at, now).toSeconds()))
                        .isPresent(),
                p.unknown(m.label()).isEmpty() && bind.isEmpty(),
                m.dragLine(),
                m.dragLine()
                        .flatMap(l -> l.bight(m.pose()
                                .map(x -> x.butt().at())
                                .orElse(m.reading().at())))
                        .map(Shape::outlines)
                        .orElse(List.of()),
                m.tiedOff(),
                m.tiedOff().flatMap(x -> x.swing(p, m)).map(Shape::outlines).orElse(List.of()),
                m.partOf().map(x -> new PartOfView(x.kind(), x.stem(), x.atM())),
                m.partOf().map(x -> place(p.tornAt(x, m))),
                RingView.of(ring));
    }

    /** @return the forces of a stem, with cuts all along it for its edges; empty while something is not known */
    private static Optional<Bind> bind(Picture p, Member m) {
        return p.beam(m.label()).flatMap(beam -> {
            List<Double> cuts = new ArrayList<>();
            for (double x = SideViews.EDGE_EVERY_M; x < beam.lengthM() - 0.2; x += SideViews.EDGE_EVERY_M) {
                cuts.add(x);
            }
            try {
                return Optional.of(Bind.of(beam, cuts));
            } catch (RefusedInput unstable) {
                return Optional.empty();
            }
        });
    }

    private static StemPoint place(Pose.End e) {
        return new StemPoint(e.at(), e.heightM());
    }

    private static PoseView pose(Member m, TangleRecords.Noted<TangleRecords.TakenPose> n) {
        Pose p = n.what().pose();
        return new PoseView(
                place(p.butt()),
                place(p.tip()),
                p.lengthM(),
                p.angleDeg(),
                p.sigmaM(),
                n.what().how(),
                n.seen().who(),
                n.seen().at(),
                outline(m, p));
    }

    private static List<Spot> outline(Member m, Pose p) {
        if (m.buttDM().isEmpty()) {
            return List.of();
        }
        double az = p.azDeg();
        double butt = m.buttDM().orElseThrow() / 2;
        double tip = m.diameterM(p.lengthM()).orElse(0.0) / 2;
        return List.of(
                p.butt().at().at(az - 90, butt),
                p.tip().at().at(az - 90, tip),
                p.tip().at().at(az + 90, tip),
                p.butt().at().at(az + 90, butt));
    }

    private static List<RestView> rests(Tangles.Tangle t, Member m, Optional<Bind> bind) {
        List<Rest> ordered = t.picture().restsOf(m.label());
        return IntStream.range(0, ordered.size())
                .mapToObj(i ->
                        rest(t, m, ordered.get(i), bind.map(b -> b.reactionsN().get(i)), bind.map(b -> !b.lifted()
                                .contains(i))))
                .sorted(Comparator.comparingDouble(RestView::xM))
                .toList();
    }

    private static RestView rest(
            Tangles.Tangle t, Member m, Rest r, Optional<Double> reactionN, Optional<Boolean> touches) {
        TangleRecords.Seen seen = t.now().rests().stream()
                .filter(n -> n.what().id().equals(r.id()))
                .map(TangleRecords.Noted::seen)
                .findFirst()
                .orElseThrow();
        return new RestView(
                r.id(),
                r.xM(),
                r.on(),
                r.other(),
                touched(t, m, r),
                r.side(),
                r.fibres(),
                r.certainty(),
                seen.who(),
                seen.at(),
                m.pose().map(p -> place(p.at(r.xM()))),
                reactionN.map(n -> Rounding.up(Math.abs(n) / StemMass.G, 0)),
                touches);
    }

    /** @return what a stem touches there, as it is called on the plan */
    static String touched(Tangles.Tangle t, Member m, Rest r) {
        if (r.on() == Rest.On.OWN_STUMP && m.partOf().isPresent()) {
            return Speech.words()
                    .say(Message.of(PartOf.Said.TEAR_ON).with("stem", m.partOf().map(p -> Arg.name(p.stem()))));
        }
        return r.other().map(o -> t.names().getOrDefault(o, o)).orElseGet(() -> Speech.words()
                .term(r.on()));
    }

    /** Two stems that cross on the plan. */
    record CrossingView(
            String upper,
            String lower,
            Spot at,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double apartM) {}

    static List<CrossingView> crossings(Tangles.Tangle t) {
        return t.picture().crossings().stream()
                .map(c -> new CrossingView(c.upper(), c.lower(), c.at(), c.apartM()))
                .toList();
    }

    /** @return the stem as a beam, refused with what is missing */
    static LyingStem beam(Tangles.Tangle t, String label) {
        return t.picture()
                .beam(label)
                .orElseThrow(() -> new RefusedInput(
                        "NOT_KNOWN",
                        "stem",
                        Message.of(Answer.BEAM_NOT_KNOWN)
                                .with("missing", Arg.terms(t.picture().unknown(label)))
                                .with("stem", Arg.name(label))));
    }
}
