package org.antevid.core.lay.sweep;

import org.antevid.core.stump.SplitRisk;

/** What must be done before a lay is free. */
public sealed interface Precondition {
    /** A target is protected as planned. */
    record Protect(String target) implements Precondition {}

    /** The means beat the backward moment as expected, not at its 95 % side. */
    record MoreMeans() implements Precondition {}

    /** Cut otherwise than straight. */
    record CutAs(SplitRisk.Advice advice) implements Precondition {}
}
