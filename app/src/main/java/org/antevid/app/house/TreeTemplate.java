package org.antevid.app.house;

import java.util.Optional;
import org.antevid.core.lay.Means;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;

/**
 * How a tree of a usual sort is begun: what whoever chooses it has seen. What it leaves out is asked for.
 *
 * @param leanDeg toward no side in particular, so 0 alone, which is "none seen"; empty: asked for
 */
public record TreeTemplate(
        String name,
        Optional<Species> species,
        Optional<Condition> wood,
        Optional<Double> leanDeg,
        Optional<Means.Kind> means) {
    public TreeTemplate {
        leanDeg.ifPresent(l -> Require.within(l, 0, 0, "lean_deg"));
    }
}
