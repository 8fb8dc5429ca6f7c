package org.antevid.core.lay.sweep;

import org.antevid.core.lay.spread.LaySpread;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.CutChoice;
import org.antevid.core.stump.School;

/**
 * How it is to be felled.
 *
 * @param cuts measures the leader set himself
 * @param guy side moment a guy takes
 * @param getaway time until it is down
 * @param limitWindNm moment of the wind at which work stops: a strap is left where it holds that too
 * @param nowWindNm moment of the wind that is there now
 * @param pushNm backward moment that needs no means: the push of a hand
 * @param throwShare what targets of worth 3 and 4 add to the length
 * @param hangUpLimit 0.05..1
 * @param leastSigmaDeg no lay is planned with less spread
 * @param unreliableWood a hinge of wood that holds this share of its strength or less governs nothing
 * @param leastAwayM by the rule of the house: a strap is left where he would be down to less while it falls
 */
public record FellingMethod(
        School school,
        CutChoice cuts,
        double barM,
        CutCard.MovedBy movedBy,
        LaySpread.Cutter cutter,
        MeansCapacity capacity,
        GuyPull guy,
        Getaway getaway,
        double limitWindNm,
        double nowWindNm,
        double pushNm,
        double throwShare,
        double hangUpLimit,
        EscapeRoutes.Footing footing,
        double leastSigmaDeg,
        double unreliableWood,
        double leastAwayM) {}
