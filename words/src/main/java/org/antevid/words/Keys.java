package org.antevid.words;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/** Finds the constant a key of the catalogue stands for, whichever package of the core it lives in today. */
public final class Keys {
    private static final List<String> ROOMS = List.of(
            "quantity",
            "message",
            "site",
            "stem",
            "stump",
            "assist",
            "retreat",
            "tangle",
            "tangle.beam",
            "tangle.plate",
            "tangle.picture",
            "tangle.limb",
            "takedown.pieces",
            "takedown.drop",
            "takedown.picks",
            "takedown.crane",
            "crew",
            "crew.roster",
            "outcome",
            "run",
            "run.watch",
            "lay",
            "lay.spread",
            "lay.sweep",
            "lay.zone",
            "lay.rehearsal",
            "lay.dial",
            "cutting",
            "judge",
            "judge.place",
            "judge.weather",
            "judge.stem",
            "judge.defect",
            "judge.lay",
            "judge.cut",
            "judge.tangle",
            "judge.takedown",
            "judge.crew",
            "judge.verdict",
            "judge.all",
            "brief",
            "drill",
            "learn");
    /** What is kept carries the names of its day: types that have been renamed, under the name they had. */
    private static final Map<String, String> FORMER = Map.of(
            "Basis.Told", "Basis.AnswerKind",
            "LayPlan.TargetCheck.Struck", "TargetCheck.NoChance",
            "LayPlan.TargetCheck.NoChance", "TargetCheck.NoChance",
            "Measured", "SightedQuantity",
            "DoesNotMove.Then", "DoesNotMove.Remedy",
            "Rig.When", "Rig.PullBegin",
            "Method.Way", "Ways.Way");

    private static final Map<String, Optional<Class<?>>> KNOWN = new ConcurrentHashMap<>();

    private Keys() {}

    /** @return the constant of a key like {@code Zone.Kind.RING}; empty where none is called so any more */
    public static Optional<Enum<?>> find(String key) {
        int dot = key.lastIndexOf('.');
        return dot < 0
                ? Optional.empty()
                : KNOWN.computeIfAbsent(key.substring(0, dot), Keys::type)
                        .flatMap(type -> Stream.of(type.getEnumConstants())
                                .<Enum<?>>map(c -> (Enum<?>) c)
                                .filter(c -> c.name().equals(key.substring(dot + 1)))
                                .findFirst());
    }

    private static Optional<Class<?>> type(String kept) {
        String name = FORMER.getOrDefault(kept, kept);
        for (String room : ROOMS) {
            try {
                Class<?> type = Class.forName("org.antevid.core." + room + "." + name.replace('.', '$'));
                if (type.isEnum()) {
                    return Optional.of(type);
                }
            } catch (ClassNotFoundException e) {
                // it lives in another room
            }
        }
        return Optional.empty();
    }
}
