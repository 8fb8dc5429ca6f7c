package org.antevid.core.stem;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.RefusedInput;

/**
 * What all sightings of one stem say together. Several of one kind are combined by weight; those that contradict each
 * other are shown and not averaged away: of two heights the larger counts then (practice rule), of diameters the spread
 * becomes the sigma. A sighting that is not accepted can only widen what the accepted ones say.
 *
 * @param disagreements what contradicts what
 */
public record FieldBook(
        Optional<Quantity> diameter,
        Optional<Quantity> height,
        Optional<LeanQuantity> lean,
        Optional<Quantity> crownRadius,
        Optional<CrownOffset> crownOffset,
        List<Wall> walls,
        Optional<Quantity> heave,
        Optional<Quantity> crownBase,
        List<Message> disagreements) {
    /** Two sightings contradict each other beyond this many of their common sigmas (practice rule). */
    private static final double BEYOND_SIGMAS = 2;

    /** A quantity and how it was got. */
    public record Quantity(Estimate estimate, Message how, boolean byEye) {}

    /** The lean and how it was got. */
    public record LeanQuantity(Lean lean, Message how, boolean byEye, List<SightingWarning> warnings) {}

    /**
     * A probed wall: sound wood from outside in, metres. One not accepted yet does not count as probed, only as thin.
     */
    public record Wall(double azimuthDeg, double heightM, Estimate thicknessM, boolean accepted) {}

    /** @param now the stem's state; sightings that it makes void are left out */
    public static FieldBook of(List<Sighting> all, StemState now) {
        List<Sighting> counted = all.stream().filter(s -> s.holdsFor(now)).toList();
        List<Message> says = new ArrayList<>();
        FieldBook sure = read(counted.stream().filter(Sighting::accepted).toList(), says);
        if (counted.stream().allMatch(Sighting::accepted)) {
            return sure;
        }
        FieldBook with = read(counted, new ArrayList<>());
        List<Wall> walls = counted.stream()
                .filter(s -> s.kind() == SightingKind.SOUND_WALL)
                .map(FieldBook::wall)
                .toList();
        return new FieldBook(
                wider(sure.diameter, with.diameter),
                wider(sure.height, with.height),
                widerLean(sure.lean, with.lean),
                wider(sure.crownRadius, with.crownRadius),
                sure.crownOffset,
                walls,
                with.heave,
                lower(sure.crownBase, with.crownBase),
                sure.disagreements);
    }

    private static FieldBook read(List<Sighting> counted, List<Message> says) {
        Optional<Quantity> diameter = combined(counted, SightedQuantity.DIAMETER, says);
        Optional<Quantity> height = combined(counted, SightedQuantity.HEIGHT, says);
        Optional<LeanQuantity> lean = lean(counted, height, says);
        List<CrownOffset.Radius> radii = counted.stream()
                .filter(s -> s.kind() == SightingKind.CROWN_RADIUS)
                .flatMap(s -> s
                        .number("azimuthDeg")
                        .map(a -> new CrownOffset.Radius(a, s.estimate().value()))
                        .stream())
                .toList();
        return new FieldBook(
                diameter,
                height,
                lean,
                crown(counted),
                offset(radii, says),
                counted.stream()
                        .filter(s -> s.kind() == SightingKind.SOUND_WALL)
                        .map(FieldBook::wall)
                        .toList(),
                counted.stream()
                        .filter(s -> s.kind() == SightingKind.HEAVE)
                        .max(Comparator.comparingDouble(s -> s.estimate().high()))
                        .map(s -> new Quantity(s.estimate(), s.how(), false)),
                counted.stream()
                        .filter(s -> s.kind() == SightingKind.CROWN_BASE)
                        .min(Comparator.comparingDouble(s -> s.estimate().value()))
                        .map(s -> new Quantity(s.estimate(), s.how(), false)),
                List.copyOf(says));
    }

    /**
     * A lower crown catches more wind and covers more ground; what is not accepted can only lower one that was
     * measured.
     */
    private static Optional<Quantity> lower(Optional<Quantity> sure, Optional<Quantity> with) {
        return sure.map(s ->
                with.filter(w -> w.estimate().value() < s.estimate().value()).orElse(s));
    }

    private static Wall wall(Sighting s) {
        return new Wall(
                s.number("azimuthDeg").orElseThrow(), s.number("heightM").orElseThrow(), s.estimate(), s.accepted());
    }

    private static Optional<Quantity> combined(List<Sighting> counted, SightedQuantity what, List<Message> says) {
        List<Sighting> measured = counted.stream()
                .filter(s -> s.kind().measured() == what && !s.kind().byEye())
                .toList();
        if (measured.isEmpty()) {
            return counted.stream()
                    .filter(s -> s.kind().measured() == what)
                    .reduce((a, b) -> b)
                    .map(s -> new Quantity(s.estimate(), s.how(), true));
        }
        List<Estimate> estimates = measured.stream().map(Sighting::estimate).toList();
        Message how = how(measured);
        if (!contradict(estimates)) {
            return Optional.of(new Quantity(Estimate.combined(estimates), how, false));
        }
        Estimate counts = what == SightedQuantity.HEIGHT
                ? estimates.stream()
                        .max(Comparator.comparingDouble(Estimate::high))
                        .orElseThrow()
                : Estimate.combined(estimates);
        says.add(
                Message.of(what == SightedQuantity.HEIGHT ? BookRemark.HEIGHTS_DISAGREE : BookRemark.DIAMETERS_DISAGREE)
                        .with(
                                "values",
                                Arg.several(estimates.stream()
                                        .map(e -> Arg.of(Dimension.HEIGHT, e.value()))
                                        .toList())));
        return Optional.of(new Quantity(counts, Message.of(How.IN_DISAGREEMENT).with("how", Arg.said(how)), false));
    }

    private static Message how(List<Sighting> measured) {
        List<Message> ways = measured.stream().map(Sighting::how).distinct().toList();
        return measured.size() == 1
                ? ways.get(0)
                : Message.of(How.SEVERAL)
                        .with("ways", Arg.several(ways.stream().map(Arg::said).toList()))
                        .with("count", Arg.count(measured.size()));
    }

    private static Message widened(Message how) {
        return Message.of(How.WIDENED).with("how", Arg.said(how));
    }

    private static Message refused(BookRemark what, RefusedInput e) {
        return Message.of(what).with("because", Arg.said(e.faults().get(0).says()));
    }

    private static boolean contradict(List<Estimate> e) {
        return e.stream().anyMatch(a -> e.stream()
                .anyMatch(b -> Math.abs(a.value() - b.value()) > BEYOND_SIGMAS * Math.hypot(a.sigma(), b.sigma())));
    }

    private static Optional<Quantity> crown(List<Sighting> counted) {
        Function<SightingKind, Stream<Sighting>> of = k -> counted.stream().filter(s -> s.kind() == k);
        return of.apply(SightingKind.CROWN_RADIUS)
                .max(Comparator.comparingDouble(s -> s.estimate().value()))
                .map(s -> new Quantity(
                        s.estimate(),
                        Message.of(How.LARGEST_TAPED)
                                .with(
                                        "count",
                                        Arg.count(of.apply(SightingKind.CROWN_RADIUS)
                                                .count())),
                        false))
                .or(() -> of.apply(SightingKind.EYE_CROWN)
                        .reduce((a, b) -> b)
                        .map(s -> new Quantity(s.estimate(), s.how(), true)));
    }

    private static Optional<CrownOffset> offset(List<CrownOffset.Radius> radii, List<Message> says) {
        if (radii.size() < 3) {
            return Optional.empty();
        }
        try {
            return Optional.of(CrownOffset.of(radii));
        } catch (RefusedInput e) {
            says.add(refused(BookRemark.CROWN_RADII, e));
            return Optional.empty();
        }
    }

    private static Optional<LeanQuantity> lean(List<Sighting> counted, Optional<Quantity> height, List<Message> says) {
        List<Sighting> views = counted.stream().filter(Sighting::isView).toList();
        Optional<LeanQuantity> direct = Stream.of(SightingKind.PLUMB_LEAN, SightingKind.EYE_LEAN)
                .flatMap(k -> counted.stream().filter(s -> s.kind() == k).reduce((a, b) -> b).stream())
                .findFirst()
                .map(s -> new LeanQuantity(
                        new Lean(
                                s.estimate().value(),
                                s.number("azimuthDeg").orElseThrow(),
                                s.estimate().sigma()),
                        s.how(),
                        s.kind().byEye(),
                        List.of()));
        if (views.isEmpty()) {
            return direct;
        }
        if (views.size() == 1 || height.isEmpty()) {
            says.add(Message.of(views.size() == 1 ? BookRemark.LEAN_SEEN_ONCE : BookRemark.LEAN_WAITS_FOR_HEIGHT));
            return direct;
        }
        try {
            double heightM = height.get().estimate().value();
            LeanByPlumb l =
                    LeanByPlumb.of(views.stream().map(s -> s.view(heightM)).toList());
            if (l.warnings().contains(SightingWarning.VIEWS_DISAGREE)) {
                says.add(Message.of(BookRemark.VIEWS_DISAGREE));
            }
            return Optional.of(new LeanQuantity(
                    l.lean(heightM),
                    Message.of(How.VIEWS).with("count", Arg.count(views.size())),
                    false,
                    l.warnings()));
        } catch (RefusedInput e) {
            says.add(refused(BookRemark.LEAN_VIEWS, e));
            return direct;
        }
    }

    /** The accepted estimate, stretched over what the others would make of it; nothing while nothing is accepted. */
    private static Optional<Quantity> wider(Optional<Quantity> sure, Optional<Quantity> with) {
        return sure.map(s -> {
            Estimate a = s.estimate();
            Estimate b = with.orElse(s).estimate();
            double low = Math.min(a.low(), b.low());
            double high = Math.max(a.high(), b.high());
            boolean same = low >= a.low() && high <= a.high();
            return same
                    ? s
                    : new Quantity(
                            new Estimate((low + high) / 2, (high - low) / (2 * Estimate.Z95)),
                            widened(s.how()),
                            s.byEye());
        });
    }

    private static Optional<LeanQuantity> widerLean(Optional<LeanQuantity> sure, Optional<LeanQuantity> with) {
        return sure.map(s -> {
            Lean a = s.lean();
            Lean b = with.orElse(s).lean();
            double apart = Math.hypot(b.offsetM(1, 0) - a.offsetM(1, 0), b.offsetM(1, 90) - a.offsetM(1, 90));
            double sigma = Math.max(a.sigmaDeg(), b.sigmaDeg()) + Math.toDegrees(Math.atan(apart)) / Estimate.Z95;
            return a.equals(b)
                    ? s
                    : new LeanQuantity(
                            new Lean(a.deg(), a.azimuthDeg(), Math.min(20, sigma)),
                            widened(s.how()),
                            s.byEye(),
                            s.warnings());
        });
    }
}
