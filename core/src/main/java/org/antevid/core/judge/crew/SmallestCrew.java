package org.antevid.core.judge.crew;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.antevid.core.crew.Role;
import org.antevid.core.takedown.pieces.TakeDown;

/**
 * The fewest people a tree can be taken down with: all that one step asks for at once, whoever stands by to rescue and
 * does nothing else among them.
 *
 * @param roles one for each person, the rescuer last
 * @param piece that asks for them
 */
public record SmallestCrew(List<Role> roles, int piece) {
    public SmallestCrew {
        roles = List.copyOf(roles);
    }

    /** @return for what is still to come down; empty where nothing is */
    public static Optional<SmallestCrew> of(TakeDown plan) {
        return PieceSteps.groups(plan).stream()
                .filter(g -> g.pieces().stream().noneMatch(plan::down))
                .map(g -> new SmallestCrew(
                        g.work().kind().roles(), g.pieces().get(0).number()))
                .max(Comparator.comparingInt((SmallestCrew c) -> c.roles.size())
                        .thenComparing(c -> c.piece, Comparator.reverseOrder()));
    }
}
