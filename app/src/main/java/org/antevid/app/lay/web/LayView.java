package org.antevid.app.lay.web;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.app.reader.Speech;
import org.antevid.core.lay.DropZone;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.zone.Zone;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;

/**
 * A lay as the screens draw it, each subject apart. Zones are rounded up, clearances and times down, before they leave.
 */
public record LayView(
        String stem,
        @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST) double layDeg,
        Spot stump,
        @Shown(in = Dimension.MASS, to = Side.UP) double massHighKg,
        ReachView reach,
        ControlView control,
        AimingView aiming,
        AroundView around,
        List<ZoneView> zones,
        List<Spot> suggestedDropZone,
        LeavingView leaving,
        LandingView landing) {

    record ZoneView(Zone.Kind kind, String words, String why, List<String> clippedBy, List<List<Spot>> outlines) {}

    /** What of the recorded lay goes into the picture beside the plan itself. */
    public record LayRecord(Optional<Shape> dropZone, List<Zone.Clip> clips, Map<EscapeRoutes.Side, String> clearedBy) {
        public static final LayRecord NOTHING = new LayRecord(Optional.empty(), List.of(), Map.of());
    }

    public static LayView of(LayPlan p, Site site, LayRecord recorded) {
        return new LayView(
                p.stem().label(),
                p.choice().layDeg(),
                p.stem().at(),
                p.mass().massHighKg(),
                ReachView.of(p),
                ControlView.of(p, site),
                AimingView.of(p, site),
                AroundView.of(p, site),
                Zone.of(p, recorded.dropZone, recorded.clips).stream()
                        .map(z -> new ZoneView(
                                z.kind(),
                                Speech.words().term(z.kind()),
                                Speech.words().say(z.why()),
                                z.clippedBy(),
                                z.area().outlines()))
                        .toList(),
                DropZone.of(p),
                LeavingView.of(p, recorded.clearedBy),
                LandingView.of(p));
    }
}
