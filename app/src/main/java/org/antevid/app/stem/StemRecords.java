package org.antevid.app.stem;

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
import org.springframework.data.jpa.repository.JpaRepository;

/** What a person says of a stem, beside what is measured. */
@Entity
@Audited
@Table(name = "stem")
class StemRecord {
    @Id
    String id;

    String jobId;
    String label;

    @Enumerated(EnumType.STRING)
    Species species;

    @Enumerated(EnumType.STRING)
    StemState state;

    double eastM;
    double northM;

    @Enumerated(EnumType.STRING)
    Condition woodLeft;

    @Enumerated(EnumType.STRING)
    Condition woodRight;

    @Enumerated(EnumType.STRING)
    Condition woodBack;

    @Enumerated(EnumType.STRING)
    Condition woodCore;

    @Enumerated(EnumType.STRING)
    Condition woodCrown;

    @Nullable
    Double woodFacingDeg;

    @Enumerated(EnumType.STRING)
    StemMass.Shape shape;

    @Enumerated(EnumType.STRING)
    StemMass.Crown crown;

    boolean toBeKept;
    /** Felled in a step of the run: closed to changes from then on. */
    boolean broughtDown;

    String note;

    @Convert(converter = LabelsColumn.class)
    List<String> unionWith = List.of();

    @Nullable
    Double unionHeightM;

    @Enumerated(EnumType.STRING)
    Verdict verdict;

    String verdictBecause = "";
    String closedOff = "";
    String toldWhom = "";

    @Version
    long version;

    Spot at() {
        return new Spot(eastM, northM);
    }

    Wood wood() {
        return new Wood(woodLeft, woodRight, woodBack, woodCore, woodCrown, Optional.ofNullable(woodFacingDeg));
    }

    Optional<StemReading.Union> union() {
        return unionWith.isEmpty() || unionHeightM == null
                ? Optional.empty()
                : Optional.of(new StemReading.Union(unionWith, unionHeightM));
    }
}

interface StemRepository extends JpaRepository<StemRecord, String> {
    List<StemRecord> findByJobId(String jobId);

    Optional<StemRecord> findByJobIdAndLabel(String jobId, String label);
}
