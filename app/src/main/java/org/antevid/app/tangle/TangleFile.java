package org.antevid.app.tangle;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.antevid.core.site.Spot;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.beam.Support;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.PartOf;
import org.antevid.core.tangle.picture.Pose;
import org.antevid.core.tangle.picture.Rest;
import org.jspecify.annotations.Nullable;

/**
 * A tangle as a file, read and written; {@code formats/tangle.schema.json} is its schema. Metres and degrees, east and
 * north in the site's frame. What a stem rests on goes by its label or by the name of the thing.
 */
public record TangleFile(
        @NotBlank String format,
        @NotNull @Size(max = 200) List<@NotNull @Valid Part> stems,
        @NotNull @Size(max = 600) List<@NotNull @Valid Tie> relations) {
    public static final String FORMAT = "tangle-1";

    /** An end of the axis. */
    public record FileEnd(
            @NotNull Double eastM,
            @NotNull Double northM,
            @NotNull @DecimalMin("0") @DecimalMax("60") Double heightM) {
        static FileEnd of(Pose.End e) {
            return new FileEnd(e.at().eastM(), e.at().northM(), e.heightM());
        }

        Pose.End end() {
            return new Pose.End(new Spot(eastM, northM), heightM);
        }
    }

    /** Where a stem lies. */
    public record FilePose(
            @NotNull @Valid FileEnd butt,
            @NotNull @Valid FileEnd tip,
            Pose.@NotNull TakenHow how,
            @NotNull @DecimalMin("0") @DecimalMax("10") Double sigmaM) {
        TangleRecords.TakenPose taken() {
            return new TangleRecords.TakenPose(new Pose(butt.end(), tip.end(), sigmaM), how);
        }
    }

    /** Where it touches something. */
    public record FileRest(
            @NotNull @DecimalMin("0") @DecimalMax("60") Double xM,
            Rest.@NotNull On on,
            @Nullable String other,
            Support.@NotNull Side side,
            @NotNull @DecimalMin("-2") @DecimalMax("2") Double gapM,
            Rest.@Nullable Fibres fibres,
            Rest.@NotNull Certainty certainty) {}

    /** One stem as it was seen. */
    public record Part(
            @NotBlank String label,
            @Nullable @Valid FilePose pose,
            @NotNull @Size(max = 10) List<@NotNull @Valid FileRest> rests,
            Member.@Nullable Plate plate,
            Member.@Nullable Bow bow,
            @NotNull List<Member.@NotNull Hidden> hidden,
            @Nullable PartOf partOf) {}

    /** A tie, an overhang, a rope, or a rest whose place nobody measured. */
    public record Tie(
            @NotBlank String a,
            Pile.@NotNull Type type,
            @NotBlank String b,
            Pile.@NotNull Carries carries,
            Pile.@NotNull SeverFrom severFrom) {}

    /** What is known now. */
    static TangleFile of(Tangles.Tangle t, List<Tangles.Relation> relations) {
        List<Part> parts = t.picture().members().stream()
                .map(m -> {
                    String id = t.ids().getOrDefault(m.label(), "");
                    return new Part(
                            m.label(),
                            Optional.ofNullable(t.now().poses().get(id))
                                    .map(n -> new FilePose(
                                            FileEnd.of(n.what().pose().butt()),
                                            FileEnd.of(n.what().pose().tip()),
                                            n.what().how(),
                                            n.what().pose().sigmaM()))
                                    .orElse(null),
                            t.picture().restsOf(m.label()).stream()
                                    .map(r -> new FileRest(
                                            r.xM(),
                                            r.on(),
                                            r.other()
                                                    .map(o -> t.names().getOrDefault(o, o))
                                                    .orElse(null),
                                            r.side(),
                                            r.gapM(),
                                            r.fibres().orElse(null),
                                            r.certainty()))
                                    .toList(),
                            m.plate().orElse(null),
                            m.bow().orElse(null),
                            m.notSeen(),
                            m.partOf().orElse(null));
                })
                .toList();
        return new TangleFile(
                FORMAT,
                parts,
                relations.stream()
                        .map(r -> new Tie(
                                t.names().getOrDefault(r.a(), r.a()),
                                r.type(),
                                t.names().getOrDefault(r.b(), r.b()),
                                r.carries(),
                                r.severFrom()))
                        .toList());
    }
}
