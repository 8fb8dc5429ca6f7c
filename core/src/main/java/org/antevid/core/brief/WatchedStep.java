package org.antevid.core.brief;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.StepKit;
import org.antevid.core.lay.zone.Zone;
import org.antevid.core.run.watch.BeaconWatch;
import org.antevid.core.run.watch.LineLimits;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemState;
import org.antevid.core.takedown.step.PiecePart;

/**
 * What instruments watch in one briefed step: the limits and the closed ground are those everybody was told, whatever
 * was changed since.
 *
 * @param line empty where the step pulls nothing
 * @param loadN what may hang in a machine or holding line, N; empty where nothing hangs
 */
public record WatchedStep(
        Optional<LineLimits> line, Optional<Double> loadN, PlanDocument plan, PlanDocument.StepPart step) {
    private static final double OUTSIDE_M = 15;
    /** Round a stem that hangs somehow (judgement), and the height of one nobody measured. */
    private static final double HEIGHTS = 2;

    private static final double UNKNOWN_M = 25;
    private static final Set<StepKit.Kind> WINCHES = Set.of(StepKit.Kind.TRACTOR_WINCH, StepKit.Kind.HAND_WINCH);

    public static WatchedStep of(PlanDocument plan, PlanDocument.StepPart step) {
        Optional<PlanDocument.StemPart> stem = step.stem().flatMap(plan::stem);
        Optional<LineLimits> line = step.kind() == Step.Kind.FELL
                ? stem.flatMap(PlanDocument.StemPart::lay).flatMap(PlanDocument.LayPart::line)
                : rated(step, WINCHES).map(n -> new LineLimits(0, n, n));
        Optional<Double> load = rated(step, Set.of(StepKit.Kind.HOLD)).or(() -> hook(step));
        return new WatchedStep(line, load, plan, step);
    }

    /** @return the most a crane's display may show of a piece, hook and slings in it */
    private static Optional<Double> hook(PlanDocument.StepPart step) {
        return step.piece()
                .flatMap(PiecePart::picked)
                .flatMap(PiecePart.Picked::displayMostKg)
                .map(kg -> kg * StemMass.G);
    }

    private static Optional<Double> rated(PlanDocument.StepPart step, Set<StepKit.Kind> kinds) {
        return step.kit().stream()
                .filter(k -> kinds.contains(k.kind()))
                .flatMap(k -> k.atLeastN().stream())
                .min(Double::compare);
    }

    /** @param name as people know them */
    public BeaconWatch.Bearer bearer(String personId, String name) {
        return new BeaconWatch.Bearer(name, worksInside(rolesOf(personId)), stand(personId));
    }

    /**
     * @return where this person is by the plan while the step runs: at their stand, the cutter at the stem, everybody
     *     without a part well outside the ring; empty where the step closes no ground round a stem
     */
    public Optional<Spot> placeOf(String personId) {
        Optional<PlanDocument.StemPart> stem = step.stem().flatMap(plan::stem);
        return stand(personId)
                .or(() -> stem.map(s -> rolesOf(personId).stream().anyMatch(Role::cuts)
                        ? s.at()
                        : s.at().at(plan.downhillDeg() + 180, plan.ringM(step).orElse(0.0) + OUTSIDE_M)));
    }

    /** @return ground that this person keeps off while the step runs */
    public List<Shape> closedTo(String personId) {
        Set<Role> roles = rolesOf(personId);
        return step.stem().flatMap(plan::stem).stream()
                .flatMap(s -> switch (step.kind()) {
                    case FELL -> felling(s, roles);
                    case ALOFT -> pieces();
                    default -> tangled(s);
                })
                .toList();
    }

    private Stream<Shape> pieces() {
        return step.piece().stream().flatMap(p -> p.zone().stream()).map(Shape::polygon);
    }

    /** Whoever works the line stands at its end. */
    private static Stream<Shape> felling(PlanDocument.StemPart stem, Set<Role> roles) {
        boolean atLine = roles.contains(Role.WINCH) || roles.contains(Role.GROUND);
        return stem.lay().stream().flatMap(l -> {
            List<Shape> zones = l.zones().stream()
                    .filter(z -> z.kind() == Zone.Kind.RING || z.kind() == Zone.Kind.LINE && !atLine)
                    .flatMap(z -> z.outlines().stream())
                    .map(Shape::polygon)
                    .toList();
            return zones.isEmpty() ? Stream.of(Shape.disc(stem.at(), l.exclusionM())) : zones.stream();
        });
    }

    /** Of a stem that hangs and nobody said how: all it may reach, so that not knowing closes no less. */
    private static Stream<Shape> tangled(PlanDocument.StemPart stem) {
        return stem
                .closed()
                .map(PlanDocument.ClosedPart::ground)
                .filter(g -> g.size() > 2)
                .map(Shape::polygon)
                .or(() -> Optional.of(stem)
                        .filter(s -> s.state() == StemState.HUNG)
                        .map(s -> Shape.disc(
                                s.at(),
                                s.ringM().orElse(HEIGHTS * s.heightHighM().orElse(UNKNOWN_M)))))
                .stream();
    }

    private boolean worksInside(Set<Role> roles) {
        return roles.stream().anyMatch(Role::cuts)
                || step.kind() != Step.Kind.FELL && roles.stream().anyMatch(Role::handlesTheTree);
    }

    private Set<Role> rolesOf(String personId) {
        return posts(personId).map(PlanDocument.PostPart::role).collect(Collectors.toSet());
    }

    private Optional<Spot> stand(String personId) {
        return posts(personId).flatMap(p -> p.stand().stream()).findFirst();
    }

    private Stream<PlanDocument.PostPart> posts(String personId) {
        return step.posts().stream().filter(p -> p.personId().equals(personId));
    }
}
