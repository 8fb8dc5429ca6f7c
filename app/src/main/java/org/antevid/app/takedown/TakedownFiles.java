package org.antevid.app.takedown;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.antevid.app.house.Kits;
import org.antevid.app.people.SignedIn;
import org.antevid.app.stem.Stems;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.takedown.picks.SetUp;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The plans of a job's trees that come down in pieces, out of one house and into another: kit goes by its name, trees
 * by their label. Who climbs and how they are held is of the day and stays behind. All of a file or nothing.
 */
@Service
@Transactional
public class TakedownFiles {
    private final Takedowns takedowns;
    private final Cranes cranes;
    private final Stems stems;
    private final Kits kits;

    TakedownFiles(Takedowns takedowns, Cranes cranes, Stems stems, Kits kits) {
        this.takedowns = takedowns;
        this.cranes = cranes;
        this.stems = stems;
        this.kits = kits;
    }

    /** @param crane empty where nothing was set up */
    public record OfTree(String stem, Planned planned, Optional<SetUp> crane) {}

    /** @return each tree of which a plan is kept */
    @Transactional(readOnly = true)
    public List<OfTree> out(String jobId) {
        Map<String, String> names = kits.all().stream()
                .collect(Collectors.toMap(Kits.Entry::id, e -> e.item().name()));
        return stems.known(jobId).stream()
                .flatMap(s -> Optional.of(takedowns.of(jobId, s.id())).filter(r -> r.id().isPresent()).stream()
                        .map(r -> new OfTree(
                                r.stem().label(),
                                r.planned().called(id -> names.getOrDefault(id, id)),
                                Optional.of(cranes.of(jobId, s.id()))
                                        .filter(c -> c.id().isPresent())
                                        .map(Cranes.Reckoned::setUp))))
                .toList();
    }

    /**
     * Each tree of the file is planned anew.
     *
     * @return how many trees
     * @throws RefusedInput for a tree or kit that is not here, naming it, and for all that the screen is refused for
     */
    public int in(String jobId, List<OfTree> trees, SignedIn who) {
        Map<String, String> ids = stems.known(jobId).stream()
                .collect(Collectors.toMap(s -> s.reading().label(), Stems.ChosenReading::id));
        Map<String, String> kit =
                kits.all().stream().collect(Collectors.toMap(e -> e.item().name(), Kits.Entry::id, (a, b) -> a));
        for (int i = 0; i < trees.size(); i++) {
            String at = "trees[" + i + "].";
            OfTree t = trees.get(i);
            String id = Optional.ofNullable(ids.get(t.stem))
                    .orElseThrow(() -> new RefusedInput(Refusal.UNKNOWN_STEM, at + "stem"));
            UnaryOperator<String> known = name -> Optional.ofNullable(kit.get(name))
                    .orElseThrow(() -> new RefusedInput(
                            Message.of(Refusal.KIT_NOT_HERE).with("kit", Arg.name(name)), at + "pieces.gear"));
            Planned p = t.planned.called(known);
            takedowns.keep(jobId, id, p, takedowns.of(jobId, id).id().orElse(null), who);
            t.crane.ifPresent(c -> cranes.keep(
                    jobId, id, c.elsewhere(), cranes.of(jobId, id).id().orElse(null), who));
        }
        return trees.size();
    }
}
