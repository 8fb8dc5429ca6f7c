package org.antevid.core.takedown.pieces;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.quantity.Require;

/**
 * How whoever cuts aloft is held, and the numbers that nobody can reckon. What is empty nobody has said, and that is
 * never taken as good.
 *
 * @param tieInM height of the life line on the stem while limbs are cut; empty: as high as stem and faults allow
 * @param attachments while the saw runs, 0..5
 * @param cutProof whether one of them is
 * @param wayDown whether a line reaches the ground from there
 * @param spikes whether it is climbed on them
 * @param rescueMin minutes until the rescuer has them on the ground, 1..120
 * @param swayM how far the stem sways at whoever has topped it, to either side, 0..10 m
 * @param reachM height that platform or basket reaches, 1..120 m
 * @param saidBy id of who said these numbers
 * @param kit the day each piece of it was last looked over, in days since the first of January 1970
 */
public record Climb(
        Optional<Double> tieInM,
        Optional<Integer> attachments,
        Optional<Boolean> cutProof,
        Optional<Boolean> wayDown,
        Optional<Boolean> spikes,
        Optional<Integer> rescueMin,
        Optional<Double> swayM,
        Optional<Double> reachM,
        Optional<String> saidBy,
        Map<ClimbKit, Integer> kit) {
    /** What was looked over longer ago than that is out of its time; local code may ask for it sooner (judgement). */
    public static final int KIT_MONTHS = 6;

    private static final int KIT_DAYS = 183;

    private static final Set<ClimbKit> ALWAYS = EnumSet.of(ClimbKit.HARNESS, ClimbKit.LIFE_LINE, ClimbKit.LANYARD);

    public static final Climb NOT_SAID = held(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    public Climb {
        tieInM.ifPresent(m -> Require.within(m, 0.2, 100, "climb.tieInM"));
        attachments.ifPresent(n -> Require.within(n, 0, 5, "climb.attachments"));
        rescueMin.ifPresent(n -> Require.within(n, 1, 120, "climb.rescueMin"));
        swayM.ifPresent(m -> Require.within(m, 0, 10, "climb.swayM"));
        reachM.ifPresent(m -> Require.within(m, 1, 120, "climb.reachM"));
        kit = kit == null ? Map.of() : Map.copyOf(kit);
    }

    /** What holds whoever cuts, and nothing else. */
    public static Climb held(
            Optional<Double> tieInM,
            Optional<Integer> attachments,
            Optional<Boolean> cutProof,
            Optional<Boolean> wayDown) {
        return new Climb(
                tieInM,
                attachments,
                cutProof,
                wayDown,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Map.of());
    }

    /** @return the same, with the minutes of a rescue as somebody said them */
    public Climb rescued(int minutes, String by) {
        return new Climb(
                tieInM,
                attachments,
                cutProof,
                wayDown,
                spikes,
                Optional.of(minutes),
                swayM,
                reachM,
                Optional.of(by),
                kit);
    }

    /** @return the same, with how far it sways, and how high a platform reaches */
    public Climb reaching(Optional<Double> sway, Optional<Double> reach) {
        return new Climb(tieInM, attachments, cutProof, wayDown, spikes, rescueMin, sway, reach, saidBy, kit);
    }

    /** @return the same in this kit */
    public Climb in(Map<ClimbKit, Integer> other) {
        return new Climb(tieInM, attachments, cutProof, wayDown, spikes, rescueMin, swayM, reachM, saidBy, other);
    }

    /** @return the same, on spikes or not */
    public Climb onSpikes(boolean on) {
        return new Climb(
                tieInM, attachments, cutProof, wayDown, Optional.of(on), rescueMin, swayM, reachM, saidBy, kit);
    }

    /** @return whether all of it was said that is asked of the climber, and by whom */
    public boolean said() {
        return attachments.isPresent()
                && cutProof.isPresent()
                && wayDown.isPresent()
                && rescueMin.isPresent()
                && saidBy.isPresent()
                && kit.keySet().containsAll(ALWAYS);
    }

    /** @return whether the rescue takes longer than anybody should hang there */
    boolean rescueSlow(HouseLimits house) {
        return rescueMin.filter(m -> m > house.rescueWithinMin()).isPresent();
    }

    /**
     * @param today in days since the first of January 1970
     * @return what nobody looked over in time; empty while nothing of the kit is named
     */
    public List<ClimbKit> overdue(int today) {
        return kit.entrySet().stream()
                .filter(e -> e.getValue() < today - KIT_DAYS)
                .map(Map.Entry::getKey)
                .sorted()
                .toList();
    }
}
