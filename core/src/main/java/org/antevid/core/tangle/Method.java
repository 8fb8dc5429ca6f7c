package org.antevid.core.tangle;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.stem.StemMass;

/**
 * Ways to bring one stem down, best first. Leaving, cordoning and marking is always on the list and is a valid result.
 * Drag force F = m g (mu cos s + sin s), the whole weight dragged: an upper bound. Practice rules; forces from statics.
 *
 * @param pullN upper bound of the force to drag it, N
 * @param leverN handle force to roll it with a 1.3 m lever, N
 * @param notes labels saying what was left out and why
 */
public record Method(List<Way> ladder, double pullN, double leverN, List<String> notes) {
    private static final double WINCH_RESERVE = 1.5;
    private static final double ROLLING_FRICTION = 0.4;
    private static final double LEVER_M = 1.3;
    private static final double LEVER_MOST_N = 400;

    /** One way, with its key in the open interface. */
    public enum Way {
        MACHINE_WITH_CAB,
        TRACTOR_WINCH_FROM_BEHIND,
        HAND_WINCH_AWAY_FROM_LAY,
        ROTATE_WITH_LEVER,
        CROSSCUT_WITH_BIND_PLAN,
        LEAVE_CORDON_MARK;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    static Method of(Pile pile, Pile.Stem s, boolean bound, boolean deadlock) {
        double slope = Math.toRadians(s.slopeDeg());
        double pull = s.massKg() * StemMass.G * (s.mu() * Math.cos(slope) + Math.sin(slope));
        double lever = 0.5 * s.massKg() * StemMass.G * ROLLING_FRICTION * s.buttDM() / LEVER_M;
        boolean onHung = pile.amongRemoved().stream()
                .anyMatch(r -> r.type() == Pile.Type.RESTS_ON
                        && r.a().equals(s.id())
                        && pile.stem(r.b()).hung());
        boolean machineOnly = bound || deadlock;
        List<Way> ladder = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        if (pile.machine()) {
            ladder.add(Way.MACHINE_WITH_CAB);
        }
        boolean alone = pile.relations().stream().noneMatch(r -> r.a().equals(s.id()) || r.b().equals(s.id()));
        if (!machineOnly && alone && !s.hung() && !s.springLoaded() && !s.rootPlate()) {
            ladder.add(Way.CROSSCUT_WITH_BIND_PLAN);
        }
        if (!machineOnly && strongEnough(s.tractorWinchN(), pull)) {
            ladder.add(Way.TRACTOR_WINCH_FROM_BEHIND);
        }
        boolean handBanned = machineOnly || onHung || s.rootPlate() || s.springLoaded();
        if (!handBanned && strongEnough(s.handWinchN(), pull)) {
            ladder.add(Way.HAND_WINCH_AWAY_FROM_LAY);
        }
        if (!handBanned
                && s.hung()
                && s.buttDM() <= 0.25
                && s.massKg() <= 400
                && !s.lockedInFork()
                && lever <= LEVER_MOST_N) {
            ladder.add(Way.ROTATE_WITH_LEVER);
        }
        ladder.add(Way.LEAVE_CORDON_MARK);
        if (onHung) {
            notes.add("lies_on_a_hung_stem");
        }
        if (machineOnly && !pile.machine()) {
            notes.add("machine_needed");
        }
        return new Method(List.copyOf(ladder), pull, lever, List.copyOf(notes));
    }

    private static boolean strongEnough(Optional<Double> ratedN, double pullN) {
        return ratedN.filter(n -> n >= WINCH_RESERVE * pullN).isPresent();
    }
}
