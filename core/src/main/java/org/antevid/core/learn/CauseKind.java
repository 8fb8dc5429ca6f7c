package org.antevid.core.learn;

import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.message.Code;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.Explanation;
import org.antevid.core.outcome.SectorFound;
import org.antevid.core.outcome.StumpReading;
import org.jspecify.annotations.Nullable;

/** What somebody says brought a stem to where it came to lie. Several may hold at once; none of them is a verdict. */
public enum CauseKind implements Code {
    NOTCH_LINE(Explanation.Cause.NOTCH_LINE),
    HINGE_UNEVEN(Explanation.Cause.HINGE_UNEVEN),
    SIDE_LEAN(Explanation.Cause.SIDE_LEAN),
    WIND(Explanation.Cause.WIND),
    HINGE_GONE_EARLY(Explanation.Cause.EARLY_LOSS),
    CROWN_CAUGHT(null),
    TOO_LITTLE_MEANS(null),
    LENGTH_MISJUDGED(null),
    WOOD_WEAKER(null),
    MISUNDERSTOOD(null),
    OTHER(null);

    private final Explanation.@Nullable Cause read;

    CauseKind(Explanation.@Nullable Cause read) {
        this.read = read;
    }

    /** @return the share of the explanation that has a number for it; empty where only people can tell */
    public Optional<Explanation.Cause> read() {
        return Optional.ofNullable(read);
    }

    /** @return whether what became of the fall itself says so */
    public boolean seenIn(Control control) {
        return switch (this) {
            case CROWN_CAUGHT -> control == Control.HUNG;
            case TOO_LITTLE_MEANS -> control == Control.STALLED || control == Control.SAT_BACK;
            case HINGE_GONE_EARLY -> control == Control.LOST;
            case NOTCH_LINE, HINGE_UNEVEN, SIDE_LEAN, WIND, LENGTH_MISJUDGED, WOOD_WEAKER, MISUNDERSTOOD, OTHER ->
                false;
        };
    }

    /** @return whether what the wood of the stump looks like says so */
    public boolean seenIn(StumpReading stump) {
        return switch (this) {
            case HINGE_GONE_EARLY -> stump.letGoEarly();
            case WOOD_WEAKER -> stump.sectors().stream().anyMatch(s -> s.fibre() == SectorFound.Fibre.DECAYED);
            case NOTCH_LINE,
                    HINGE_UNEVEN,
                    SIDE_LEAN,
                    WIND,
                    CROWN_CAUGHT,
                    TOO_LITTLE_MEANS,
                    LENGTH_MISJUDGED,
                    MISUNDERSTOOD,
                    OTHER -> false;
        };
    }

    /** @return the lessons it offers, in the order in which they are asked for */
    public Stream<LessonIdea> ideas() {
        return Stream.of(LessonIdea.values()).filter(i -> i.cause() == this);
    }
}
