package org.antevid.app.demo;

import static org.antevid.app.demo.DemoHouse.LEADER;
import static org.antevid.app.demo.DemoHouse.SAWYER;

import java.util.List;
import java.util.Optional;
import org.antevid.core.learn.Becomes;
import org.antevid.core.learn.LessonIdea;
import org.antevid.core.learn.Matches;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.Harm;
import org.antevid.core.outcome.Incident;
import org.antevid.core.outcome.Landing;
import org.antevid.core.outcome.MeasuredBy;
import org.antevid.core.outcome.SectorFound;
import org.antevid.core.outcome.StrapFound;
import org.antevid.core.outcome.WindFrom;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;

/**
 * A made-up job that is over: six stems a day, felled one after the other.
 *
 * @param daysAgo before the day the demo is made
 * @param lane what runs past it and is closed by the lookout
 * @param crown of its trees on that day
 * @param lessons what was written down on the day
 * @param incident what nearly hurt somebody
 * @param weighed the one log that went over a scale
 */
record PastJob(
        String name,
        String place,
        int daysAgo,
        String meetingPoint,
        String lane,
        FeatureKind laneKind,
        StemMass.Crown crown,
        List<PastFall> falls,
        List<Learned> lessons,
        Optional<Incident> incident,
        Optional<OnScale> weighed) {
    /** A lesson of the day, and what it is told at afterwards. */
    record Learned(String stem, LessonIdea idea, boolean sure, Becomes becomes, Matches matches, String by) {}

    /**
     * A log on the crane of the lorry that took it away.
     *
     * @param times what it was reckoned at
     */
    record OnScale(String stem, double fromM, double toM, double times) {}

    /** @return whether its trees stand close and are slender */
    boolean forest() {
        return crown != StemMass.Crown.OPEN_BROADLEAF;
    }

    /** Ten months of work before Withy Lock: 18 stems felled, 15 of them measured. */
    static final List<PastJob> ALL = List.of(
            new PastJob(
                    "Fallow Ride",
                    "Fallow Ride, thinning along the forest track",
                    304,
                    "log stack at the south bend",
                    "forest track",
                    FeatureKind.PATH,
                    StemMass.Crown.FOREST_CONIFER,
                    List.of(
                            PastFall.of(Species.PICEA, 1.55, 20, 2.5, 84, SAWYER)
                                    .fell(1.6, 0.2, MeasuredBy.TAPE),
                            PastFall.of(Species.PICEA, 1.39, 18, 3.0, 90, SAWYER)
                                    .fell(-0.9, -0.3, MeasuredBy.TAPE)
                                    .stump(1, -1, 0.5),
                            PastFall.of(Species.LARIX, 1.72, 20, 3.5, 96, LEADER)
                                    .fell(2.2, 0.4, MeasuredBy.TAPE),
                            PastFall.of(Species.PICEA, 1.64, 20, 3.0, 88, SAWYER)
                                    .became(
                                            Control.HUNG,
                                            -4,
                                            -9,
                                            "crown stayed in the next row; brought down with the winch"),
                            PastFall.of(Species.PINUS, 1.79, 17, 3.5, 92, SAWYER)
                                    .fell(2.8, 0.1, MeasuredBy.RANGEFINDER),
                            PastFall.of(Species.PICEA, 1.47, 19, 2.5, 86, LEADER)),
                    List.of(new Learned("S4", LessonIdea.LOOK_UP_AGAIN, true, Becomes.REMINDER, Matches.ALL, SAWYER)),
                    Optional.of(new Incident(
                            Incident.Kind.NEAR_MISS,
                            Optional.of("S4"),
                            Harm.DEADLY,
                            Optional.empty(),
                            Optional.empty(),
                            "walker came round the bend while the crown hung; called back 20 m short of it")),
                    Optional.empty()),
            new PastJob(
                    "Quern Mill Yard",
                    "Quern Mill, six trees on the old drying yard",
                    183,
                    "mill gate on the road",
                    "mill road",
                    FeatureKind.ROAD,
                    StemMass.Crown.OPEN_BROADLEAF,
                    List.of(
                            PastFall.of(Species.TILIA, 1.52, 14, 3.5, 70, LEADER)
                                    .fell(-1.4, 0.5, MeasuredBy.TAPE)
                                    .stump(-1, 2, -0.5),
                            PastFall.of(Species.FRAXINUS, 1.32, 15, 4.0, 80, SAWYER)
                                    .fell(-2.1, 0.3, MeasuredBy.TAPE),
                            PastFall.of(Species.ACER, 1.65, 14, 3.5, 76, LEADER)
                                    .fell(9, 0.6, MeasuredBy.TAPE)
                                    .stump(-9, 8, 3)
                                    .looking(
                                            SectorFound.Fibre.SHORT,
                                            SectorFound.Fibre.LONG,
                                            StrapFound.NONE_LEFT,
                                            new Landing(Optional.of(12.5), Optional.of(0.3), Optional.of(0.4)),
                                            WindFrom.LEFT)
                                    .saying("went right of the stake; hinge much thinner on the left"),
                            PastFall.of(Species.TILIA, 1.39, 13, 3.0, 72, SAWYER)
                                    .fell(0.7, -0.2, MeasuredBy.TAPE),
                            PastFall.of(Species.ACER, 1.25, 13, 3.5, 78, SAWYER).fell(1.2, 0.2, MeasuredBy.RANGEFINDER),
                            PastFall.of(Species.FRAXINUS, 1.45, 15, 4.0, 82, LEADER)),
                    List.of(new Learned("S3", LessonIdea.LOOK_AT_BOTH_ENDS, true, Becomes.CHECK, Matches.ALL, LEADER)),
                    Optional.empty(),
                    Optional.of(new OnScale("S1", 0.3, 4.3, 1.22))),
            new PastJob(
                    "Tanner's Reach",
                    "Tanner's Reach, poplars and alders by the water meadow",
                    92,
                    "cattle bridge, south end",
                    "meadow path",
                    FeatureKind.PATH,
                    StemMass.Crown.FOREST_BROADLEAF,
                    List.of(
                            PastFall.of(Species.POPULUS, 1.96, 19, 3.0, 94, SAWYER)
                                    .fell(-1.8, 0.4, MeasuredBy.TAPE),
                            PastFall.of(Species.ALNUS, 1.22, 13, 3.5, 100, SAWYER)
                                    .fell(0.4, 0.1, MeasuredBy.TAPE),
                            PastFall.of(Species.POPULUS, 2.12, 20, 2.0, 90, LEADER)
                                    .became(
                                            Control.STALLED,
                                            3,
                                            0.2,
                                            "stood on the hinge; two wedges and ten minutes brought it over"),
                            PastFall.of(Species.ALNUS, 1.30, 14, 3.5, 98, LEADER)
                                    .fell(1.1, -0.2, MeasuredBy.TAPE)
                                    .stump(1, 0, 0.5),
                            PastFall.of(Species.POPULUS, 1.89, 18, 3.0, 88, SAWYER)
                                    .fell(-2.6, 0.5, MeasuredBy.TAPE),
                            PastFall.of(Species.ALNUS, 1.14, 12, 3.5, 96, SAWYER)),
                    List.of(new Learned(
                            "S3", LessonIdea.WEDGES_IN_REACH, false, Becomes.REMINDER, Matches.ALL, LEADER)),
                    Optional.empty(),
                    Optional.empty()));
}
