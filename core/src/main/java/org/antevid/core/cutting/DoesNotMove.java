package org.antevid.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.quantity.Require;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.stem.Condition;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.HingeHold;

/**
 * The stem does not move: causes in the order in which they are looked for, each with its tell and the pull it costs.
 * Nobody goes back to the stump until the line is held and the way to approach is named. Source: practice rule; statics
 * for the pulls, with upper strengths.
 *
 * @param extraN pull it costs on top, reserve in; empty where no sum answers or no line pulls
 */
public record DoesNotMove(String cause, String tell, Optional<Double> extraN, String then) {
    public static final String FIRST =
            "Nobody goes back to the stump until the line is held by somebody who says so, wedges are set, and "
                    + "the leader has named who approaches and on which side.";
    private static final double CM = 0.01;
    private static final double UPPER = 1.25;

    /**
     * A band behind the hinge that was left uncut. Metres, 0..1.
     *
     * @param widthM across the lay
     * @param heightM along it
     */
    public record Uncut(double widthM, double heightM) {
        public static final Uncut USUAL = new Uncut(0.05, 0.02);

        public Uncut {
            Require.within(widthM, 0, 1, "uncutWidthM");
            Require.within(heightM, 0, 1, "uncutHeightM");
        }
    }

    static List<DoesNotMove> of(LayPlan p, Optional<Pull> pull, Uncut uncut) {
        CutCard c = p.card();
        List<DoesNotMove> all = new ArrayList<>();
        double band = UPPER
                * p.stem().species().bendsMPa()
                * 1e6
                * uncut.widthM
                * uncut.heightM
                * (c.behindHingeM() + c.hingeThickM() / 2);
        all.add(new DoesNotMove(
                String.format(
                        Locale.ROOT,
                        "an uncut band, taken %.0f by %.0f mm at the back",
                        1000 * uncut.widthM,
                        1000 * uncut.heightM),
                "the kerf opens on one side only, or not at all",
                extra(pull, band),
                "look along the kerf from the side, never from behind; pass the bar through it again"));
        double thick = HingeHold.of(new HingeHold.Hinge(
                                p.stem().species(),
                                Condition.SOUND,
                                Math.max(0.02, c.hingeLengthM()),
                                c.hingeLeftM() + CM,
                                c.hingeRightM() + CM,
                                1,
                                0,
                                0,
                                0,
                                Optional.empty(),
                                0.5,
                                0.3))
                        .forwardHoldNm()
                - HingeHold.of(p.stem().species(), Condition.SOUND, c, 1, 0, 0, 0)
                        .forwardHoldNm();
        all.add(new DoesNotMove(
                "the hinge is a centimetre too thick",
                "the kerf opens evenly and stops, the tips come a little and spring back",
                extra(pull, thick),
                "thin it evenly from both ends by what was measured, never past the planned measure"));
        pull.ifPresent(l -> {
            all.add(new DoesNotMove(
                    "the line is slack",
                    "it hangs in a belly, the tips do not answer",
                    Optional.empty(),
                    String.format(
                            Locale.ROOT,
                            "haul on: it takes %.1f m at the tie, %.1f m at the hauling end",
                            Rounding.up(l.travel().tieM(), 1),
                            Rounding.up(l.travel().haulM(), 1))));
        });
        all.add(new DoesNotMove(
                "the top is caught",
                "the stem bends but the top stays, twigs move in the neighbour",
                Optional.empty(),
                "no more pull: treat it as hung up, zones and all"));
        pull.ifPresent(l -> all.add(new DoesNotMove(
                "the pull is too weak",
                "line straight as a bar, kerf open and still",
                Optional.empty(),
                l.availableN()
                        .map(n -> String.format(
                                Locale.ROOT,
                                "there are %s, the plan asks %s, %s with wind; take the fallback line, never jerk",
                                Rounding.pullDown(n),
                                Pull.kilo(l.still().tensionN()),
                                Pull.kilo(l.atLimit().tensionN())))
                        .orElse("what it pulls is not known; take the fallback line, never jerk"))));
        return List.copyOf(all);
    }

    private static Optional<Double> extra(Optional<Pull> pull, double momentNm) {
        return pull.map(l ->
                org.antevid.core.assist.PullLine.RESERVE * momentNm / l.still().armM());
    }
}
