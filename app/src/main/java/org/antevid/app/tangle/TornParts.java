package org.antevid.app.tangle;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.antevid.app.people.SignedIn;
import org.antevid.app.stem.Stems;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.tangle.beam.Support;
import org.antevid.core.tangle.picture.PartOf;
import org.antevid.core.tangle.picture.Rest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Torn leaders, broken tops and big limbs: each a stem of its own, of the species and wood of what it is part of. */
@Service
@Transactional
public class TornParts {
    private final Stems stems;
    private final Tangles tangles;
    private final TangleRecords records;

    TornParts(Stems stems, Tangles tangles, TangleRecords records) {
        this.stems = stems;
        this.tangles = tangles;
        this.records = records;
    }

    /**
     * @param fibres whether it is still held where it was torn
     * @param hangs it hangs; otherwise it lies
     * @return id of the new stem
     * @throws RefusedInput for a height outside its range, and a stem that is done
     */
    public String add(
            String jobId,
            String parentId,
            PartOf.Kind kind,
            double atM,
            Rest.Fibres fibres,
            boolean hangs,
            SignedIn who) {
        stems.requireOpen(jobId, parentId);
        StemReading parent = stems.known(jobId, parentId).reading();
        PartOf part = new PartOf(kind, parent.label(), atM);
        Set<String> taken =
                stems.known(jobId).stream().map(s -> s.reading().label()).collect(Collectors.toSet());
        String id = stems.add(
                jobId,
                PartOf.nextLabel(parent.label(), taken),
                new Stems.NewStem(
                        parent.species(),
                        hangs ? StemState.HUNG : StemState.LYING,
                        parent.at(),
                        parent.wood(),
                        parent.shape(),
                        parent.crown(),
                        false,
                        ""));
        records.partOf(jobId, id, parentId, part, who);
        tangles.rest(
                jobId,
                id,
                0,
                Rest.On.OWN_STUMP,
                Optional.empty(),
                Support.Side.BELOW,
                0,
                Optional.of(fibres),
                Rest.Certainty.SEEN,
                who);
        return id;
    }
}
