package org.antevid.core.tangle.beam;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The best places to cut a stem by hand, the least trouble first; none when there is no safe one.
 *
 * @param warnings of the stem on its supports
 */
public record BindBest(List<Place> best, List<Bind.Warning> warnings) {
    private static final double EVERY_M = 0.25;
    private static final double END_M = 0.3;
    private static final int MOST = 5;
    private static final double DROP_M = 0.5;
    private static final double HIGH_R = 0.15;
    private static final double HIGHEST_CUT_M = 1.3;
    /** Scores that differ by less are the same. */
    private static final double SAME = 1e-9;

    /**
     * A place to cut.
     *
     * @param score the lower the better
     * @param pieceKg of the lighter part
     * @param dropM the larger movement of the two faces, empty when one of them is not known
     */
    public record Place(
            double xM, double score, double pieceKg, Squeeze squeeze, BindSeverity severity, Optional<Double> dropM) {}

    /** @param maxPieceKg what can be moved */
    public static BindBest of(LyingStem stem, double maxPieceKg) {
        Bind.Held held = Bind.Held.of(stem);
        List<Place> places = new ArrayList<>();
        for (int i = (int) Math.ceil(END_M / EVERY_M); i * EVERY_M <= stem.lengthM() - END_M; i++) {
            BindCut cut = BindCut.of(held, i * EVERY_M);
            if (!excluded(cut)) {
                places.add(place(cut, maxPieceKg));
            }
        }
        // of two as good the one nearer the tip: it leaves the heavier piece where it lies
        places.sort(Comparator.comparingLong((Place p) -> Math.round(p.score() / SAME))
                .thenComparing(Place::xM, Comparator.reverseOrder()));
        return new BindBest(List.copyOf(places.subList(0, Math.min(MOST, places.size()))), held.warnings());
    }

    private static boolean excluded(BindCut cut) {
        return cut.flags().contains(BindCut.Flag.HUNG_PART_OVERHEAD_NO_HAND_CUT)
                || cut.flags().contains(BindCut.Flag.SUPPORT_LOAD_RISES)
                || cut.heightM()
                        .map(h -> h + cut.section().dM() / 2)
                        .filter(h -> h < 0 || h > HIGHEST_CUT_M)
                        .isPresent();
    }

    private static Place place(BindCut cut, double maxPieceKg) {
        List<Optional<Double>> moves =
                List.of(cut.buttPart().faceMoveM(), cut.tipPart().faceMoveM());
        boolean unknown = moves.stream().anyMatch(Optional::isEmpty);
        double drop = moves.stream()
                .flatMap(Optional::stream)
                .mapToDouble(Math::abs)
                .max()
                .orElse(0);
        double piece = Math.min(cut.buttPart().massKg(), cut.tipPart().massKg());
        double score = cut.severity().ordinal()
                + 2 * Math.min(1, drop / DROP_M)
                + (unknown ? 1 : 0)
                + Math.min(3, Math.max(0, 2 * (piece / maxPieceKg - 1)))
                + (cut.section().squeeze() == Squeeze.UNCERTAIN ? 2 : 0)
                + (cut.flags().contains(BindCut.Flag.CUT_AT_SUPPORT_SHEAR_PINCH) ? 1 : 0)
                + (cut.flags().contains(BindCut.Flag.UPPER_PART_SLIDES_ONTO_BAR) ? 1 : 0)
                + Math.min(1, cut.section().r() / HIGH_R);
        return new Place(
                cut.xM(),
                score,
                piece,
                cut.section().squeeze(),
                cut.severity(),
                unknown ? Optional.empty() : Optional.of(drop));
    }
}
