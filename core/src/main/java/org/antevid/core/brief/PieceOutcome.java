package org.antevid.core.brief;

import java.util.List;
import java.util.Optional;
import org.antevid.core.run.PieceWent;
import org.antevid.core.takedown.picks.Weighing;
import org.antevid.core.takedown.pieces.Way;
import org.antevid.core.takedown.step.PiecePart;

/**
 * How the pieces of a step came down, beside what was briefed of them.
 *
 * @param numbers their turns among all of the tree, {@code of} so many
 * @param briefedKg at the heavy end, of the heaviest
 * @param weighedKg what the load display showed of it, hook and slings off; empty where nothing was weighed
 * @param more weighed over briefed, less one: above nought it was heavier than anybody was told
 * @param lineN peak in the line that was briefed; empty without one
 * @param briefedMin minutes the step was planned to take
 * @param tookMin empty of one that stood over night
 */
public record PieceOutcome(
        List<Integer> numbers,
        int of,
        Way way,
        double briefedKg,
        Optional<Double> weighedKg,
        Optional<Double> more,
        Optional<Double> lineN,
        int briefedMin,
        Optional<Integer> tookMin,
        PieceWent went) {
    public PieceOutcome {
        numbers = List.copyOf(numbers);
    }

    /**
     * A line that caught more than was reckoned may have seen more than the house lets it: nobody knows its peak.
     *
     * @return whether it is looked over, or retired, before it is used again (practice rule)
     */
    public boolean lineLookedOver() {
        return lineN.isPresent() && (went == PieceWent.HEAVIER || went == PieceWent.SNAGGED);
    }

    /**
     * @param readings of its tree, the oldest first: the last free one of its piece counts
     * @return empty of a step that took no piece
     */
    public static Optional<PieceOutcome> of(
            PlanDocument.StepPart step, PieceWent went, Optional<Integer> tookMin, List<Weighing> readings) {
        return step.piece().map(p -> of(step, p, went, tookMin, readings));
    }

    private static PieceOutcome of(
            PlanDocument.StepPart step,
            PiecePart p,
            PieceWent went,
            Optional<Integer> tookMin,
            List<Weighing> readings) {
        Optional<Double> weighed = readings.stream()
                .filter(r -> r.free() && p.numbers().equals(List.of(r.piece())))
                .reduce((a, b) -> b)
                .map(Weighing::weighedKg);
        return new PieceOutcome(
                p.numbers(),
                p.of(),
                p.way(),
                p.massKg(),
                weighed,
                weighed.map(kg -> kg / p.massKg() - 1),
                p.lineN(),
                step.endMin() - step.startMin(),
                tookMin,
                went);
    }
}
