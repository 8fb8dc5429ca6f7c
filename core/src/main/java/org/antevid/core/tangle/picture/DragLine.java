package org.antevid.core.tangle.picture;

import java.util.List;
import java.util.Optional;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;

/**
 * The line by which the butt of a hung stem is dragged away.
 *
 * @param winch where it stands
 * @param redirect a block on the way, empty when the line runs straight
 */
public record DragLine(Spot winch, Optional<Spot> redirect) {
    private static final double BESIDE_M = 1;

    /** @return what the butt is pulled toward */
    public Spot toward() {
        return redirect.orElse(winch);
    }

    /**
     * @return the ground inside the bend of the line, where it strikes when it or the block gives; empty without one
     */
    public Optional<Shape> bight(Spot butt) {
        return redirect.map(r -> {
            Shape rope = Shape.line(List.of(butt, r, winch)).grown(BESIDE_M);
            double twice = (r.eastM() - butt.eastM()) * (winch.northM() - butt.northM())
                    - (r.northM() - butt.northM()) * (winch.eastM() - butt.eastM());
            return Math.abs(twice) < 1 ? rope : rope.with(Shape.polygon(List.of(butt, r, winch)));
        });
    }
}
