package org.antevid.app.logbook;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.app.job.JobCache;
import org.antevid.app.records.Weighings;
import org.antevid.app.stem.PastWeights;
import org.antevid.app.takedown.Cranes;
import org.antevid.core.learn.CorrectionKind;
import org.antevid.core.stem.MassPart;
import org.antevid.core.stem.MassRecord;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.WeighedBefore;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the house has weighed, as the plan of a job takes it. */
@Service
@Transactional(readOnly = true)
public class Masses implements PastWeights {
    private final Weighings weighings;
    private final Cranes cranes;
    private final Decisions decisions;
    private final JobCache kept;

    Masses(Weighings weighings, Cranes cranes, Decisions decisions, JobCache kept) {
        this.weighings = weighings;
        this.cranes = cranes;
        this.decisions = decisions;
        this.kept = kept;
    }

    private enum Question {
        ALL
    }

    @Override
    public Map<Species, WeighedBefore> of(String jobId) {
        return kept.ofPlan(jobId, Question.ALL, () -> {
            Map<String, Boolean> stems = decisions.taken(jobId, CorrectionKind.STEM_MASS);
            Map<String, Boolean> crowns = decisions.taken(jobId, CorrectionKind.CROWN_MASS);
            Map<Species, List<Weighings.Ratio>> bySpecies = new EnumMap<>(Species.class);
            // what a crane weighs of a tree teaches its next piece by itself: counted here it would count twice
            Stream.concat(
                            weighings.ratios().stream(),
                            cranes.weighedElsewhere(jobId).stream()
                                    .map(p -> new Weighings.Ratio(p.species(), p.part(), p.weighedOverReckoned())))
                    .forEach(r -> bySpecies
                            .computeIfAbsent(r.species(), s -> new ArrayList<>())
                            .add(r));
            Map<Species, WeighedBefore> before = new EnumMap<>(Species.class);
            bySpecies.forEach((species, all) -> before.put(
                    species,
                    new WeighedBefore(
                            learned(species, MassPart.STEM, all, stems),
                            learned(species, MassPart.CROWN, all, crowns))));
            return before;
        });
    }

    private static Optional<MassRecord.Learned> learned(
            Species species, MassPart part, List<Weighings.Ratio> all, Map<String, Boolean> taken) {
        return new MassRecord(
                        species,
                        part,
                        all.stream()
                                .filter(r -> r.part().tellsOf(part))
                                .map(Weighings.Ratio::weighedOverReckoned)
                                .toList(),
                        Optional.ofNullable(taken.get(species.name())))
                .learned();
    }
}
