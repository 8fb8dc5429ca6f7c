package org.antevid.core.takedown;

import java.util.Comparator;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/** Gathers what is to be said, each thing once, in the order of its label. */
public final class Remarks {
    private final SortedSet<Told> told = new TreeSet<>(Comparator.comparing(Told::label));

    /** @param about field, name or place it is said of; empty of the whole */
    public record Told(Remark what, List<String> about) {
        public Told {
            about = List.copyOf(about);
        }

        /** @return as the open interface writes it */
        public String label() {
            return about.isEmpty() ? what.name() : what.name() + ":" + String.join(":", about);
        }
    }

    public Remarks say(Remark what, String... about) {
        told.add(new Told(what, List.of(about)));
        return this;
    }

    public Remarks when(boolean holds, Remark what, String... about) {
        return holds ? say(what, about) : this;
    }

    public Remarks all(List<Told> more) {
        told.addAll(more);
        return this;
    }

    public List<Told> told() {
        return List.copyOf(told);
    }

    /** @return the worst of what is said */
    public static Finding worst(List<Told> told) {
        return told.stream()
                .map(t -> t.what.finding())
                .max(Comparator.naturalOrder())
                .orElse(Finding.NONE);
    }
}
