package org.antevid.app.takedown.web;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.antevid.app.reader.Given;
import org.antevid.app.takedown.TakedownFiles;

/**
 * The plans of a job's trees that come down in pieces, as a file: metres, newtons, kilograms, azimuths clockwise from
 * north.
 *
 * @param format {@value #FORMAT}
 */
record TakedownFile(
        @NotBlank String format, @NotNull @Size(max = 60) List<@NotNull @Valid PlannedTree> trees) {
    static final String FORMAT = "takedown-1";

    /**
     * @param stem its label
     * @param pieces kit goes by its name; who climbs and how they are held is left out
     * @param crane left out: nothing was set up
     */
    record PlannedTree(
            @NotBlank @Size(max = 40) String stem,
            @NotNull @Valid TakedownRequests.TakedownRequest pieces,
            Optional<CraneRequests.@Valid SetUpRequest> crane) {
        static PlannedTree of(TakedownFiles.OfTree t) {
            return new PlannedTree(
                    t.stem(),
                    TakedownRequests.TakedownRequest.of(t.planned()),
                    t.crane().map(CraneRequests.SetUpRequest::of));
        }

        TakedownFiles.OfTree forService() {
            return new TakedownFiles.OfTree(
                    stem, pieces.forService(), Given.or(crane).map(CraneRequests.SetUpRequest::forCore));
        }
    }
}
