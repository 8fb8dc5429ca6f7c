package org.antevid.core.judge.takedown;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.Samples;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Step;
import org.antevid.core.judge.HouseRules;
import org.antevid.core.judge.Situation;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.Verdict;
import org.antevid.core.takedown.drop.FreeDrop;
import org.antevid.core.takedown.pieces.Aloft;
import org.antevid.core.takedown.pieces.Below;
import org.antevid.core.takedown.pieces.Cut;
import org.antevid.core.takedown.pieces.CutFigure;
import org.antevid.core.takedown.pieces.Gear;
import org.antevid.core.takedown.pieces.Limb;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.core.takedown.pieces.Way;

/** An oak with two limbs that comes down in pieces. */
final class InPieces {
    static final Person CLIMBER = new Person("edda", "Edda Rowe", Set.of(Competence.CLIMB, Competence.RESCUE));
    static final Person RESCUER = new Person("lorne", "Lorne Askew", Set.of(Competence.RESCUE));
    static final StemReading OAK = Samples.oak("S1", new Spot(0, 0), List.of());
    static final List<Limb> LIMBS =
            List.of(new Limb("L1", 8, 0.12, 4, 0, 30, false), new Limb("L2", 9, 0.06, 1.2, 180, 30, false));

    private InPieces() {}

    static Cut cut(String limb, Way way) {
        return cut(limb, 0, way);
    }

    static Cut cut(String limb, double atM, Way way) {
        return new Cut(Optional.of(limb), atM, way, Optional.empty(), Optional.empty(), Optional.empty());
    }

    static Cut stem(double atM, Way way) {
        return new Cut(Optional.empty(), atM, way, Optional.empty(), Optional.empty(), Optional.empty());
    }

    static TakeDown plan(StemReading r, Aloft aloft, Cut... cuts) {
        return TakeDown.of(
                CutFigure.of(r, LIMBS), aloft, List.of(cuts), Gear.NONE, new Below(FreeDrop.Surface.TURF, 0, 8, 10));
    }

    static Situation.TakenDown planned(StemReading r, Cut... cuts) {
        return new Situation.TakenDown(
                "S1", plan(r, Aloft.of(r), cuts), Aloft.of(r), Optional.of("edda"), Optional.empty());
    }

    static Situation situation(
            StemReading r, List<Person> people, List<Situation.TakenDown> down, Verdict chosen, Feature... features) {
        return situation(r, people, down, chosen, List.of(), features);
    }

    static Situation situation(
            StemReading r,
            List<Person> people,
            List<Situation.TakenDown> down,
            Verdict chosen,
            List<Step> steps,
            Feature... features) {
        Situation.Circumstances good = Situation.Circumstances.GOOD;
        return new Situation(
                HouseRules.USUAL,
                Samples.site(features),
                Optional.empty(),
                9,
                List.of(new Situation.StemFacts(r, Optional.empty(), false, Optional.empty())),
                Map.of(),
                List.of(),
                steps,
                people,
                "imre",
                List.of(),
                new Situation.Circumstances(
                                good.ahead(),
                                good.ground(),
                                good.light(),
                                good.load(),
                                good.permits(),
                                good.card(),
                                good.access(),
                                good.machines(),
                                Map.of("S1", chosen))
                        .inPieces(down));
    }
}
