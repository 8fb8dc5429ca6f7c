package org.antevid.core.rule;

import static org.antevid.core.rule.Severity.CAUTION;
import static org.antevid.core.rule.Severity.NOTE;
import static org.antevid.core.rule.Severity.SECOND_OPINION;
import static org.antevid.core.rule.Severity.STOP;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.StemState;

/** Every recorded defect has a consequence. One consequence for each kind; all are practice rules. */
final class DefectRule implements Rule {
    private record Consequence(Severity severity, String words, String why, String clears) {
    }

    private static final Map<DefectKind, Consequence> CONSEQUENCES = new EnumMap<>(Map.ofEntries(
        Map.entry(DefectKind.DEAD_TOP, new Consequence(CAUTION, "nobody under it while wedges are driven",
            "blows on wedges shake dead wood loose, and a brash top flies on when it lands",
            "bring it over with a line and acknowledge that nobody works beneath")),
        Map.entry(DefectKind.HANGING_LIMB, new Consequence(CAUTION, "nobody works under it",
            "loose wood comes down unasked", "pull it down first or acknowledge the ground kept clear")),
        Map.entry(DefectKind.SPLIT_UNION, new Consequence(SECOND_OPINION, "it can open under the saw; not climbed, nothing rigged above",
            "a split union parts when the load shifts", "a second opinion, or a machine from outside the ring")),
        Map.entry(DefectKind.INCLUDED_BARK, new Consequence(CAUTION, "it can split up the stem",
            "bark in the seam holds nothing", "bore and strap, bind the stem, or acknowledge")),
        Map.entry(DefectKind.CRACK, new Consequence(SECOND_OPINION, "nothing tied or rigged above it, not climbed",
            "a crack says the wood has already moved", "a second opinion that has seen the crack")),
        Map.entry(DefectKind.CAVITY, new Consequence(CAUTION, "the hinge may have too little wood",
            "unprobed wood counts as decayed", "probe three directions, both hinge corners among them, or acknowledge")),
        Map.entry(DefectKind.FUNGUS, new Consequence(CAUTION, "the wood behind it counts as decayed until probed",
            "a bracket is the outside of decay", "probe three directions, both hinge corners among them, or acknowledge")),
        Map.entry(DefectKind.LIFTED_ROOT_PLATE, new Consequence(SECOND_OPINION, "not climbed, not an anchor, no guy to it, machine only",
            "the anchorage is past its peak and may go with no wind", "a second opinion and a machine from outside its reach")),
        Map.entry(DefectKind.BROKEN_BASE, new Consequence(SECOND_OPINION, "no hinge can be relied on",
            "broken fibres do not guide a fall", "a machine or winch from outside, with a second opinion")),
        Map.entry(DefectKind.METAL, new Consequence(CAUTION, "cut above it", "a chain that meets metal breaks or kicks",
            "set the cut above it, or acknowledge")),
        Map.entry(DefectKind.VINE, new Consequence(CAUTION, "the neighbour moves too", "tied crowns pull each other and throw limbs back",
            "cut the vine days before, or acknowledge")),
        Map.entry(DefectKind.OTHER, new Consequence(NOTE, "say it in the briefing", "what is seen is told", "told in the briefing"))));

    @Override
    public Stream<Finding> check(Situation s) {
        return s.stems().stream().filter(f -> f.reading().state() != StemState.FELLED && !f.reading().toBeKept())
            .flatMap(f -> f.reading().defects().stream().map(d -> finding(f.reading().label(), d)));
    }

    private static Finding finding(String label, Defect d) {
        Consequence c = CONSEQUENCES.get(d.kind());
        if (c == null || c.severity == STOP) {
            throw new IllegalStateException("no consequence for " + d.kind());
        }
        return Finding.of("defect:" + label + ":" + d.id(), c.severity, 2, label,
            String.format(Locale.ROOT, "%s: %s at %.1f m: %s", label, d.kind().words(), d.fromM(), c.words), c.why, "practice rule", c.clears);
    }
}
