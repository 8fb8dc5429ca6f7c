package org.antevid.app.tangle;

import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.antevid.app.house.Kits;
import org.antevid.app.job.Jobs;
import org.antevid.app.place.Places;
import org.antevid.app.place.Surroundings;
import org.antevid.app.stem.Stems;
import org.antevid.app.tangle.store.HangRepository;
import org.antevid.core.assist.KitItem;
import org.antevid.core.judge.Situation;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Access;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemState;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.picture.LookAgain;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.Picture;
import org.antevid.core.tangle.picture.Pose;
import org.antevid.core.tangle.picture.Rest;
import org.springframework.stereotype.Component;

/** Puts the picture of a tangle together from what was seen, what stands there and what is at hand. */
@Component
class TangleMaker {
    /** Beneath a hung stem of which nobody knows how long it is, metres: as long as a tall tree. */
    private static final double LENGTH_NOT_KNOWN_M = 30;

    private static final double STRIP_M = 5;

    private final HangRepository hangs;
    private final Stems stems;
    private final Places places;
    private final Surroundings surroundings;
    private final Kits kits;
    private final Looks looks;
    private final Holdings holdings;
    private final StruckThings struckThings;
    private final Jobs jobs;

    TangleMaker(
            HangRepository hangs,
            Stems stems,
            Places places,
            Surroundings surroundings,
            Kits kits,
            Looks looks,
            Holdings holdings,
            StruckThings struckThings,
            Jobs jobs) {
        this.hangs = hangs;
        this.stems = stems;
        this.places = places;
        this.surroundings = surroundings;
        this.kits = kits;
        this.looks = looks;
        this.holdings = holdings;
        this.struckThings = struckThings;
        this.jobs = jobs;
    }

    /** @return names of the place's things by id */
    Map<String, String> featureNames(String jobId) {
        return places.site(jobId).features().stream()
                .collect(Collectors.toMap(Feature::id, Feature::name, (a, b) -> a, LinkedHashMap::new));
    }

    /** @param related what bears on what, as recorded or as it would be */
    Tangles.Tangle make(String jobId, TangleRecords.Now now, List<Pile.Relation> related) {
        List<Rest> rests = now.rests().stream().map(TangleRecords.Noted::what).toList();
        Set<String> named = new HashSet<>();
        related.forEach(r -> named.addAll(List.of(r.a(), r.b())));
        rests.forEach(r -> {
            named.add(r.stem());
            r.other().ifPresent(named::add);
        });
        now.parts().values().forEach(p -> named.add(p.what().stem()));
        List<Stems.ChosenReading> known = stems.known(jobId);
        Map<String, LookAgain> again = looks.again(jobId, tied(known, related));
        List<Member> members = known.stream()
                .filter(s -> !s.reading().state().gone()
                        && !s.reading().toBeKept()
                        && (s.reading().notFelled().isPresent()
                                || named.contains(s.reading().label())))
                .map(s -> member(s, now, again))
                .toList();
        Map<String, String> features = featureNames(jobId);
        Set<String> standing = new HashSet<>();
        known.stream()
                .filter(s -> s.reading().toBeKept())
                .map(s -> s.reading().label())
                .filter(named::contains)
                .forEach(standing::add);
        features.keySet().stream().filter(named::contains).forEach(standing::add);
        Picture picture = new Picture(
                members,
                standing,
                rests,
                related,
                atHand(jobId),
                jobs.job(jobId).ground(),
                struckThings.struck(jobId, loaded(rests, related)));
        Map<String, GuardRing> rings = rings(picture, known, now);
        Map<String, String> ids = new LinkedHashMap<>();
        known.forEach(s -> ids.put(s.reading().label(), s.id()));
        return new Tangles.Tangle(
                picture,
                now,
                ids,
                features,
                picture.release(),
                members.stream()
                        .filter(m -> m.reading().state() == StemState.HUNG)
                        .map(m -> hang(m, picture, known, rings))
                        .toList(),
                rings,
                looks.last(jobId));
    }

    private Map<String, GuardRing> rings(Picture picture, List<Stems.ChosenReading> known, TangleRecords.Now now) {
        Map<String, GuardRing> rings = new LinkedHashMap<>();
        picture.rings().forEach((label, ring) -> picture.member(label)
                .filter(m -> m.reading().notFelled().isPresent())
                .ifPresent(m -> rings.put(label, ring)));
        known.stream()
                .filter(s -> s.reading().state() == StemState.STANDING
                        && s.reading().notFelled().isEmpty()
                        && s.reading().more().heave().isPresent())
                .forEach(s ->
                        rings.put(s.reading().label(), Picture.ringAlone(member(s, now, Map.of()), picture.ground())));
        return rings;
    }

    /** @return ids of the stems a tie is recorded of */
    private static Set<String> tied(List<Stems.ChosenReading> known, List<Pile.Relation> related) {
        Set<String> labels = new HashSet<>();
        related.stream().filter(r -> r.type() == Pile.Type.BOUND).forEach(r -> labels.addAll(List.of(r.a(), r.b())));
        return known.stream()
                .filter(s -> labels.contains(s.reading().label()))
                .map(Stems.ChosenReading::id)
                .collect(Collectors.toSet());
    }

    /** @return ids of what stems lie on */
    private static Set<String> loaded(List<Rest> rests, List<Pile.Relation> related) {
        Set<String> bearing = new HashSet<>();
        rests.forEach(r -> r.other().ifPresent(bearing::add));
        related.stream().filter(r -> r.type() == Pile.Type.RESTS_ON).forEach(r -> bearing.add(r.b()));
        return bearing;
    }

    Member member(Stems.ChosenReading s, TangleRecords.Now now, Map<String, LookAgain> again) {
        return new Member(
                s.reading(),
                Optional.ofNullable(now.poses().get(s.id())).map(n -> n.what().pose()),
                Optional.ofNullable(now.plates().get(s.id())).map(TangleRecords.Noted::what),
                Optional.ofNullable(now.bows().get(s.id())).map(TangleRecords.Noted::what),
                now.hidden().getOrDefault(s.id(), List.of()).stream()
                        .map(h -> h.what().part())
                        .toList(),
                Optional.ofNullable(now.kerfs().get(s.id())),
                hangs.findById(s.id()).map(h -> h.lockedInFork).orElse(false),
                // what still stands on its foot is no picture of its own
                Optional.ofNullable(again.get(s.id()))
                        .filter(x -> s.reading().notFelled().isPresent()),
                Optional.ofNullable(now.lines().get(s.id())),
                Optional.ofNullable(now.tied().get(s.id())),
                now.sections().getOrDefault(s.id(), 0),
                Optional.ofNullable(now.parts().get(s.id())).map(TangleRecords.Noted::what));
    }

    /** What gets in of the job's machines, and the house's own winch. */
    private Picture.AtHand atHand(String jobId) {
        List<Access.Machine> in = surroundings.machines(jobId).stream()
                .filter(m -> m.keptOutBy().isEmpty())
                .map(Surroundings.KnownMachine::machine)
                .toList();
        return new Picture.AtHand(
                in.stream().anyMatch(m -> m.use() == Access.Use.FELLING || m.use() == Access.Use.CRANE),
                in.stream().flatMap(m -> m.pullN().stream()).max(Comparator.naturalOrder()),
                kits.strongest(KitItem.Kind.WINCH).flatMap(e -> e.item().strengthN()),
                holdings.current(jobId).stream().map(Holdings.Standing::holding).toList());
    }

    /** Strip beneath a hung stem: its pose, or from its stump toward what holds it, or all round where nobody knows. */
    private static Situation.Hang hang(
            Member m, Picture picture, List<Stems.ChosenReading> known, Map<String, GuardRing> rings) {
        Map<String, Spot> feet = new LinkedHashMap<>();
        known.forEach(s -> feet.put(s.reading().label(), s.reading().at()));
        // a thing of the place is not cut
        List<String> supports =
                picture.holdUp(m.label()).stream().filter(feet::containsKey).toList();
        Optional<Spot> held =
                supports.stream().map(s -> Require.present(feet, s)).findFirst();
        Spot from = m.pose().map(p -> p.butt().at()).orElse(m.reading().at());
        double length = Math.max(
                m.lengthM().orElse(LENGTH_NOT_KNOWN_M),
                held.map(h -> from.distanceTo(h) + 2).orElse(0.0));
        double half = Math.max(STRIP_M, length / 4);
        Shape beneath = m.pose()
                .map(Pose::azDeg)
                .or(() -> held.map(from::bearingTo))
                .map(az -> Shape.line(List.of(from, from.at(az, length))).grown(half))
                .orElseGet(() -> Shape.disc(from, length));
        GuardRing ring =
                Optional.ofNullable(rings.get(m.label())).orElseGet(() -> Picture.ringAlone(m, picture.ground()));
        return new Situation.Hang(
                m.label(), supports, beneath, ring, picture.closed(m, ring, Situation.Hang.WHOLE_SLOPE_M));
    }
}
