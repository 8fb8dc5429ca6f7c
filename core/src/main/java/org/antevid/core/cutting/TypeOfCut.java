package org.antevid.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.Condition;
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
        Optional<Double> use,
        double holdNm,
        Message whenClosed,
        List<Message> contradictions) {
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
        double hold = HingeHold.of(p.stem().greenWood(), Condition.SOUND, c, 1, 0, 0, 0)
                .forwardHoldNm();
        return new TypeOfCut(school, c, p.judged().map(r -> r.control().use()), hold, whenClosed(c), contradictions(p));
    }

    private static Message whenClosed(CutCard c) {
        return c.hingeToGround()
                ? Message.of(TypeWords.STEERS_ALL_THE_WAY)
                : Message.of(TypeWords.FACE_SHUTS)
                        .with("at", Arg.of(Dimension.OPENING, c.closesAfterDeg()))
                        .with("free", Arg.up(Dimension.SECTOR, c.freeFlightDeg()));
    }

    private static List<Message> contradictions(LayPlan p) {
        List<Message> says = new ArrayList<>();
        CutCard c = p.card();
        School school = p.choice().school();
        boolean pulledBack = p.choice().means().isLine()
                && p.judged().filter(r -> r.back().highNm() > 0).isPresent();
        if (school == School.THIN_HINGE && c.dLayM() > THIN_ON_MOST_M) {
            says.add(Message.of(TypeWords.THIN_ON_MUCH)
                    .with("hinge", Arg.of(Dimension.SHORT, c.hingeThickM()))
                    .with("stem", Arg.up(Dimension.REACH, c.dLayM())));
        }
        if (pulledBack && c.closesAfterDeg() < SHUTS_EARLY_DEG) {
            says.add(
                    Message.of(TypeWords.SHUTS_WHILE_PULLED).with("at", Arg.of(Dimension.OPENING, c.closesAfterDeg())));
        }
        if (school == School.DEEP_FACE && p.choice().means().kind() != Means.Kind.MACHINE_LINE) {
            says.add(Message.of(TypeWords.NO_MACHINE_HOLDS));
        }
        p.judged()
                .filter(r -> r.control().use() >= 0.6)
                .ifPresent(r -> says.add(
                        r.control().use() >= 1
                                ? Message.of(TypeWords.SIDE_LEAN_TOO_MUCH)
                                : Message.of(TypeWords.SIDE_LEAN_USES)
                                        .with(
                                                "share",
                                                Arg.up(
                                                        Dimension.SHARE,
                                                        r.control().use()))));
        if (c.warnings().contains(CutCard.Warning.HINGE_NOT_RELIABLE)) {
            says.add(Message.of(TypeWords.NO_HINGE_WOOD));
        }
        if (c.warnings().contains(CutCard.Warning.TOO_SMALL_TO_BORE)
                && p.choice().cuts().backCut().filter(BackCut::bored).isPresent()) {
            says.add(Message.of(TypeWords.TOO_SMALL_TO_BORE));
        }
        return says;
    }
}
