package org.antevid.core.judge;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.NOTE;
import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.antevid.core.lay.Means;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Access;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Permit;
import org.antevid.core.site.VoltageClass;
import org.antevid.core.stem.StemState;

/** Leave and protected things, the emergency card, live lines, and what gets in. */
final class PlaceRules {
    static final List<Rule> ALL = List.of(
            PlaceRules::permits, PlaceRules::emergency, PlaceRules::lines, PlaceRules::voltage, PlaceRules::machines);

    private PlaceRules() {}

    private static Stream<Finding> permits(Situation s) {
        return Stream.of(Permit.values())
                .flatMap(p -> switch (s.place().permits().getOrDefault(p, Permit.Answer.NOT_KNOWN)) {
                    case YES, NOT_NEEDED -> Stream.empty();
                    case NOT_KNOWN ->
                        Stream.of(Finding.of(
                                "permit:" + p,
                                CAUTION,
                                1,
                                "",
                                p.words() + ": not known",
                                p.why(),
                                "local code",
                                "ask and write the answer down, or acknowledge that it is open"));
                    case NO ->
                        Stream.of(Finding.of(
                                "permit:" + p, STOP, 1, "", p.words() + ": no", p.why(), "local code", p.yes()));
                });
    }

    private static Stream<Finding> emergency(Situation s) {
        boolean utility = s.site().features().stream()
                .anyMatch(f -> f.kind() == FeatureKind.OVERHEAD_LINE || f.kind() == FeatureKind.BURIED);
        List<String> missing = s.place().card().missing(utility);
        return missing.isEmpty()
                ? Stream.empty()
                : Stream.of(Finding.of(
                        "emergency",
                        STOP,
                        1,
                        "",
                        "the emergency card lacks: " + String.join(", ", missing),
                        "whoever finds somebody lying there must be able to read out where and whom",
                        "practice rule",
                        "fill in the card"));
    }

    /** Live lines inside the ring are the work of people trained for them. */
    private static Stream<Finding> lines(Situation s) {
        return s.stems().stream()
                .filter(f ->
                        f.reading().state() != StemState.FELLED && !f.reading().toBeKept())
                .flatMap(f -> s.site().features().stream()
                        .filter(Feature::live)
                        .filter(l -> l.shape().distanceTo(f.reading().at()) <= reachM(f))
                        .map(l -> Finding.of(
                                "line:" + f.reading().label() + ":" + l.id(),
                                SECOND_OPINION,
                                1,
                                f.reading().label(),
                                String.format(
                                        Locale.ROOT,
                                        "%s stands %s m from the %s, within its reach of %s m",
                                        f.reading().label(),
                                        Rounding.downText(
                                                l.shape().distanceTo(f.reading().at())),
                                        l.name(),
                                        Rounding.upText(reachM(f))),
                                "a stem, a line or a limb that nears a live line kills without " + "touching it",
                                "local code",
                                "have it switched off and mark that done, or a second opinion "
                                        + "by someone competent for work near live lines")));
    }

    private static double reachM(Situation.StemFacts f) {
        return f.lay()
                .map(l -> l.zone().designReachM() + l.zone().throwM())
                .or(() -> f.reading().height().map(h -> h.high()))
                .orElse(0.0);
    }

    private static Stream<Finding> voltage(Situation s) {
        return s.site().features().stream()
                .filter(f -> f.kind() == FeatureKind.OVERHEAD_LINE
                        && f.detail().voltage().orElse(VoltageClass.NOT_KNOWN) == VoltageClass.NOT_KNOWN)
                .map(f -> Finding.of(
                        "voltage:" + f.id(),
                        CAUTION,
                        1,
                        f.id(),
                        f.name() + ": nobody has said what it carries; it counts as high voltage",
                        "only its owner knows what a line carries",
                        "practice rule",
                        "ask its owner and record it, or acknowledge"));
    }

    /** A machine line needs a machine that gets in. */
    private static Stream<Finding> machines(Situation s) {
        List<Access.Machine> winches =
                s.place().machines().stream().filter(m -> m.pullN().isPresent()).toList();
        List<Access.Machine> in = winches.stream()
                .filter(m -> s.place().access().keepsOut(m).isEmpty())
                .toList();
        return s.stems().stream()
                .filter(f -> f.reading().state() != StemState.FELLED)
                .flatMap(f -> f.lay().stream())
                .filter(l -> l.choice().means().kind() == Means.Kind.MACHINE_LINE)
                .flatMap(l -> {
                    String label = l.stem().label();
                    if (winches.isEmpty()) {
                        return Stream.of(Finding.of(
                                "machine:" + label,
                                NOTE,
                                1,
                                label,
                                label + ": which machine pulls is not recorded",
                                "a pull is worth what its machine is",
                                "practice rule",
                                "record the crew's machines"));
                    }
                    if (in.isEmpty()) {
                        return Stream.of(Finding.of(
                                "machine:" + label,
                                STOP,
                                1,
                                label,
                                label + ": no winch of the crew gets in: "
                                        + String.join("; ", s.place().access().keepsOut(winches.get(0))),
                                "what is planned must be able to get there",
                                "geometry",
                                "another way in, another machine, or other means"));
                    }
                    double most = in.stream()
                            .mapToDouble(m -> m.pullN().orElseThrow())
                            .max()
                            .orElse(0);
                    return l
                            .choice()
                            .means()
                            .pullN()
                            .filter(p -> p > most)
                            .map(p -> Finding.of(
                                    "machine:" + label,
                                    CAUTION,
                                    1,
                                    label,
                                    String.format(
                                            Locale.ROOT,
                                            "%s: the plan pulls with %s, the strongest winch that gets in has %s",
                                            label,
                                            Rounding.pull(p),
                                            Rounding.pullDown(most)),
                                    "a pull is worth what its machine is",
                                    "geometry",
                                    "plan with the winch that is there, or acknowledge"))
                            .stream();
                });
    }
}
