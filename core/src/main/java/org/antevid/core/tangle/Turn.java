package org.antevid.core.tangle;

import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.antevid.core.quantity.Require;

/** One turn of the order: the stems that go together, and how they stand in the among.pile(). */
record Turn(
        Precedence among,
        Map<String, Set<String>> restsOn,
        TreeSet<String> ids,
        boolean ring,
        double own,
        double priority) {

    Release.Step removal(List<String> opened) {
        Map<String, Ways> methods = new LinkedHashMap<>();
        Map<String, GuardRing> zones = new LinkedHashMap<>();
        boolean bound = false;
        for (String id : ids) {
            Set<String> group = Require.present(among.groups(), id);
            boolean tied = tied(group);
            bound |= tied || group.size() > 1;
            methods.put(
                    id,
                    Ways.of(
                            among.pile().stem(id),
                            new Ways.Setting(
                                    ring,
                                    tied,
                                    group.size() > 1,
                                    onHung(group),
                                    beneathHeld(group),
                                    held(id),
                                    among.pile().machine())));
            zones.put(id, ring(id));
        }
        Release.Kind kind =
                ring ? Release.Kind.DEADLOCK_MACHINE : bound ? Release.Kind.BOUND_MACHINE : Release.Kind.SINGLE;
        Stream<Preparation> ties = among.pile().tiesToStanding(ids).stream()
                .map(t -> new Preparation(Preparation.Kind.SEVER_TIE, t.a(), Optional.of(t.b())));
        List<Preparation> before = Stream.concat(preparations(), ties)
                .sorted(Comparator.comparing(Preparation::label))
                .toList();
        return new Release.Step(
                kind, List.copyOf(ids), Optional.empty(), own, priority, before, methods, zones, changes(opened));
    }

    /** Before its own removal what was held is let go, from outside its ring. */
    List<Release.Step> letGo() {
        return ids.stream()
                .filter(id -> among.heldUp().stream().anyMatch(r -> r.a().equals(id)))
                .map(id -> new Release.Step(
                        Release.Kind.LET_GO,
                        List.of(id),
                        Optional.empty(),
                        own,
                        priority,
                        plates().sorted(Comparator.comparing(Preparation::label))
                                .toList(),
                        Map.of(),
                        Map.of(id, ring(id)),
                        List.of(new Effect(Effect.Kind.LET_GO, id))))
                .toList();
    }

    private boolean beneathHeld(Collection<String> group) {
        return among.heldUp().stream().anyMatch(r -> group.contains(r.b()));
    }

    List<Release.Step> severing() {
        return among.pile().tiesToStanding(ids).stream()
                .map(t -> new Release.Step(
                        Release.Kind.SEVER_TIE,
                        List.of(t.a()),
                        Optional.of(t),
                        own,
                        priority,
                        preparations()
                                .sorted(Comparator.comparing(Preparation::label))
                                .toList(),
                        Map.of(t.a(), severed(t)),
                        Map.of(t.a(), ring(t.a())),
                        List.of(new Effect(Effect.Kind.ASK_BOUND_AGAIN, t.a()))))
                .toList();
    }

    private Ways severed(Pile.Relation tie) {
        Set<String> group = Require.present(among.groups(), tie.a());
        return Ways.ofTie(
                tie,
                group.stream().map(among.pile()::stem).toList(),
                ring,
                onHung(group),
                among.pile().machine());
    }

    private boolean tied(Collection<String> group) {
        return !among.pile().tiesToStanding(group).isEmpty();
    }

    private boolean onHung(Collection<String> group) {
        return group.stream()
                .flatMap(id -> Require.present(restsOn, id).stream())
                .anyMatch(b -> among.pile().stem(b).hung());
    }

    private boolean held(String id) {
        return among.pile().relations().stream().anyMatch(r -> r.type() == Pile.Type.HELD_BY_ROPE && r.a().equals(id));
    }

    private Stream<Preparation> plates() {
        return ids.stream()
                .flatMap(id -> Stream.concat(Stream.of(id), Require.present(restsOn, id).stream()))
                .filter(p -> among.pile().stem(p).rootPlate())
                .distinct()
                .map(p -> Preparation.of(Preparation.Kind.SECURE_PLATE, p));
    }

    /** What only a hold keeps is held while anything of its ring is touched. */
    private Stream<Preparation> holds() {
        return among.heldFor(ids).stream().map(id -> Preparation.of(Preparation.Kind.HOLD, id));
    }

    private Stream<Preparation> preparations() {
        Stream<Preparation> ropes =
                ids.stream().filter(this::held).map(id -> Preparation.of(Preparation.Kind.KEEP_ROPE_TIGHT, id));
        return Stream.of(plates(), holds(), ropes).flatMap(x -> x);
    }

    private GuardRing ring(String id) {
        Pile.Stem s = among.pile().stem(id);
        Set<String> group = Require.present(among.groups(), id);
        List<Optional<Double>> lengths =
                group.stream().map(g -> among.pile().stem(g).lengthM()).toList();
        Optional<Double> longest = lengths.stream().anyMatch(Optional::isEmpty)
                ? Optional.empty()
                : lengths.stream().flatMap(Optional::stream).max(Double::compare);
        return GuardRing.of(new GuardRing.Ask(
                s.hung() ? GuardRing.State.HUNG : GuardRing.State.LYING,
                s.lengthM(),
                s.slopeDeg(),
                s.springLoaded(),
                s.rootPlate(),
                group.size() > 1 || tied(group),
                s.plateHeightM(),
                s.plateThickM(),
                longest,
                Optional.empty()));
    }

    private List<Effect> changes(List<String> opened) {
        Stream<Effect> onOthers = among.pile().relations().stream()
                .filter(r -> ids.contains(r.a()) && !ids.contains(r.b()))
                .flatMap(r -> effect(r).stream().map(k -> new Effect(k, r.b())));
        return Stream.concat(onOthers, opened.stream().map(id -> new Effect(Effect.Kind.OPENS, id)))
                .distinct()
                .sorted(Comparator.comparing(Effect::label))
                .toList();
    }

    private Optional<Effect.Kind> effect(Pile.Relation r) {
        boolean stays = among.pile().standing().contains(r.b());
        return switch (r.type()) {
            case RESTS_ON -> Optional.of(stays ? Effect.Kind.UNLOADS_WHAT_STAYS : Effect.Kind.UNLOADS);
            case OVERHANGS -> Optional.of(Effect.Kind.CLEARS_SPOT);
            case HELD_BY_ROPE -> Optional.of(Effect.Kind.ROPE_FREE);
            case BOUND -> Optional.empty();
        };
    }
}
