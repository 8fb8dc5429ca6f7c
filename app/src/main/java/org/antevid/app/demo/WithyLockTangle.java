package org.antevid.app.demo;

import java.util.Map;
import java.util.Optional;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Places;
import org.antevid.app.stem.FieldBooks;
import org.antevid.app.stem.Stems;
import org.antevid.app.tangle.StruckThings;
import org.antevid.app.tangle.TangleRecords;
import org.antevid.app.tangle.Tangles;
import org.antevid.app.tangle.TornParts;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.SightingKind;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Wood;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.beam.Support;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.PartOf;
import org.antevid.core.tangle.picture.Pose;
import org.antevid.core.tangle.picture.Rest;
import org.antevid.core.tangle.picture.Struck;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What hangs and lies at Withy Lock: the ash in the sycamore, the willow's torn leader, three alders on each other. */
@Component
class WithyLockTangle {
    private final Stems stems;
    private final FieldBooks books;
    private final Tangles tangles;
    private final TangleRecords records;
    private final TornParts parts;
    private final StruckThings struck;
    private final Places places;

    WithyLockTangle(
            Stems stems,
            FieldBooks books,
            Tangles tangles,
            TangleRecords records,
            TornParts parts,
            StruckThings struck,
            Places places) {
        this.stems = stems;
        this.books = books;
        this.tangles = tangles;
        this.records = records;
        this.parts = parts;
        this.struck = struck;
        this.places = places;
    }

    /** S2: torn at half a metre, 31 degrees up into the fork of S3, 11.7 m along it. */
    void hung(String job, String s2, SignedIn leader) {
        tangles.relate(job, "S2", Pile.Type.RESTS_ON, "S3", Pile.Carries.NOT_KNOWN, Pile.SeverFrom.NOT_KNOWN);
        Spot torn = new Spot(16, 44);
        double up = Math.toRadians(31);
        Spot tip = torn.at(torn.bearingTo(new Spot(8, 38)), 14.6 * Math.cos(up));
        lies(job, s2, new Pose.End(torn, 0.5), new Pose.End(tip, 0.5 + 14.6 * Math.sin(up)), leader);
        rest(job, s2, 0, Rest.On.OWN_STUMP, null, Rest.Fibres.PARTLY, leader);
        rest(job, s2, 11.7, Rest.On.FORK, "S3", null, leader);
        tangles.record(job, s2, new Tangles.HangEntry(Optional.of(20000.0), Optional.empty(), false, "", ""), -1L);
    }

    /** S4b: torn off the willow at 2.6 m, down across the rail of the footbridge. */
    void tornLeader(String job, String s4, SignedIn leader) {
        String s4b = parts.add(job, s4, PartOf.Kind.TORN_LEADER, 2.6, Rest.Fibres.PARTLY, false, leader);
        books.sight(job, s4b, FieldBooks.Observation.of(SightingKind.GIRTH, Map.of("girthM", 0.85)), leader);
        books.sight(job, s4b, FieldBooks.Observation.of(SightingKind.EYE_HEIGHT, Map.of("heightM", 8.0)), leader);
        lies(job, s4b, new Pose.End(new Spot(47, 21), 2.6), new Pose.End(new Spot(52.5, 15.5), 0.1), leader);
        Feature bridge = places.site(job).features().stream()
                .filter(f -> f.kind() == FeatureKind.FOOTBRIDGE)
                .findFirst()
                .orElseThrow();
        rest(job, s4b, 4.5, Rest.On.FEATURE, bridge.id(), null, leader);
        struck.answer(job, bridge.id(), Struck.Question.PEOPLE_OUT, true, "closed at both ends", leader);
    }

    /** S7 on S8 on S9, whose plate is up. */
    void alders(String job, SignedIn leader) {
        String s7 = alder(job, 74, 34, 0.75, leader);
        String s8 = alder(job, 78, 24, 0.75, leader);
        String s9 = alder(job, 73, 29, 1.2, leader);
        lies(job, s9, new Pose.End(new Spot(73, 29), 0.5), new Pose.End(new Spot(84, 31), 0.3), leader);
        lies(job, s8, new Pose.End(new Spot(78, 24), 0.2), new Pose.End(new Spot(79, 36), 1.2), leader);
        lies(job, s7, new Pose.End(new Spot(74, 35), 0.2), new Pose.End(new Spot(84, 33), 2.4), leader);
        rest(job, s8, 6, Rest.On.STEM, "S9", null, leader);
        rest(job, s8, 0.2, Rest.On.GROUND, null, null, leader);
        rest(job, s7, 4.8, Rest.On.STEM, "S8", null, leader);
        rest(job, s7, 0.3, Rest.On.GROUND, null, null, leader);
        records.plate(job, s9, new Member.Plate(1.8, 1.6, 0.4, 85), leader);
    }

    private String alder(String job, double eastM, double northM, double girthM, SignedIn leader) {
        String id = stems.add(
                job,
                new Stems.NewStem(
                        Species.ALNUS,
                        StemState.LYING,
                        new Spot(eastM, northM),
                        Wood.all(Condition.SOUND),
                        StemMass.Shape.FOREST,
                        StemMass.Crown.FOREST_BROADLEAF_LEAFLESS,
                        false,
                        "thrown alder"));
        books.sight(job, id, FieldBooks.Observation.of(SightingKind.GIRTH, Map.of("girthM", girthM)), leader);
        books.sight(job, id, FieldBooks.Observation.of(SightingKind.EYE_HEIGHT, Map.of("heightM", 11.0)), leader);
        return id;
    }

    private void lies(String job, String stem, Pose.End butt, Pose.End tip, SignedIn leader) {
        tangles.pose(job, stem, new TangleRecords.TakenPose(new Pose(butt, tip, 0.3), Pose.TakenHow.TAPE), leader);
    }

    private void rest(
            String job,
            String stem,
            double xM,
            Rest.On on,
            @Nullable String other,
            Rest.@Nullable Fibres fibres,
            SignedIn leader) {
        tangles.rest(
                job,
                stem,
                xM,
                on,
                Optional.ofNullable(other),
                Support.Side.BELOW,
                0,
                Optional.ofNullable(fibres),
                Rest.Certainty.SEEN,
                leader);
    }
}
