package org.antevid.core.tangle.picture;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Shape;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.Holding;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.Release;
import org.antevid.core.tangle.beam.Across;
import org.antevid.core.tangle.beam.Bind;
import org.antevid.core.tangle.beam.Clearance;
import org.antevid.core.tangle.beam.LyingStem;
import org.antevid.core.tangle.beam.Support;

/**
 * All that is known of a tangle: its stems, where they rest, what ties and overhangs them, what is at hand. The order,
 * the rings and the forces follow from it.
 *
 * @param standing what stays and bears something: kept trees by label, features of the place by id
 * @param struck what stems lie on that is asked about before anything is lifted
 * @param relations ties, overhangs, ropes, and rests whose place nobody measured
 */
public record Picture(
        List<Member> members,
        Set<String> standing,
        List<Rest> rests,
        List<Pile.Relation> relations,
        AtHand atHand,
        Ground ground,
        List<Struck> struck) {
    /** Two axes farther apart than this at a rest do not touch there, metres. */
    public static final double APART_M = 0.3;

    private static final double AROUND_M = 1.5;
    private static final double SAME_REST_M = 0.05;

    /**
     * What is there to pull and lift with, by Place and House.
     *
     * @param machine one with a cab gets in
     * @param tractorWinchN strongest that gets in
     * @param handWinchN strongest of the house
     * @param holdings what is held while others of its ring are moved
     */
    public record AtHand(
            boolean machine, Optional<Double> tractorWinchN, Optional<Double> handWinchN, List<Holding> holdings) {}

    public Picture {
        members = List.copyOf(members);
        standing = Set.copyOf(standing);
        rests = List.copyOf(rests);
        relations = List.copyOf(relations);
        struck = List.copyOf(struck);
    }

    public Optional<Member> member(String label) {
        return members.stream().filter(m -> m.label().equals(label)).findFirst();
    }

    public List<Rest> restsOf(String label) {
        return rests.stream()
                .filter(r -> r.stem().equals(label))
                .sorted(Comparator.comparingDouble(Rest::xM))
                .toList();
    }

    /**
     * @throws RefusedInput for a rest that cannot be: outside its stem, too near another, or where the two axes lie
     *     apart
     */
    public void require(Rest rest) {
        List<Fault> faults = new ArrayList<>();
        Optional<Double> length = member(rest.stem()).flatMap(Member::lengthM);
        length.filter(l -> !(rest.xM() >= 0 && rest.xM() <= l))
                .ifPresent(l -> faults.add(new Fault(
                        Message.of(Refusal.REST_OUTSIDE_STEM).with("length", Arg.of(Dimension.LENGTH, l)), "xM")));
        restsOf(rest.stem()).stream()
                .filter(o -> !o.id().equals(rest.id()) && Math.abs(o.xM() - rest.xM()) < SAME_REST_M)
                .findFirst()
                .ifPresent(o -> faults.add(new Fault(Refusal.SUPPORTS_TOO_CLOSE, "xM")));
        if (rest.on().named() && rest.other().isEmpty()) {
            faults.add(new Fault(Refusal.NEEDED, "other"));
        }
        rest.other()
                .filter(o -> o.equals(rest.stem()))
                .ifPresent(o -> faults.add(new Fault(Refusal.SELF_RELATION, "other")));
        if (rest.on() == Rest.On.STEM) {
            rest.other().flatMap(o -> apart(rest, o)).ifPresent(faults::add);
        }
        if (!faults.isEmpty()) {
            throw new RefusedInput(faults);
        }
    }

    /** @return the fault of two axes that do not meet at the rest, with both heights */
    private Optional<Fault> apart(Rest rest, String other) {
        Optional<Pose.End> here = member(rest.stem()).flatMap(Member::pose).map(p -> p.at(rest.xM()));
        Optional<Pose> there = member(other).flatMap(Member::pose);
        if (here.isEmpty() || there.isEmpty()) {
            return Optional.empty();
        }
        Pose.End h = here.get();
        Pose t = there.get();
        double planM = t.butt().at().distanceTo(t.tip().at());
        double along = planM > 0
                ? t.butt().at().distanceTo(h.at())
                        * Math.cos(Math.toRadians(t.butt().at().bearingTo(h.at()) - t.azDeg()))
                : 0;
        double x = planM > 0 ? Math.max(0, Math.min(1, along / planM)) * t.lengthM() : 0;
        Pose.End o = t.at(x);
        double thick = radius(rest.stem(), rest.xM()) + radius(other, x);
        double plan = h.at().distanceTo(o.at());
        double gap = Math.abs(h.heightM() - o.heightM()) - thick;
        return plan > APART_M + thick || gap > APART_M
                ? Optional.of(new Fault(
                        Message.of(Refusal.AXES_APART)
                                .with("here", Arg.of(Dimension.LENGTH, h.heightM()))
                                .with("there", Arg.of(Dimension.LENGTH, o.heightM()))
                                .with("plan", Arg.of(Dimension.LENGTH, plan)),
                        "xM"))
                : Optional.empty();
    }

    private double radius(String label, double x) {
        return member(label).flatMap(m -> m.diameterM(x)).map(d -> d / 2).orElse(0.0);
    }

    /** @throws RefusedInput for a pose shorter than the rests recorded on the stem */
    public void require(String label, Pose pose) {
        restsOf(label).stream().filter(r -> r.xM() > pose.lengthM()).findFirst().ifPresent(r -> {
            throw new RefusedInput(
                    Message.of(Refusal.SHORTER_THAN_RESTS)
                            .with("rest", Arg.of(Dimension.LENGTH, r.xM()))
                            .with("length", Arg.of(Dimension.LENGTH, pose.lengthM())),
                    "tip");
        });
    }

    /**
     * @return what holds a stem up, directly or through others, nearest first: stems and trees by label, things of the
     *     place by id
     */
    public List<String> holdUp(String label) {
        List<Pile.Relation> all = allRelations();
        List<String> chain = new ArrayList<>(List.of(label));
        for (int i = 0; i < chain.size(); i++) {
            String above = chain.get(i);
            all.stream()
                    .filter(r -> r.type() == Pile.Type.RESTS_ON && r.a().equals(above))
                    .map(Pile.Relation::b)
                    .filter(b -> !chain.contains(b))
                    .forEach(chain::add);
        }
        return List.copyOf(chain.subList(1, chain.size()));
    }

    /** @return relations as recorded and as the rests say them, each once */
    public List<Pile.Relation> allRelations() {
        Map<List<Object>, Pile.Relation> all = new LinkedHashMap<>();
        Stream.concat(recorded(), stillPart())
                .filter(r -> known(r.a()) && known(r.b()) && !r.a().equals(r.b()) && !impossible(r))
                .forEach(r -> all.putIfAbsent(key(r), r));
        return List.copyOf(all.values());
    }

    /** A tie has no direction. */
    private static List<Object> key(Pile.Relation r) {
        boolean turned = r.type() == Pile.Type.BOUND && r.a().compareTo(r.b()) > 0;
        return turned ? List.of(r.b(), r.type(), r.a()) : List.of(r.a(), r.type(), r.b());
    }

    private boolean impossible(Pile.Relation r) {
        boolean loads = r.type() == Pile.Type.RESTS_ON || r.type() == Pile.Type.HELD_BY_ROPE;
        return loads
                && standing.contains(r.a())
                && member(r.a()).isEmpty()
                && member(r.b()).isPresent();
    }

    /**
     * @return what is to stay and yet rests on what is to go: it was recorded before somebody decided that it stays; no
     *     order can be made with it
     */
    public List<Pile.Relation> comesDownWithIt() {
        return recorded().filter(this::impossible).distinct().toList();
    }

    private Stream<Pile.Relation> recorded() {
        return Stream.concat(relations.stream(), rests.stream().flatMap(r -> r.other().stream()
                .map(o -> relation(r, o))));
    }

    /** @return where a part was torn off: on the axis of what it is part of, above its foot while nobody knows that */
    public Pose.End tornAt(PartOf part, Member torn) {
        return member(part.stem())
                .flatMap(Member::pose)
                .map(p -> p.at(Math.min(part.atM(), p.lengthM())))
                .orElseGet(() -> new Pose.End(
                        member(part.stem())
                                .map(m -> m.reading().at())
                                .orElse(torn.reading().at()),
                        part.atM()));
    }

    /**
     * @param slopeM how far it is closed downhill where the ring is the whole slope
     * @return a stem's closed ground as it lies on the plan, measured from where its butt is now
     */
    public Shape closed(Member m, GuardRing ring, double slopeM) {
        return ring.on(m.axis().get(0), m.axis(), ground, slopeM);
    }

    /** What was torn hangs on what it is part of, until somebody saw that its fibres are through. */
    private Stream<Pile.Relation> stillPart() {
        return members.stream().flatMap(m -> m.partOf().stream()
                .filter(p -> restsOf(m.label()).stream().noneMatch(Rest::torn))
                .map(p -> new Pile.Relation(m.label(), Pile.Type.RESTS_ON, p.stem())));
    }

    private static Pile.Relation relation(Rest r, String other) {
        return r.side() == Support.Side.ABOVE
                ? new Pile.Relation(other, Pile.Type.RESTS_ON, r.stem())
                : new Pile.Relation(r.stem(), Pile.Type.RESTS_ON, other);
    }

    private boolean known(String id) {
        return standing.contains(id) || member(id).isPresent();
    }

    /** @return the pile to be taken apart, empty without stems that go */
    public Optional<Pile> pile() {
        if (members.isEmpty()) {
            return Optional.empty();
        }
        Set<String> bearing = new LinkedHashSet<>(standing);
        members.forEach(m -> bearing.remove(m.label()));
        return Optional.of(new Pile(
                members.stream().map(this::pileStem).toList(), bearing, atHand.machine, allRelations(), held()));
    }

    /** @return what is held for certain, by label */
    private Set<String> held() {
        Set<String> held = new LinkedHashSet<>();
        atHand.holdings.stream().filter(h -> verdict(h).holds()).forEach(h -> held.add(h.stem()));
        return held;
    }

    /** @return whether a hold counts */
    public Holding.Verdict verdict(Holding h) {
        return h.verdict(member(h.stem()).flatMap(Member::massHighKg));
    }

    public Optional<Release> release() {
        return pile().map(Release::of);
    }

    private Pile.Stem pileStem(Member m) {
        return new Pile.Stem(
                m.label(),
                m.lengthM(),
                m.massHighKg(),
                m.buttDM(),
                m.reading().height().map(h -> h.high()),
                m.state() == GuardRing.State.HUNG,
                m.bow().isPresent(),
                m.rootPlate(),
                m.lockedInFork(),
                m.plate().map(Member.Plate::heightM),
                m.plate().map(Member.Plate::thickM).orElse(Pile.Stem.PLATE_THICK_M),
                ground.slopeDeg(),
                // dragged by its butt, away from where its top lies
                m.pose().map(p -> ground.alongDeg(p.azDeg())).orElse(ground.slopeDeg()),
                Pile.Stem.MU,
                Pile.Stem.FORK_D_M,
                atHand.tractorWinchN,
                atHand.handWinchN);
    }

    /** @return the closed ground of every stem, from the order where it is in it */
    public Map<String, GuardRing> rings() {
        Map<String, GuardRing> rings = new LinkedHashMap<>();
        release().ifPresent(r -> r.steps().forEach(s -> rings.putAll(s.zone())));
        return rings;
    }

    /** @return the ring of a stem that is in no tangle but hangs, lies or stands tilted */
    public static GuardRing ringAlone(Member m, Ground ground) {
        return GuardRing.of(new GuardRing.Ask(
                m.state(),
                m.lengthM(),
                ground.slopeDeg(),
                m.bow().isPresent(),
                m.rootPlate(),
                false,
                m.plate().map(Member.Plate::heightM),
                m.plate().map(Member.Plate::thickM).orElse(Pile.Stem.PLATE_THICK_M),
                Optional.empty(),
                Optional.empty()));
    }

    /**
     * @return the stems as they lie on each other, the uppermost first; what rests on another is in a layer above it,
     *     what holds each other in a ring lies in one
     */
    public List<List<String>> layers() {
        Map<String, Set<String>> above = new LinkedHashMap<>();
        members.forEach(m -> above.put(m.label(), new LinkedHashSet<>()));
        allRelations().stream().filter(r -> r.type() == Pile.Type.RESTS_ON).forEach(r -> Optional.ofNullable(
                        above.get(r.b()))
                .filter(x -> above.containsKey(r.a()))
                .ifPresent(x -> x.add(r.a())));
        List<List<String>> layers = new ArrayList<>();
        Set<String> placed = new LinkedHashSet<>();
        while (placed.size() < above.size()) {
            List<String> next = above.entrySet().stream()
                    .filter(e -> !placed.contains(e.getKey()) && placed.containsAll(e.getValue()))
                    .map(Map.Entry::getKey)
                    .sorted()
                    .toList();
            if (next.isEmpty()) {
                next = above.keySet().stream()
                        .filter(k -> !placed.contains(k))
                        .sorted()
                        .toList();
            }
            layers.add(next);
            placed.addAll(next);
        }
        return List.copyOf(layers);
    }

    /** @return the ground around these stems as they lie, empty while nobody knows where */
    public Optional<Shape> around(List<String> labels) {
        return labels.stream()
                .flatMap(l -> member(l).flatMap(Member::pose).stream())
                .map(p -> Shape.line(List.of(p.butt().at(), p.tip().at())).grown(AROUND_M))
                .reduce(Shape::with);
    }

    /** @return every pair of stems that cross on the plan, by which of them is above there */
    public List<Crossing> crossings() {
        return Crossing.among(members);
    }

    /** What is missing before forces of a stem can be reckoned. */
    public enum Unknown {
        POSE,
        DIAMETER,
        RESTS
    }

    /** @return what has to be measured before the stem can be reckoned as a beam */
    public List<Unknown> unknown(String label) {
        List<Unknown> missing = new ArrayList<>();
        Optional<Member> m = member(label);
        if (m.flatMap(Member::pose).isEmpty()) {
            missing.add(Unknown.POSE);
        }
        if (m.flatMap(Member::buttDM).isEmpty()) {
            missing.add(Unknown.DIAMETER);
        }
        if (restsOf(label).isEmpty()) {
            missing.add(Unknown.RESTS);
        }
        return missing;
    }

    /** @return the stem as a beam, heavy and with what grows on it; empty while something is not known */
    public Optional<LyingStem> beam(String label) {
        if (!unknown(label).isEmpty()) {
            return Optional.empty();
        }
        return member(label).map(m -> {
            Pose pose = m.pose().orElseThrow();
            return new LyingStem(
                    pose.lengthM(),
                    m.buttDM().orElseThrow(),
                    Math.min(m.tipDM(), m.buttDM().orElseThrow()),
                    m.reading().density().high(),
                    allowance(m, pose),
                    m.wood(),
                    pose.angleDeg(),
                    restsOf(label).stream().map(Rest::support).toList(),
                    Optional.empty(),
                    clearance(m, pose),
                    Optional.empty(),
                    LyingStem.U_GAP_M,
                    Math.abs(Across.rightDeg(ground, pose.azDeg())),
                    Across.of(ground, Optional.of(pose.azDeg())).downhill().map(LyingStem.Flank::other),
                    Optional.empty());
        });
    }

    /** @return what grows on it as a share of the wood, so that the beam weighs what the stem weighs at most */
    private static double allowance(Member m, Pose pose) {
        double woodKg = LyingStem.woodKg(
                pose.lengthM(),
                m.buttDM().orElseThrow(),
                m.tipDM(),
                m.reading().density().high());
        return m.mass().map(x -> Math.max(0, x.massHighKg() / woodKg - 1)).orElseGet(m::branchesRel);
    }

    /**
     * @return whether the kerf of a first cut showed another side squeezed than the picture says: the picture is wrong,
     *     and nothing is cut by it
     */
    public boolean contradicted(String label) {
        Optional<KerfReading> kerf = member(label).flatMap(Member::kerf);
        if (kerf.isEmpty()) {
            return false;
        }
        try {
            return beam(label)
                    .map(b -> Bind.of(b, List.of(kerf.get().xM())).cuts().get(0))
                    .filter(c -> kerf.get().did().contradicts(c.section().squeeze()))
                    .isPresent();
        } catch (RefusedInput cannotBeReckoned) {
            return false;
        }
    }

    private static List<Clearance.Point> clearance(Member m, Pose pose) {
        double l = pose.lengthM();
        return Stream.of(0.0, l / 2, l)
                .map(x -> new Clearance.Point(
                        x, Math.max(0, pose.at(x).heightM() - m.diameterM(x).orElse(0.0) / 2)))
                .toList();
    }
}
