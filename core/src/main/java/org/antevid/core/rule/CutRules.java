package org.antevid.core.rule;

import static org.antevid.core.rule.Severity.CAUTION;
import static org.antevid.core.rule.Severity.STOP;

import java.util.Map;
import java.util.stream.Stream;
import org.antevid.core.cut.CutCard;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.stem.StemState;

/** What the cut card says against itself. */
final class CutRules implements Rule {
    private static final Map<String, String> WARNED = Map.of(
        "HINGE_NOT_RELIABLE", "the wood cannot be relied on as a hinge",
        "DEAD_WOOD_ON_WEDGES", "a stiff dead hinge over wedges splits the stem; prefer a line",
        "THIN_HINGE_LARGE_STEM", "a thin hinge on more than half a metre leaves no margin",
        "FACE_CLOSES_EARLY_BYPASS", "face cuts that cross close the notch early");

    @Override
    public Stream<Finding> check(Situation s) {
        return s.stems().stream().filter(f -> f.reading().state() != StemState.FELLED).flatMap(f -> f.lay().stream()).flatMap(this::of);
    }

    private Stream<Finding> of(LayPlan p) {
        String label = p.stem().label();
        Stream<Finding> bar = p.card().barReach() == CutCard.BarReach.NOT_REACHABLE ? Stream.of(Finding.of("bar:" + label, STOP, 4, label,
            label + ": the bar does not get through the stem", "a cut that cannot be finished leaves a tree on a stub", "practice rule",
            "take a longer bar")) : Stream.empty();
        Stream<Finding> warned = p.card().warnings().stream().filter(WARNED::containsKey).map(w -> Finding.of("cut:" + label + ":" + w, CAUTION,
            4, label, label + ": " + WARNED.get(w), "the hinge steers the fall", "practice rule", "choose another type of cut, or acknowledge"));
        Stream<Finding> side = p.control().hold().filter(h -> h.utilisation() >= 0.6 && h.utilisation() < 1).stream().map(h -> Finding.of(
            "side:" + label, CAUTION, 4, label, label + ": side lean uses " + Math.round(Math.ceil(h.utilisation() * 100)) + " % of the hinge",
            "above 60 % a guy line is wanted", "mechanics", "lay closer to the lean, rig a guy, or acknowledge"));
        return Stream.of(bar, warned, side).flatMap(x -> x);
    }
}
