package org.antevid.app.takedown;

import java.util.Optional;
import org.antevid.app.takedown.store.ClimbPart;
import org.antevid.app.takedown.store.CutPart;
import org.antevid.app.takedown.store.GuyPart;
import org.antevid.app.takedown.store.LimbPart;
import org.antevid.app.takedown.store.SecondLinePart;
import org.antevid.app.takedown.store.TakedownEntity;
import org.antevid.core.takedown.pieces.Climb;
import org.antevid.core.takedown.pieces.DropBed;

/** A plan as it is kept. */
final class KeptPlan {
    private KeptPlan() {}

    static TakedownEntity entity(Planned p) {
        TakedownEntity e = new TakedownEntity();
        e.lineId = p.gear().line().orElse(null);
        e.blockId = p.gear().block().orElse(null);
        e.slingId = p.gear().sling().orElse(null);
        e.brakeId = p.gear().brake().orElse(null);
        e.brakeDeg = p.gear().brakeDeg().orElse(null);
        e.brakeAwayM = p.gear().brakeAwayM();
        e.handN = p.gear().handN();
        e.slackM = p.gear().slackM();
        e.second = p.gear().second().map(SecondLinePart::of).orElse(null);
        e.guy = p.guy().map(GuyPart::of).orElse(null);
        e.climb = ClimbPart.of(p.climb());
        e.surface = p.surface();
        e.bedName = p.bed().map(DropBed::name).orElse(null);
        e.bedTakesKg = p.bed().flatMap(DropBed::takesKg).orElse(null);
        e.bedSaidBy = p.bed().flatMap(DropBed::saidBy).orElse(null);
        e.said = p.said().orElse(null);
        e.climberId = p.climber().orElse(null);
        e.fallback = p.fallback().orElse(null);
        e.agreedWith = p.agreedWith().orElse(null);
        p.limbs().forEach(l -> e.limbs.add(LimbPart.of(l)));
        p.cuts().forEach(c -> e.cuts.add(CutPart.of(c)));
        return e;
    }

    static Planned planned(TakedownEntity e) {
        return new Planned(
                e.limbs.stream().map(LimbPart::forCore).toList(),
                e.cuts.stream().map(CutPart::forCore).toList(),
                new ChosenGear(
                        Optional.ofNullable(e.lineId),
                        Optional.ofNullable(e.blockId),
                        Optional.ofNullable(e.slingId),
                        Optional.ofNullable(e.brakeId),
                        Optional.ofNullable(e.brakeDeg),
                        e.brakeAwayM,
                        e.handN,
                        e.slackM,
                        Optional.ofNullable(e.second).map(SecondLinePart::forService)),
                e.surface,
                Optional.ofNullable(e.bedName)
                        .map(n -> new DropBed(n, Optional.ofNullable(e.bedTakesKg), Optional.ofNullable(e.bedSaidBy))),
                Optional.ofNullable(e.said),
                Optional.ofNullable(e.climberId),
                Optional.ofNullable(e.fallback),
                Optional.ofNullable(e.agreedWith),
                Optional.ofNullable(e.guy).map(GuyPart::forService),
                Optional.ofNullable(e.climb).map(ClimbPart::forCore).orElse(Climb.NOT_SAID));
    }
}
