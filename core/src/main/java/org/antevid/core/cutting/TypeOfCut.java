package org.antevid.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.Sweep;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.HingeHold;
import org.antevid.core.stump.School;

/**
 * One type of cut on this stem beside the others: what its people do and why, where they disagree, and what the
 * mechanics says of it here. A contradiction is said and does not forbid. Sources: practice of each school, geometry,
 * mechanics.
 *
 * @param card by its rule
 * @param use side use of its hinge, 95 %; empty while the lean is not known
 * @param holdNm moment that bends its hinge over
 * @param whenClosed when the face shuts and what the hinge has done by then
 * @param contradictions what the mechanics holds against it on this stem
 */
public record TypeOfCut(
        School school,
        CutCard card,
        String firstCut,
        Optional<Double> use,
        double holdNm,
        String whenClosed,
        String goodFor,
        String disagree,
        List<String> contradictions) {
    private static final double THIN_ON_MOST_M = 0.5;
    private static final double SHUTS_EARLY_DEG = 50;

    public TypeOfCut {
        contradictions = List.copyOf(contradictions);
    }

    /**
     * @param p with this type of cut and nothing the leader set himself
     * @throws RefusedInput when it cannot be cut so
     */
    static TypeOfCut of(LayPlan p) {
        School school = p.choice().school();
        CutCard c = p.card();
        double hold = HingeHold.of(p.stem().species(), org.antevid.core.stem.Condition.SOUND, c, 1, 0, 0, 0)
                .forwardHoldNm();
        return new TypeOfCut(
                school,
                c,
                firstCut(school),
                p.row().map(Sweep.Row::use),
                hold,
                whenClosed(c),
                goodFor(school),
                disagree(school),
                contradictions(p));
    }

    private static String firstCut(School school) {
        return switch (school) {
            case CONVENTIONAL, OPEN_FACE, DEEP_FACE, THIN_HINGE ->
                "sloping cut from above, then the level cut to meet it";
            case HUMBOLDT -> "level cut, then the sloping cut from below to meet it";
        };
    }

    private static String whenClosed(CutCard c) {
        if (c.hingeToGround()) {
            return "the face stays open until it lies; the hinge steers all the way";
        }
        return String.format(
                Locale.ROOT,
                "the face shuts at %.0f degrees, the hinge breaks there and the last %.0f degrees are free",
                c.closesAfterDeg(),
                Math.ceil(c.freeFlightDeg()));
    }

    private static String goodFor(School school) {
        return switch (school) {
            case CONVENTIONAL ->
                "level ground and middling stems; the step keeps the butt from coming back over the stump";
            case OPEN_FACE -> "when the lay matters: it steers longest, and is bored without trouble";
            case HUMBOLDT ->
                "steep ground, and butts that are sold: the wedge of wood comes out of the stump, the butt "
                        + "slides off forward";
            case DEEP_FACE -> "a machine pull against a back lean: less wood sits behind the hinge";
            case THIN_HINGE ->
                "small sound stems without side lean: it lets go clean, no fibres are torn from the butt";
        };
    }

    private static String disagree(School school) {
        return switch (school) {
            case CONVENTIONAL ->
                "its people trust the step; open-face people say the face shuts halfway and the hinge tears "
                        + "with the stem still in the air";
            case OPEN_FACE ->
                "its people leave no step, the wide mouth needs none; others miss the lip behind the butt";
            case HUMBOLDT ->
                "its people want the butt to slide off; others fear just that where people or machines are below";
            case DEEP_FACE ->
                "its people say the wood behind is what holds it back; others will not stand at a stem cut half "
                        + "through with no machine on it";
            case THIN_HINGE ->
                "its people say a thick hinge pulls fibres and stalls; others keep a tenth of the stem, because "
                        + "a thin one lets go early";
        };
    }

    private static List<String> contradictions(LayPlan p) {
        List<String> says = new ArrayList<>();
        CutCard c = p.card();
        School school = p.choice().school();
        boolean pulledBack = p.choice().means().isLine()
                && p.row().filter(r -> r.backHighNm() > 0).isPresent();
        if (school == School.THIN_HINGE && c.dLayM() > THIN_ON_MOST_M) {
            says.add(String.format(
                    Locale.ROOT, "25 mm on %.0f cm of stem leaves no margin", Math.ceil(100 * c.dLayM())));
        }
        if (pulledBack && c.closesAfterDeg() < SHUTS_EARLY_DEG) {
            says.add(String.format(
                    Locale.ROOT,
                    "pulled against its lean the face shuts at %.0f degrees while the line still pulls: the "
                            + "hinge tears off under load",
                    c.closesAfterDeg()));
        }
        if (school == School.DEEP_FACE && p.choice().means().kind() != Means.Kind.MACHINE_LINE) {
            says.add("nearly half is cut away before a hinge stands, and no machine holds it");
        }
        p.row()
                .filter(r -> r.use() >= 0.6)
                .ifPresent(r -> says.add(
                        r.use() >= 1
                                ? "the side lean asks more of this hinge than it holds"
                                : String.format(
                                        Locale.ROOT,
                                        "side lean uses %.0f %% of this hinge",
                                        Math.ceil(100 * r.use()))));
        if (c.warnings().contains("HINGE_NOT_RELIABLE")) {
            says.add("the wood is no hinge, whatever its measure");
        }
        if (c.warnings().contains("TOO_SMALL_TO_BORE")
                && p.choice().cuts().backCut().filter(BackCut::bored).isPresent()) {
            says.add("too little wood behind its hinge to bore");
        }
        return says;
    }
}
