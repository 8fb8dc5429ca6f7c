package org.antevid.core.stem;

import java.util.function.ToDoubleFunction;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/** The figures of green wood a house may set, each with how far it may go in its own unit. */
public enum WoodFigure {
    DENSITY_LOW("densityLowKgm3", 300, 1400, GreenWood::densityLowKgm3),
    DENSITY("densityKgm3", 300, 1400, GreenWood::densityKgm3),
    DENSITY_HIGH("densityHighKgm3", 300, 1400, GreenWood::densityHighKgm3),
    /** Bending strength of the weakest common member, MPa. */
    HOLDS("holdsMPa", 10, 200, GreenWood::holdsMPa),
    /** Usual bending strength, MPa. */
    BENDS("bendsMPa", 10, 200, GreenWood::bendsMPa),
    /** Stiffness, GPa. */
    STIFFNESS("moeGPa", 2, 25, GreenWood::moeGPa);

    private final String field;
    private final double low;
    private final double high;
    private final ToDoubleFunction<GreenWood> of;

    WoodFigure(String field, double low, double high, ToDoubleFunction<GreenWood> of) {
        this.field = field;
        this.low = low;
        this.high = high;
        this.of = of;
    }

    /** @return its name among the figures of {@link GreenWood} */
    public String field() {
        return field;
    }

    public double low() {
        return low;
    }

    public double high() {
        return high;
    }

    public double of(GreenWood wood) {
        return of.applyAsDouble(wood);
    }

    /** @throws RefusedInput outside of how far it may go */
    void require(double value) {
        Require.within(value, low, high, field);
    }
}
