package org.antevid.app.stem.store;

import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.List;
import java.util.Optional;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Verdict;
import org.antevid.core.stem.Wood;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

/** What a person says of a stem, beside what is measured. */
@Entity
@Audited
@Table(name = "stem")
public class StemEntity {
    @Id
    public String id;

    public String jobId;
    public String label;

    @Enumerated(EnumType.STRING)
    public Species species;

    @Enumerated(EnumType.STRING)
    public StemState state;

    public double eastM;
    public double northM;

    @Enumerated(EnumType.STRING)
    public Condition woodLeft;

    @Enumerated(EnumType.STRING)
    public Condition woodRight;

    @Enumerated(EnumType.STRING)
    public Condition woodBack;

    @Enumerated(EnumType.STRING)
    public Condition woodCore;

    @Enumerated(EnumType.STRING)
    public Condition woodCrown;

    @Nullable
    public Double woodFacingDeg;

    @Enumerated(EnumType.STRING)
    public StemMass.Shape shape;

    @Enumerated(EnumType.STRING)
    public StemMass.Crown crown;

    public boolean toBeKept;
    /** Felled in a step of the run: closed to changes from then on. */
    public boolean broughtDown;

    public String note;

    @Convert(converter = LabelsColumn.class)
    public List<String> unionWith = List.of();

    @Nullable
    public Double unionHeightM;

    @Enumerated(EnumType.STRING)
    public Verdict verdict;

    public String verdictBecause = "";
    public String closedOff = "";
    public String toldWhom = "";

    @Version
    public long version;

    public Spot at() {
        return new Spot(eastM, northM);
    }

    public Wood wood() {
        return new Wood(woodLeft, woodRight, woodBack, woodCore, woodCrown, Optional.ofNullable(woodFacingDeg));
    }

    public Optional<StemReading.Union> union() {
        return unionWith.isEmpty() || unionHeightM == null
                ? Optional.empty()
                : Optional.of(new StemReading.Union(unionWith, unionHeightM));
    }
}
