package org.antevid.core.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.antevid.core.site.Bed;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;

/**
 * What the stem comes down on along its lay. A contact nearer than two thirds of the length, about the centre of
 * percussion, lifts the butt; the stem breaks where it meets something hard or spans a ditch. A bed nobody described
 * counts as a log, the worst of them. Metres along the lay from the stump. Sources: mechanics, practice rule.
 *
 * @param contacts nearest first
 * @param wholeM lengths of stem that stay whole between the places where it breaks, from the butt
 * @param buttLiftShare how many times its own height the first raised bed throws the butt up, when the tip comes down
 *     behind it; empty when nothing lifts it
 */
public record Landing(List<Contact> contacts, List<Double> wholeM, Optional<Double> buttLiftShare) {
    private static final double LIFTS_WITHIN = 2.0 / 3;

    /**
     * One bed under the stem.
     *
     * @param lifts whether contact there lifts the butt
     * @param breaks whether the stem breaks there
     */
    public record Contact(String id, String name, Bed bed, double atM, boolean lifts, boolean breaks) {}

    /**
     * @param length hinge to tip
     * @param dCutM thickness of the butt
     */
    public static Landing of(Site site, Spot stump, double layDeg, double length, double dCutM) {
        List<Contact> contacts = new ArrayList<>();
        for (Feature f : site.features()) {
            if (f.kind() != FeatureKind.LANDING_BED) {
                continue;
            }
            Bed bed = f.detail().bed().orElse(Bed.LOG);
            Optional<Double> at = firstMeeting(f.shape(), stump, layDeg, length, Math.max(0.15, dCutM / 2));
            at.ifPresent(m -> contacts.add(
                    new Contact(f.id(), f.name(), bed, m, raised(bed) && m < LIFTS_WITHIN * length, bed != Bed.SOFT)));
        }
        contacts.sort(Comparator.comparingDouble(Contact::atM));
        List<Double> whole = new ArrayList<>();
        double from = 0;
        for (Contact c : contacts) {
            if (c.breaks) {
                whole.add(c.atM - from);
                from = c.atM;
            }
        }
        whole.add(length - from);
        Optional<Double> lift =
                contacts.stream().filter(Contact::lifts).findFirst().map(c -> length / Math.max(0.5, length - c.atM));
        return new Landing(List.copyOf(contacts), List.copyOf(whole), lift);
    }

    private static boolean raised(Bed bed) {
        return bed == Bed.LOG || bed == Bed.HUMP;
    }

    private static Optional<Double> firstMeeting(Shape shape, Spot stump, double layDeg, double length, double half) {
        for (double m = 0.5; m <= length; m += 0.25) {
            if (shape.distanceTo(stump.at(layDeg, m)) <= half) {
                return Optional.of(m);
            }
        }
        return Optional.empty();
    }
}
