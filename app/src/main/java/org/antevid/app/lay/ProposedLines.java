package org.antevid.app.lay;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.antevid.app.house.Kits;
import org.antevid.app.place.Surroundings;
import org.antevid.core.assist.KitItem;
import org.antevid.core.assist.ProposedLine;
import org.antevid.core.assist.Rig;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemReading;
import org.antevid.words.Answer;
import org.springframework.stereotype.Component;

/**
 * A line nobody has planned yet: tied as high as it may be with reserve, anchored out of the stem's reach, with the
 * strongest rope and pull the house has. Marked as proposed wherever it shows.
 */
@Component
public class ProposedLines {
    private static final double CUT_M = 0.3;
    private final Kits kits;
    private final Surroundings surroundings;

    ProposedLines(Kits kits, Surroundings surroundings) {
        this.kits = kits;
        this.surroundings = surroundings;
    }

    /** @return strongest winch of the job's machines that gets in, newton; empty where none is recorded */
    public Optional<Double> machinePullN(String jobId) {
        return surroundings.machines(jobId).stream()
                .filter(m -> m.keptOutBy().isEmpty())
                .flatMap(m -> m.machine().pullN().stream())
                .max(Comparator.naturalOrder());
    }

    /** @return by hand and, where there is a winch, by machine */
    public List<Means> all(String jobId, StemReading stem) {
        Means machine = proposed(Means.Kind.MACHINE_LINE, stem, machinePullN(jobId));
        return machine.pullN().isPresent()
                ? List.of(proposed(Means.Kind.HAND_LINE, stem, Optional.empty()), machine)
                : List.of(proposed(Means.Kind.HAND_LINE, stem, Optional.empty()));
    }

    /** @param machineN strongest winch of the crew that gets in; empty where none is recorded, then the house's own */
    public Means proposed(Means.Kind kind, StemReading stem, Optional<Double> machineN) {
        ProposedLine line = ProposedLine.on(
                stem.height()
                        .orElseThrow(
                                () -> new RefusedInput("NOT_KNOWN", stem.label(), Message.of(Answer.HEIGHT_FIRST))),
                kind == Means.Kind.HAND_LINE,
                Means.highestTieM(stem, CUT_M));
        Optional<Double> pull = kind == Means.Kind.MACHINE_LINE
                ? machineN.or(() ->
                        kits.strongest(KitItem.Kind.WINCH).flatMap(e -> e.item().strengthN()))
                : Optional.of(Means.HAND_LINE_MOST_N);
        Rig rig = kits.strongest(KitItem.Kind.ROPE)
                .map(e -> new Rig(
                        Rig.Tie.TIED,
                        0,
                        1,
                        Rig.PLAIN.partEfficiency(),
                        Rig.PLAIN.people(),
                        Optional.of(e.item().asRope(kits.year())),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Rig.PullBegin.STRAP_RELEASED))
                .orElse(Rig.PLAIN);
        return new Means(
                kind,
                Optional.of(line.tieM()),
                Optional.of(line.anchorM()),
                pull,
                Optional.empty(),
                Optional.empty(),
                0,
                rig);
    }

    /** @return the rope that is proposed, by its id on the house's list */
    public Optional<String> ropeId() {
        return kits.strongest(KitItem.Kind.ROPE).map(Kits.Entry::id);
    }
}
