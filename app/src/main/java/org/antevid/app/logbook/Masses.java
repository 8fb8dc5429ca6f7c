package org.antevid.app.logbook;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.job.JobCache;
import org.antevid.app.records.Weighings;
import org.antevid.app.stem.PastWeights;
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
    private final Decisions decisions;
    private final JobCache kept;

    Masses(Weighings weighings, Decisions decisions, JobCache kept) {
        this.weighings = weighings;
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
            weighings.ratios().forEach(r -> bySpecies
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
