package org.antevid.core.judge.defect;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.Situation;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.DefectKind;

/** Every recorded fault has a consequence. */
public final class DefectRule implements Rule {
    private static final Map<DefectKind, DefectConsequence> BY_KIND = new EnumMap<>(DefectKind.class);

    static {
        List.of(
                        new BentStem(),
                        new BrokenBase(),
                        new CanopyGap(),
                        new Cavity(),
                        new Crack(),
                        new CutRoots(),
                        new DeadLimbs(),
                        new DeadTop(),
                        new DecayPocket(),
                        new FireScar(),
                        new FungusBracket(),
                        new HangingLimb(),
                        new IncludedBark(),
                        new InsectWork(),
                        new LiftedRootPlate(),
                        new LightningScar(),
                        new LooseBark(),
                        new MetalInWood(),
                        new OtherFault(),
                        new PreviousCuts(),
                        new SoilCracks(),
                        new SplitUnion(),
                        new SwollenBase(),
                        new TiedCrown(),
                        new UnderTension(),
                        new Vine(),
                        new WireSwelling())
                .forEach(c -> BY_KIND.put(c.kind(), c));
        if (BY_KIND.size() != DefectKind.values().length) {
            throw new IllegalStateException("a kind of fault has no consequence");
        }
    }

    @Override
    public Stream<Finding> check(Situation s) {
        return s.toBeWorked().flatMap(f -> f.reading().defects().stream()
                .map(d -> Require.present(BY_KIND, d.kind()).of(new Case(d, f, s))));
    }
}
