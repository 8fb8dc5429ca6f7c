package org.antevid.core.takedown.pieces;

import java.util.Optional;

/**
 * Friction on another tree, over which the second line holds a piece first, until the line over the stem takes it over
 * (practice): so nothing hangs above a fault of the stem. What is empty nobody has chosen.
 *
 * @param device the line runs over it to a brake out of the swing
 * @param sling holds the device to that tree
 */
public record FrictionAloft(Optional<Gear.Part> device, Optional<Gear.Part> sling) {
    boolean whole() {
        return device.isPresent() && sling.isPresent();
    }
}
