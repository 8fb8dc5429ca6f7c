package org.antevid.app.lay;

import java.util.List;
import java.util.Optional;
import org.antevid.app.house.House;
import org.antevid.app.job.Jobs;
import org.antevid.app.place.Places;
import org.antevid.app.stem.Stems;
import org.antevid.app.trace.Trail;
import org.antevid.core.lay.Dial;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Today;
import org.antevid.core.stem.EffectiveLean;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.Tipping;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lays chosen for stems, and what the core says of any lay. */
@Service
@Transactional
public class Lays {
    private static final double USUAL_CUT_M = 0.3;
    private final LayRepository lays;
    private final Stems stems;
    private final Places places;
    private final House house;
    private final Jobs jobs;
    private final Trail trail;

    Lays(LayRepository lays, Stems stems, Places places, House house, Jobs jobs, Trail trail) {
        this.lays = lays;
        this.stems = stems;
        this.places = places;
        this.house = house;
        this.jobs = jobs;
        this.trail = trail;
    }

    /** A recorded lay. */
    public record Chosen(String stemId, LayChoice choice, boolean fixed, List<Spot> dropZone, long version) {
    }

    public List<Chosen> chosen(String jobId) {
        return lays.findByJobId(jobId).stream().map(Lays::chosen).toList();
    }

    public Optional<Chosen> chosenFor(String stemId) {
        return lays.findById(stemId).map(Lays::chosen);
    }

    private static Chosen chosen(LayRecord r) {
        return new Chosen(r.stemId, r.choice(), r.fixed, r.dropZone, r.version);
    }

    /** @return what follows from a lay that is not recorded */
    public LayPlan plan(String jobId, String stemId, LayChoice choice) {
        return plan(stems.known(jobId, stemId).reading(), places.site(jobId), choice);
    }

    /** The same for many stems of one place, which is put together once. */
    public LayPlan plan(StemReading stem, Site site, LayChoice choice) {
        return LayPlan.of(stem, choice, site, house.rules().layLimits());
    }

    /** Lean of a stem with crown and snow as moments along and across a lay, and what the wind limit adds from any side. */
    public record Leaning(EffectiveLean stillAir, double windNm, double massHighKg) {
    }

    /** @return empty while lean, height, diameter or crown is not known */
    Optional<Leaning> leaning(String jobId, String stemId, double layDeg) {
        StemReading r = stems.known(jobId, stemId).reading();
        if (!r.notKnown().isEmpty() || r.lean().isEmpty()) {
            return Optional.empty();
        }
        double cut = chosenFor(stemId).map(c -> c.choice().cutHeightM()).orElse(USUAL_CUT_M);
        StemMass mass = r.mass(cut).orElseThrow();
        Today today = places.site(jobId).today();
        return Optional.of(new Leaning(Tipping.stillAir(r, mass, cut, today, layDeg), Tipping.of(r, mass, cut, today).windNm(), mass.massHighKg()));
    }

    Dial dial(String jobId, String stemId, LayChoice choice) {
        return Dial.of(stems.known(jobId, stemId).reading(), choice, places.site(jobId), house.rules().layLimits());
    }


    /** Records the choice; a fixed lay with its drop zone is what the crew is briefed on. */
    public void choose(String jobId, String stemId, LayChoice choice, boolean fixed, List<Spot> dropZone, Long version) {
        Stems.Known stem = stems.known(jobId, stemId);
        if (stem.reading().toBeKept()) {
            throw new RefusedInput("BAD_CHOICE", "stem", stem.reading().label() + " is to be kept; change that first");
        }
        LayRecord r = lays.findById(stemId).orElse(null);
        if (r == null) {
            r = new LayRecord();
            r.stemId = stemId;
            r.jobId = jobId;
        } else {
            trail.requireFresh(r, stemId, r.version, version, "The lay of " + stem.reading().label());
        }
        if (!dropZone.isEmpty()) {
            Shape.polygon(dropZone);
        }
        if (fixed && dropZone.isEmpty()) {
            throw new RefusedInput("MISSING", "dropZone", "a fixed lay needs a drop zone");
        }
        plan(jobId, stemId, choice);
        r.layDeg = choice.layDeg();
        r.cutHeightM = choice.cutHeightM();
        r.school = choice.school();
        r.barM = choice.barM();
        r.means = choice.means().kind();
        r.ropeHeightM = choice.means().ropeHeightM().orElse(null);
        r.anchorDistM = choice.means().anchorDistM().orElse(null);
        r.pullN = choice.means().pullN().orElse(null);
        r.fixed = fixed;
        r.dropZone = List.copyOf(dropZone);
        lays.saveAndFlush(r);
        jobs.touched(jobId, "lay");
    }
}
