package org.antevid.core.brief;

import java.util.List;
import java.util.Optional;
import org.antevid.core.Samples;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.cutting.Pull;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemState;
import org.antevid.core.stump.School;

/** Frozen plans of one oak and who works at it. */
final class BriefedPlans {
    static final PlanDocument.PostPart NADIA = post("nadia", "Nadia Quill", Role.CUTTER);
    static final PlanDocument.PostPart SEFA = post("sefa", "Sefa Marsh", Role.LOOKOUT);
    static final PlanDocument.PostPart TOVE = post("tove", "Tove Arkwright", Role.WINCH);
    static final PlanDocument.PostPart OREN = post("oren", "Oren Pike", Role.GROUND);

    static PlanDocument.PostPart post(String id, String name, Role role) {
        return new PlanDocument.PostPart(
                id, name, role, Optional.empty(), List.of(new PlanDocument.WayPart("E", 45, 12, List.of())));
    }

    static PlanDocument plan(Means.Kind means, Step.Kind kind, PlanDocument.PostPart... posts) {
        Means chosen = means == Means.Kind.MACHINE_LINE ? Samples.WINCH : Means.of(means);
        LayPlan lay = Samples.plan(58, chosen);
        CutPlan cut = CutPlan.of(lay, Samples.site());
        CutPart cuts = CutPart.of(cut, CutPart.Hands.NOBODY);
        PlanDocument.LayPart part = new PlanDocument.LayPart(
                58,
                24,
                48,
                false,
                List.of(),
                List.of(),
                List.of(),
                School.OPEN_FACE,
                means,
                Optional.empty(),
                Optional.empty(),
                0.44,
                0.053,
                List.of(),
                Optional.of(cuts),
                Optional.empty(),
                cut.pull().map(Pull::limits),
                Optional.empty());
        PlanDocument.StemPart stem = new PlanDocument.StemPart(
                "S1",
                Species.QUERCUS,
                StemState.STANDING,
                new Spot(0, 0),
                Optional.of(20.0),
                Optional.of(part),
                List.of(),
                Optional.empty());
        PlanDocument.StepPart step = new PlanDocument.StepPart(
                "a", 1, kind, Optional.of("S1"), 0, 30, List.of(posts), List.of(), Optional.empty(), List.of(), false);
        return new PlanDocument("x", 9, 0, 0, List.of(), List.of(stem), List.of(step), EmergencyCard.EMPTY);
    }

    private BriefedPlans() {}
}
