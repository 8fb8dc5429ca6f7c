package org.antevid.app.stem;

import java.util.Map;
import java.util.Optional;
import org.antevid.core.stem.GreenWood;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.WeighedBefore;

/**
 * What the house knows of wood beside the literature.
 *
 * @param ownWood figures it has set itself
 * @param weighed what it has weighed before
 */
public record HouseFigures(Map<Species, GreenWood> ownWood, Map<Species, WeighedBefore> weighed) {
    Optional<GreenWood> wood(Species s) {
        return Optional.ofNullable(ownWood.get(s));
    }

    WeighedBefore before(Species s) {
        return weighed.getOrDefault(s, WeighedBefore.NOTHING);
    }
}
