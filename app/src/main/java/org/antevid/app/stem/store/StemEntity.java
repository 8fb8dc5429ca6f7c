package org.antevid.app.stem.store;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.ArrayList;
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
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;
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

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "stem_union", joinColumns = @JoinColumn(name = "stem_id"))
    @OrderColumn(name = "place")
    private List<UnionMember> union = new ArrayList<>();

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
        return union.isEmpty() || unionHeightM == null
                ? Optional.empty()
                : Optional.of(new StemReading.Union(unionWith(), unionHeightM));
    }

    /** @return labels of the stems on the same root, as they were written down */
    public List<String> unionWith() {
        return union.stream().map(m -> m.member).toList();
    }

    public void unionWith(List<String> labels) {
        union.clear();
        labels.forEach(l -> union.add(UnionMember.of(jobId, l)));
    }
}
