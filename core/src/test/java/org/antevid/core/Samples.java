package org.antevid.core;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.HouseRules;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Access;
import org.antevid.core.site.CrownLoad;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Ground;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Light;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stump.School;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.Picture;

/** Made-up stems and places for the tests. */
public final class Samples {
    public static final Means WINCH =
            new Means(Means.Kind.MACHINE_LINE, Optional.of(12.0), Optional.of(50.0), Optional.of(20000.0));
    public static final List<Person> PEOPLE = List.of(
            new Person("imre", "Imre Halloway", Set.of(Competence.values())),
            new Person("nadia", "Nadia Quill", Set.of(Competence.SAW)),
            new Person("sefa", "Sefa Marsh", Set.of(Competence.LOOKOUT, Competence.GROUND, Competence.FIRST_AID)),
            new Person("tove", "Tove Arkwright", Set.of(Competence.WINCH)),
            new Person("wilma", "Wilma Stroud", Set.of(Competence.HUNG_UP)));

    private Samples() {}

    /** A 20 m oak, 50 cm, leaning a little to the north. */
    public static StemReading oak(String label, Spot at, List<Defect> defects) {
        return stem(label, at, StemState.STANDING, Optional.of(new Lean(1.5, 0, 0.5)), Condition.SOUND, defects);
    }

    public static StemReading stem(
            String label, Spot at, StemState state, Optional<Lean> lean, Condition wood, List<Defect> defects) {
        return new StemReading(
                label,
                Species.QUERCUS,
                state,
                at,
                Optional.of(new Estimate(0.5, 0.01)),
                Optional.of(new Estimate(20, 0.5)),
                lean,
                Optional.of(3.0),
                wood,
                StemMass.Shape.FOREST,
                StemMass.Crown.FOREST_BROADLEAF,
                defects,
                false);
    }

    public static LayChoice toward(double deg, Means means) {
        return new LayChoice(deg, 0.3, School.OPEN_FACE, 0.45, means);
    }

    public static Feature target(String id, double east, double north, double radius, int worth) {
        return new Feature(
                id,
                id,
                FeatureKind.OTHER,
                Shape.disc(new Spot(east, north), radius),
                worth,
                false,
                Protection.NONE,
                "",
                false);
    }

    public static Site site(Feature... features) {
        return new Site(Ground.LEVEL, List.of(features));
    }

    public static LayPlan plan(double layDeg, Means means, Feature... features) {
        return LayPlan.of(
                oak("S1", new Spot(0, 0), List.of()), toward(layDeg, means), site(features), LayPlan.Limits.USUAL);
    }

    public static Situation situation(
            Site site, List<Situation.StemFacts> stems, List<Situation.Hang> hangs, List<Step> steps) {
        return new Situation(
                HouseRules.USUAL,
                site,
                Optional.of(new Estimate(4, 1)),
                9,
                stems,
                Map.of(),
                hangs,
                steps,
                PEOPLE,
                "imre",
                List.of());
    }

    /** Stems that hang and lie on level ground, everything else in order. */
    public static Situation tangled(Picture p, List<Situation.Guard> guards, List<Person> people, List<Step> steps) {
        Map<String, GuardRing> rings = p.rings();
        List<Situation.Hang> hangs = p.members().stream()
                .filter(Member::hung)
                .map(m -> new Situation.Hang(
                        m.label(),
                        p.holdUp(m.label()),
                        Shape.disc(new Spot(0, 0), 5),
                        Picture.ringAlone(m, Ground.LEVEL),
                        Shape.disc(new Spot(0, 0), 30)))
                .toList();
        return new Situation(
                HouseRules.USUAL,
                new Site(Ground.LEVEL, List.of()),
                Optional.empty(),
                9,
                p.members().stream()
                        .map(m -> new Situation.StemFacts(m.reading(), Optional.empty(), false, Optional.empty()))
                        .toList(),
                rings,
                hangs,
                steps,
                people,
                "imre",
                guards,
                new Situation.Circumstances(
                                List.of(),
                                GroundState.FIRM,
                                Light.DAY,
                                CrownLoad.NONE,
                                Situation.Circumstances.GOOD.permits(),
                                new EmergencyCard("-", "-", "-", "-", "-", "-", "-", "-"),
                                Access.NOT_KNOWN,
                                List.of(),
                                Map.of())
                        .tangled(p));
    }

    /** @return the closed ground of a stem of this length that hangs over level ground */
    public static GuardRing hungRing(double lengthM) {
        return GuardRing.of(new GuardRing.Ask(
                GuardRing.State.HUNG,
                Optional.of(lengthM),
                0,
                false,
                false,
                false,
                Optional.empty(),
                1,
                Optional.empty(),
                Optional.empty()));
    }
}
