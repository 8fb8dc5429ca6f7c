package org.antevid.core.judge.defect;

import static org.antevid.core.message.Dimension.LENGTH;

import java.util.Comparator;
import org.antevid.core.judge.Finding;
import org.antevid.core.message.Arg;
import org.antevid.core.stem.StemReading;

/** The neighbour a crown is tied to moves too. */
final class Nearest {
    private Nearest() {}

    /** @return the same, naming the nearest other stem and how far away it stands */
    static Finding of(Case c, Finding said) {
        return c.situation().stems().stream()
                .map(f -> f.reading())
                .filter(r -> !r.label().equals(c.stem().label()))
                .min(Comparator.comparingDouble(
                        (StemReading r) -> r.at().distanceTo(c.stem().at())))
                .map(r -> said.with("nearest", Arg.name(r.label()))
                        .with(
                                "away",
                                Arg.down(LENGTH, r.at().distanceTo(c.stem().at()))))
                .orElse(said);
    }
}
