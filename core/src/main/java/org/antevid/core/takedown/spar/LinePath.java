package org.antevid.core.takedown.spar;

import java.util.ArrayList;
import java.util.List;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;

/**
 * The way of a line from the piece to the brake.
 *
 * @param lineN peak in the leg to the piece
 * @param nodes at least two, the piece first
 * @param swayFactor the stem answers a short pull with a bigger bend
 */
public record LinePath(double lineN, List<Node> nodes, double swayFactor) {
    /**
     * @param onStem it pulls at the stem; never the first, the last only towards the one before it
     * @param efficiency tension behind over tension before it
     */
    public record Node(Point at, boolean onStem, double efficiency) {}

    /** A force at a place. */
    record Pull(Point at, Point forceN) {}

    /** @throws RefusedInput {@code ZERO_LENGTH} for a node at the place of the one before it */
    public LinePath {
        nodes = List.copyOf(nodes);
        for (int i = 1; i < nodes.size(); i++) {
            if (nodes.get(i).at.minus(nodes.get(i - 1).at).size() == 0) {
                throw new RefusedInput(Refusal.ZERO_LENGTH, "path[" + i + "]");
            }
        }
    }

    /** @return tensions of the legs, for every choice of friction and none at each inner node */
    List<double[]> tensions() {
        List<double[]> all = new ArrayList<>();
        fill(all, new double[nodes.size() - 1], 0, lineN);
        return all;
    }

    private void fill(List<double[]> all, double[] legs, int leg, double n) {
        legs[leg] = n;
        if (leg == legs.length - 1) {
            all.add(legs.clone());
            return;
        }
        double efficiency = nodes.get(leg + 1).efficiency;
        fill(all, legs, leg + 1, n);
        if (efficiency < 1) {
            fill(all, legs, leg + 1, n * efficiency);
        }
    }

    private Point force(int i, double[] legs) {
        Point at = nodes.get(i).at;
        Point back = at.towards(nodes.get(i - 1).at).times(legs[i - 1]);
        return i == nodes.size() - 1
                ? back
                : back.plus(at.towards(nodes.get(i + 1).at).times(legs[i]));
    }

    /** @return what pulls at the stem with these tensions, sway counted */
    List<Pull> onStem(double[] legs) {
        List<Pull> pulls = new ArrayList<>();
        for (int i = 1; i < nodes.size(); i++) {
            if (nodes.get(i).onStem) {
                pulls.add(new Pull(nodes.get(i).at, force(i, legs).times(swayFactor)));
            }
        }
        return pulls;
    }

    /** @return the largest force of each inner node, without sway */
    List<Double> blocksN() {
        List<double[]> all = tensions();
        List<Double> most = new ArrayList<>();
        for (int i = 1; i < nodes.size() - 1; i++) {
            int node = i;
            most.add(all.stream()
                    .mapToDouble(legs -> force(node, legs).size())
                    .max()
                    .orElse(0));
        }
        return most;
    }
}
