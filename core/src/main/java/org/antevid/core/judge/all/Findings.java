package org.antevid.core.judge.all;

import java.util.Comparator;
import java.util.List;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.crew.AtTheLine;
import org.antevid.core.judge.crew.CrewsApart;
import org.antevid.core.judge.crew.LongAtTheSaw;
import org.antevid.core.judge.crew.OutOfSight;
import org.antevid.core.judge.crew.PeopleInRing;
import org.antevid.core.judge.crew.Staffing;
import org.antevid.core.judge.crew.StandNotSet;
import org.antevid.core.judge.crew.StandsInRing;
import org.antevid.core.judge.crew.Zones;
import org.antevid.core.judge.cut.CutCards;
import org.antevid.core.judge.defect.DefectRule;
import org.antevid.core.judge.lay.BedThatLifts;
import org.antevid.core.judge.lay.ControlProven;
import org.antevid.core.judge.lay.CrownsThatCatch;
import org.antevid.core.judge.lay.LayFixed;
import org.antevid.core.judge.lay.MovedPlate;
import org.antevid.core.judge.lay.OpenGround;
import org.antevid.core.judge.lay.PullersInReach;
import org.antevid.core.judge.lay.RottenCorner;
import org.antevid.core.judge.lay.StruckWhenLost;
import org.antevid.core.judge.lay.TargetInFan;
import org.antevid.core.judge.lay.TargetStruck;
import org.antevid.core.judge.lay.TargetsInReach;
import org.antevid.core.judge.lay.WaysOut;
import org.antevid.core.judge.place.EmergencyCardFilled;
import org.antevid.core.judge.place.LiveLines;
import org.antevid.core.judge.place.Permits;
import org.antevid.core.judge.place.PullingMachines;
import org.antevid.core.judge.place.Voltage;
import org.antevid.core.judge.stem.ChosenVerdict;
import org.antevid.core.judge.stem.Contradictions;
import org.antevid.core.judge.stem.CrewSightings;
import org.antevid.core.judge.stem.HeavedPlate;
import org.antevid.core.judge.stem.UnionOfStems;
import org.antevid.core.judge.takedown.AloftLoosened;
import org.antevid.core.judge.takedown.ClimberSaidNo;
import org.antevid.core.judge.takedown.CranePicks;
import org.antevid.core.judge.takedown.GuyHolds;
import org.antevid.core.judge.takedown.KitOverdue;
import org.antevid.core.judge.takedown.NobodyToRescue;
import org.antevid.core.judge.takedown.PieceNearLine;
import org.antevid.core.judge.takedown.PieceOverTarget;
import org.antevid.core.judge.takedown.PiecesNotPlanned;
import org.antevid.core.judge.takedown.PiecesTakenDown;
import org.antevid.core.judge.takedown.RescuerNotFree;
import org.antevid.core.judge.takedown.StepOfNoPiece;
import org.antevid.core.judge.takedown.UnderAPiece;
import org.antevid.core.judge.tangle.BeneathHung;
import org.antevid.core.judge.tangle.BuildingAsked;
import org.antevid.core.judge.tangle.ClosureShort;
import org.antevid.core.judge.tangle.CutWhileItHangs;
import org.antevid.core.judge.tangle.HungInRing;
import org.antevid.core.judge.tangle.HungTree;
import org.antevid.core.judge.tangle.InTheBight;
import org.antevid.core.judge.tangle.InTheSwing;
import org.antevid.core.judge.tangle.KeptComesDown;
import org.antevid.core.judge.tangle.KerfSaysOtherwise;
import org.antevid.core.judge.tangle.LookedAtAgain;
import org.antevid.core.judge.tangle.NobodyKnowsWhichFirst;
import org.antevid.core.judge.tangle.PlateUp;
import org.antevid.core.judge.tangle.SupportOfHung;
import org.antevid.core.judge.tangle.WhatIsNotKnown;
import org.antevid.core.judge.weather.Daylight;
import org.antevid.core.judge.weather.LoadedCrowns;
import org.antevid.core.judge.weather.WetGround;
import org.antevid.core.judge.weather.WindAhead;
import org.antevid.core.judge.weather.WindNow;

/** All rules asked about one situation, worst first. Computed each time, never stored but in a briefing. */
public final class Findings {
    private static final List<Rule> RULES = List.of(
            new Permits(),
            new EmergencyCardFilled(),
            new LiveLines(),
            new Voltage(),
            new PullingMachines(),
            new WindNow(),
            new WindAhead(),
            new Daylight(),
            new WetGround(),
            new LoadedCrowns(),
            new Contradictions(),
            new CrewSightings(),
            new HeavedPlate(),
            new UnionOfStems(),
            new ChosenVerdict(),
            new DefectRule(),
            new TargetStruck(),
            new TargetInFan(),
            new StruckWhenLost(),
            new CrownsThatCatch(),
            new TargetsInReach(),
            new ControlProven(),
            new RottenCorner(),
            new OpenGround(),
            new PeopleInRing(),
            new WaysOut(),
            new LayFixed(),
            new Zones(),
            new CrewsApart(),
            new PullersInReach(),
            new MovedPlate(),
            new BedThatLifts(),
            new CutCards(),
            new AtTheLine(),
            new HungTree(),
            new KeptComesDown(),
            new KerfSaysOtherwise(),
            new WhatIsNotKnown(),
            new NobodyKnowsWhichFirst(),
            new PlateUp(),
            new LookedAtAgain(),
            new ClosureShort(),
            new BuildingAsked(),
            new InTheBight(),
            new InTheSwing(),
            new CutWhileItHangs(),
            new SupportOfHung(),
            new BeneathHung(),
            new HungInRing(),
            new AloftLoosened(),
            new PiecesNotPlanned(),
            new PiecesTakenDown(),
            new CranePicks(),
            new GuyHolds(),
            new PieceOverTarget(),
            new PieceNearLine(),
            new NobodyToRescue(),
            new KitOverdue(),
            new RescuerNotFree(),
            new UnderAPiece(),
            new StepOfNoPiece(),
            new ClimberSaidNo(),
            new Staffing(),
            new StandNotSet(),
            new OutOfSight(),
            new StandsInRing(),
            new LongAtTheSaw());

    private Findings() {}

    public static List<Finding> of(Situation situation) {
        return RULES.stream()
                .flatMap(r -> r.check(situation))
                .sorted(Comparator.comparing(Finding::severity)
                        .thenComparing(Finding::stage)
                        .thenComparing(Finding::key))
                .toList();
    }
}
