package org.antevid.core.stem;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * One observation as it was written down, with what follows from it. Never overwritten: it may be set aside with a
 * reason, and it stops counting when the stem's state makes it void.
 *
 * @param numbers raw numbers by name, SI and degrees
 * @param then state of the stem when it was taken
 * @param accepted whether it may relax the plan; one from the crew only tightens until the leader accepts it
 * @param setAside why it does not count, empty when it does
 */
public record Sighting(
        String id,
        SightingKind kind,
        Map<String, Double> numbers,
        Map<String, String> choices,
        StemState then,
        boolean accepted,
        Optional<String> setAside,
        Estimate estimate,
        List<SightingWarning> warnings) {
    private static final double TAPE_SIGMA_M = 0.01;
    private static final double CALLIPER_SIGMA_M = 0.005;
    private static final double CROWN_TAPE_SIGMA_M = 0.3;
    private static final double WALL_SIGMA_M = 0.015;
    private static final double HEAVE_SIGMA_M = 0.02;
    public static final double EYE_DIAMETER_SHARE = 0.10;
    public static final double EYE_HEIGHT_SHARE = 0.15;
    public static final double EYE_CROWN_SHARE = 0.20;
    private static final double CROWN_BASE_SIGMA_M = 0.5;

    public Sighting {
        numbers = Map.copyOf(numbers);
        choices = Map.copyOf(choices);
        warnings = List.copyOf(warnings);
    }

    /** What follows from raw numbers, and what is to be warned of. */
    private record Result(Estimate estimate, List<SightingWarning> warnings) {}

    /**
     * @throws RefusedInput naming every field that is missing or out of its range, or what the geometry does not allow
     */
    public static Sighting read(
            String id,
            SightingKind kind,
            Map<String, Double> given,
            Map<String, String> chosen,
            StemState then,
            boolean accepted) {
        Map<String, Double> numbers = new HashMap<>();
        Map<String, String> choices = new HashMap<>();
        List<Fault> faults = new ArrayList<>();
        for (FieldNote n : kind.notes()) {
            if (!n.choices().isEmpty()) {
                String c = chosen.getOrDefault(n.name(), n.choices().get(0));
                if (!n.choices().contains(c)) {
                    faults.add(
                            new Fault(Message.of(Refusal.NOT_AMONG).with("choices", Arg.names(n.choices())), n.name()));
                }
                choices.put(n.name(), c);
                continue;
            }
            Double v = given.get(n.name());
            if (v == null) {
                if (n.required()) {
                    faults.add(
                            new Fault(Message.of(Refusal.NEEDED_FOR_SIGHTING).with("kind", Arg.term(kind)), n.name()));
                }
                n.standard().ifPresent(s -> numbers.put(n.name(), s));
            } else if (!(v >= n.low() && v <= n.high())) {
                faults.add(new Fault(
                        Message.of(Refusal.OUT_OF_RANGE)
                                .with("is", Arg.figure(v))
                                .with("low", Arg.figure(n.low()))
                                .with("high", Arg.figure(n.high()))
                                .with("unit", Arg.name(n.unit())),
                        n.name()));
            } else {
                numbers.put(n.name(), v);
            }
        }
        if (!faults.isEmpty()) {
            throw new RefusedInput(faults);
        }
        Result r = result(kind, numbers, choices);
        return new Sighting(id, kind, numbers, choices, then, accepted, Optional.empty(), r.estimate, r.warnings);
    }

    /** @return how the quantity was got, as it stands behind it: "from girth 163 cm" */
    public Message how() {
        return kind == SightingKind.GIRTH
                ? Message.of(How.GIRTH).with("girth", Arg.of(Dimension.REACH, Require.present(numbers, "girthM")))
                : Message.of(How.BY).with("kind", Arg.term(kind));
    }

    private static Result result(SightingKind kind, Map<String, Double> n, Map<String, String> c) {
        return switch (kind) {
            case GIRTH ->
                good(Diameter.ofGirth(Require.present(n, "girthM"), TAPE_SIGMA_M, Require.present(n, "barkM"))
                        .overBark());
            case CALLIPER ->
                good(new Estimate(
                        Math.sqrt(Require.present(n, "firstM") * Require.present(n, "secondM")), CALLIPER_SIGMA_M));
            case EYE_DIAMETER -> share(Require.present(n, "diameterM"), EYE_DIAMETER_SHARE);
            case HEIGHT_ANGLES, DEFECT_HEIGHT -> angles(n, c);
            case HEIGHT_STICK ->
                stick(HeightByStick.of(
                        Require.present(n, "stickM"),
                        Require.present(n, "eyeToStickM"),
                        Require.present(n, "eyeToTreeM"),
                        0.005,
                        0.01,
                        0.2));
            case HEIGHT_SHADOW -> shadow(n);
            case HEIGHT_PHOTO -> {
                HeightByPhoto h = HeightByPhoto.of(new HeightByPhoto.Touched(
                        Require.present(n, "footY"),
                        Require.present(n, "markY"),
                        Require.present(n, "topY"),
                        Require.present(n, "aspect"),
                        Require.present(n, "knownM"),
                        Require.present(n, "cameraM"),
                        Optional.ofNullable(n.get("viewDeg"))));
                yield new Result(h.height(), h.warnings());
            }
            case LEAN_PHOTO -> {
                LeanByPhoto l = photo(n);
                yield good(new Estimate(l.deg(), l.sigmaDeg()));
            }
            case EYE_HEIGHT -> share(Require.present(n, "heightM"), EYE_HEIGHT_SHARE);
            case LEAN_VIEW -> {
                LeanByPlumb.PlumbView v = view(n);
                yield good(new Estimate(
                        v.offsetM()
                                .orElseGet(() -> v.distanceM().orElseThrow()
                                        * Math.tan(Math.toRadians(v.angleDeg().orElseThrow()))),
                        v.sigmaM()));
            }
            case PLUMB_LEAN -> good(new Estimate(Require.present(n, "leanDeg"), Require.present(n, "sigmaDeg")));
            case EYE_LEAN -> good(new Estimate(Require.present(n, "leanDeg"), Lean.EYE_SIGMA_DEG));
            case CROWN_RADIUS -> good(new Estimate(Require.present(n, "radiusM"), CROWN_TAPE_SIGMA_M));
            case EYE_CROWN -> share(Require.present(n, "radiusM"), EYE_CROWN_SHARE);
            case CROWN_BASE -> good(new Estimate(Require.present(n, "heightM"), CROWN_BASE_SIGMA_M));
            case SOUND_WALL -> good(new Estimate(Require.present(n, "wallM"), WALL_SIGMA_M));
            case HEAVE -> good(new Estimate(Require.present(n, "liftM"), HEAVE_SIGMA_M));
        };
    }

    private static Result angles(Map<String, Double> n, Map<String, String> c) {
        HeightByAngles h = HeightByAngles.of(new HeightByAngles.Sighting(
                HeightByAngles.Mode.valueOf(Require.present(c, "mode").toUpperCase(Locale.ROOT)),
                HeightByAngles.Unit.valueOf(Require.present(c, "unit").toUpperCase(Locale.ROOT)),
                Require.present(n, "distanceM"),
                Require.present(n, "top"),
                Require.present(n, "base"),
                Require.present(n, "groundSlopeDeg"),
                0.1,
                0.25,
                0,
                0));
        return new Result(h.height(), h.warnings());
    }

    private static Result stick(HeightByStick h) {
        return new Result(h.height(), h.warnings());
    }

    private static Result shadow(Map<String, Double> n) {
        HeightByShadow h = HeightByShadow.of(new HeightByShadow.Shadows(
                Require.present(n, "treeShadowM"),
                Require.present(n, "poleM"),
                Require.present(n, "poleShadowM"),
                Require.present(n, "treeFallDeg"),
                Require.present(n, "poleFallDeg"),
                0.5,
                0.01,
                0.02));
        return new Result(h.height(), h.warnings());
    }

    private static LeanByPlumb.PlumbView view(Map<String, Double> n) {
        return new LeanByPlumb.PlumbView(
                Require.present(n, "bearingDeg"),
                Optional.ofNullable(n.get("offsetM")),
                Optional.ofNullable(n.get("angleDeg")),
                Optional.ofNullable(n.get("distanceM")),
                Require.present(n, "sigmaM"));
    }

    private static LeanByPhoto photo(Map<String, Double> n) {
        return LeanByPhoto.of(
                at(n, "footX", "footY"),
                at(n, "topX", "topY"),
                at(n, "lowX", "lowY"),
                at(n, "highX", "highY"),
                Require.present(n, "aspect"));
    }

    private static PictureSpot at(Map<String, Double> n, String x, String y) {
        return new PictureSpot(Require.present(n, x), Require.present(n, y));
    }

    private static Result good(Estimate e) {
        return new Result(e, List.of());
    }

    private static Result share(double value, double share) {
        return good(new Estimate(value, share * value));
    }

    /** @return whether it is one view of the lean, of which two make one */
    boolean isView() {
        return kind == SightingKind.LEAN_VIEW || kind == SightingKind.LEAN_PHOTO;
    }

    /**
     * @param heightM of the stem: what a photo says as an angle is an offset at its top
     * @return the plumbed view that it is
     */
    LeanByPlumb.PlumbView view(double heightM) {
        if (kind == SightingKind.LEAN_VIEW) {
            return view(numbers);
        }
        LeanByPhoto l = photo(numbers);
        return new LeanByPlumb.PlumbView(
                Require.present(numbers, "bearingDeg"),
                Optional.of(heightM * Math.tan(Math.toRadians(l.deg()))),
                Optional.empty(),
                Optional.empty(),
                heightM * Math.tan(Math.toRadians(l.sigmaDeg())));
    }

    Optional<Double> number(String name) {
        return Optional.ofNullable(numbers.get(name));
    }

    public boolean holdsFor(StemState now) {
        return setAside.isEmpty() && kind.measured().stillHolds(then, now);
    }
}
