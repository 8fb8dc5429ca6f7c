package org.antevid.app.house.store;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.MapKeyEnumerated;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import org.antevid.core.judge.HouseRules;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.stem.Species;
import org.antevid.core.stump.School;
import org.antevid.core.takedown.pieces.HouseLimits;
import org.antevid.words.Regional;
import org.hibernate.envers.Audited;

@Entity
@Audited
@Table(name = "house_rules")
public class HouseEntity {
    @Id
    public String id;

    public double exclusionLengths;
    public double soundSigmaDeg;
    public double windLimitMs;

    @Enumerated(EnumType.STRING)
    public School usualSchool = School.OPEN_FACE;

    public double leastAwayM = LayPlan.LEAST_AWAY_M;
    public double rescueWithinMin = HouseLimits.USUAL.rescueWithinMin();
    public double leastWoodM = HouseLimits.USUAL.leastWoodM();

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "house_word", joinColumns = @JoinColumn(name = "house_id"))
    @Enumerated(EnumType.STRING)
    @Column(name = "word")
    public Set<Regional> regional = EnumSet.noneOf(Regional.class);

    /** Figures the house has set for the wood of a genus, by genus. */
    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "house_wood", joinColumns = @JoinColumn(name = "house_id"))
    @MapKeyColumn(name = "species")
    @MapKeyEnumerated(EnumType.STRING)
    public Map<Species, WoodPart> wood = new EnumMap<>(Species.class);

    @Version
    public long version;

    public HouseRules rules() {
        return new HouseRules(
                exclusionLengths,
                soundSigmaDeg,
                windLimitMs,
                usualSchool,
                leastAwayM,
                new HouseLimits(rescueWithinMin, leastWoodM));
    }

    public void takes(HouseRules rules) {
        exclusionLengths = rules.exclusionLengths();
        soundSigmaDeg = rules.soundSigmaDeg();
        windLimitMs = rules.windLimitMs();
        usualSchool = rules.usualSchool();
        leastAwayM = rules.leastAwayM();
        rescueWithinMin = rules.aloft().rescueWithinMin();
        leastWoodM = rules.aloft().leastWoodM();
    }
}
