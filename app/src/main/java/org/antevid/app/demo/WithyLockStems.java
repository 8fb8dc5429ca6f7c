package org.antevid.app.demo;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.antevid.app.lay.ChoiceRequest;
import org.antevid.app.lay.Lays;
import org.antevid.app.people.SignedIn;
import org.antevid.app.stem.FieldBooks;
import org.antevid.app.stem.Stems;
import org.antevid.core.lay.Means;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.SightingKind;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Wood;
import org.antevid.core.stump.School;
import org.springframework.stereotype.Component;

/** The stems of Withy Lock as they were measured and looked at, and the lay planned for the first. */
@Component
class WithyLockStems {
    private final Stems stems;
    private final FieldBooks books;
    private final Lays lays;
    private final WithyLockTangle tangle;

    WithyLockStems(Stems stems, FieldBooks books, Lays lays, WithyLockTangle tangle) {
        this.stems = stems;
        this.books = books;
        this.lays = lays;
        this.tangle = tangle;
    }

    void enter(String job, SignedIn leader, Map<String, String> kit) {
        String s1 = stem(
                job,
                Species.POPULUS,
                StemState.STANDING,
                38,
                34,
                StemMass.Shape.FOREST,
                StemMass.Crown.FOREST_BROADLEAF_LEAFLESS,
                false,
                "Lombardy poplar by the glasshouse");
        sight(job, s1, leader, SightingKind.GIRTH, Map.of("girthM", 1.63));
        sight(job, s1, leader, SightingKind.HEIGHT_ANGLES, Map.of("distanceM", 30.0, "top", 36.1, "base", -4.1));
        sight(job, s1, leader, SightingKind.HEIGHT_ANGLES, Map.of("distanceM", 26.0, "top", 39.6, "base", -5.3));
        sight(job, s1, leader, SightingKind.PLUMB_LEAN, Map.of("leanDeg", 1.8, "azimuthDeg", 262.0, "sigmaDeg", 0.6));
        sight(job, s1, leader, SightingKind.CROWN_RADIUS, Map.of("radiusM", 2.0));
        defect(job, s1, leader, DefectKind.DEAD_TOP, 19, 24, 80, "top 5 m, bark off");
        String s2 = stem(
                job,
                Species.FRAXINUS,
                StemState.HUNG,
                16,
                44,
                StemMass.Shape.FOREST,
                StemMass.Crown.FOREST_BROADLEAF_LEAFLESS,
                false,
                "ash, broken at the base, hung up in S3");
        sight(job, s2, leader, SightingKind.GIRTH, Map.of("girthM", 0.94));
        sight(job, s2, leader, SightingKind.EYE_HEIGHT, Map.of("heightM", 14.0));
        sight(job, s2, leader, SightingKind.EYE_CROWN, Map.of("radiusM", 2.0));
        defect(job, s2, leader, DefectKind.BROKEN_BASE, 0.2, 0.8, 190, "hinge of torn fibres");
        String s3 = stem(
                job,
                Species.ACER,
                StemState.STANDING,
                8,
                38,
                StemMass.Shape.OPEN,
                StemMass.Crown.OPEN_BROADLEAF_LEAFLESS,
                true,
                "sound sycamore, to be kept");
        sight(job, s3, leader, SightingKind.GIRTH, Map.of("girthM", 1.9));
        sight(job, s3, leader, SightingKind.EYE_HEIGHT, Map.of("heightM", 16.0));
        sight(job, s3, leader, SightingKind.EYE_CROWN, Map.of("radiusM", 4.5));
        String s4 = stem(
                job,
                Species.SALIX,
                StemState.STANDING,
                47,
                21,
                StemMass.Shape.OPEN,
                StemMass.Crown.OPEN_BROADLEAF_LEAFLESS,
                false,
                "willow, split at the union over the footbridge");
        sight(job, s4, leader, SightingKind.GIRTH, Map.of("girthM", 1.6));
        sight(job, s4, leader, SightingKind.EYE_HEIGHT, Map.of("heightM", 13.0));
        sight(job, s4, leader, SightingKind.EYE_LEAN, Map.of("leanDeg", 5.0, "azimuthDeg", 140.0));
        sight(job, s4, leader, SightingKind.EYE_CROWN, Map.of("radiusM", 4.0));
        defect(
                job,
                s4,
                leader,
                DefectKind.SPLIT_UNION,
                2.1,
                3.2,
                140,
                "one leader torn off at 2.6 m, the split goes on");
        String s5 = stem(
                job,
                Species.ALNUS,
                StemState.STANDING,
                32,
                22.5,
                StemMass.Shape.FOREST,
                StemMass.Crown.FOREST_BROADLEAF_LEAFLESS,
                false,
                "alder on the bank");
        sight(job, s5, leader, SightingKind.EYE_DIAMETER, Map.of("diameterM", 0.3));
        sight(job, s5, leader, SightingKind.EYE_HEIGHT, Map.of("heightM", 12.0));
        sight(job, s5, leader, SightingKind.HEAVE, Map.of("liftM", 0.2, "azimuthDeg", 350.0));
        defect(job, s5, leader, DefectKind.LIFTED_ROOT_PLATE, 0, 0.3, 350, "edge lifted 0.2 m on the land side");
        stem(
                job,
                Species.TILIA,
                StemState.STANDING,
                28,
                59,
                StemMass.Shape.OPEN,
                StemMass.Crown.OPEN_BROADLEAF_LEAFLESS,
                false,
                "lime close to the phone line");
        tangle.hung(job, s2, leader);
        tangle.tornLeader(job, s4, leader);
        tangle.alders(job, leader);
        ChoiceRequest.CutsRequest cuts = new ChoiceRequest.CutsRequest(
                Optional.empty(),
                null,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(0.015),
                Optional.empty(),
                Optional.empty(),
                null,
                null,
                kit.get("saw, short bar"));
        ChoiceRequest.RigRequest rig = new ChoiceRequest.RigRequest(
                null,
                null,
                null,
                null,
                null,
                kit.get("winch rope, 12 mm"),
                kit.get("round sling, red"),
                null,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                null,
                null);
        lays.choose(
                job,
                s1,
                new ChoiceRequest(
                        58.0,
                        0.35,
                        School.OPEN_FACE,
                        0.45,
                        Means.Kind.MACHINE_LINE,
                        Optional.of(12.0),
                        Optional.of(52.0),
                        Optional.of(20000.0),
                        null,
                        Optional.empty(),
                        Optional.empty(),
                        null,
                        null,
                        cuts,
                        rig,
                        null),
                false,
                List.of(),
                null);
    }

    /** @return id of the poplar */
    String first(String job) {
        return stems.known(job).get(0).id();
    }

    private String stem(
            String job,
            Species species,
            StemState state,
            double e,
            double n,
            StemMass.Shape shape,
            StemMass.Crown crown,
            boolean keep,
            String note) {
        return stems.add(
                job,
                new Stems.NewStem(species, state, new Spot(e, n), Wood.all(Condition.SOUND), shape, crown, keep, note));
    }

    private void sight(String job, String stem, SignedIn who, SightingKind kind, Map<String, Double> numbers) {
        books.sight(job, stem, FieldBooks.Observation.of(kind, numbers), who);
    }

    private void defect(
            String job,
            String stem,
            SignedIn who,
            DefectKind kind,
            double from,
            double to,
            double face,
            String extent) {
        books.defect(job, stem, new Defect(UUID.randomUUID().toString(), kind, from, to, face, ""), extent, who);
    }
}
