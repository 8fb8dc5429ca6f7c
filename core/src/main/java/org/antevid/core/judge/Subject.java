package org.antevid.core.judge;

/** What a finding is about. Stems go by the label they have in the job, all else by id. */
public sealed interface Subject {
    /** @return the same thing, the same id */
    String id();

    /** The whole job. */
    record Job() implements Subject {
        @Override
        public String id() {
            return "";
        }
    }

    record Stem(String id) implements Subject {}

    /** A feature on the site plan. */
    record Place(String id, String name) implements Subject {}

    /** A step of the work. */
    record Work(String id, int turn) implements Subject {}
}
