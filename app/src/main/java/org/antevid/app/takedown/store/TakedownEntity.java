package org.antevid.app.takedown.store;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.antevid.core.takedown.drop.FreeDrop;
import org.antevid.core.takedown.pieces.Aloft;
import org.antevid.core.takedown.pieces.Fallback;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;
import org.jspecify.annotations.Nullable;

/** A plan of pieces as it was at one time; never changed, the newest counts. */
@Entity
@Table(name = "takedown")
public class TakedownEntity {
    @Id
    public String id;

    public String jobId;
    public String stemId;

    @Nullable
    public String lineId;

    @Nullable
    public String blockId;

    @Nullable
    public String slingId;

    @Nullable
    public String brakeId;

    @Nullable
    public Double brakeDeg;

    public double brakeAwayM;
    public double handN;
    public double slackM;

    @Embedded
    @Nullable
    public SecondLinePart second;

    @Embedded
    @Nullable
    public GuyPart guy;

    @Embedded
    @Nullable
    public ClimbPart climb;

    @Enumerated(EnumType.STRING)
    public FreeDrop.Surface surface;

    @Nullable
    public String bedName;

    @Nullable
    public Double bedTakesKg;

    @Nullable
    public String bedSaidBy;

    @Enumerated(EnumType.STRING)
    public Aloft.@Nullable Allowed said;

    @Nullable
    public String climberId;

    @Enumerated(EnumType.STRING)
    @Nullable
    public Fallback fallback;

    @Nullable
    public String agreedWith;

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "takedown_limb", joinColumns = @JoinColumn(name = "takedown_id"))
    @OrderColumn(name = "place")
    public List<LimbPart> limbs = new ArrayList<>();

    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "takedown_cut", joinColumns = @JoinColumn(name = "takedown_id"))
    @OrderColumn(name = "place")
    public List<CutPart> cuts = new ArrayList<>();

    public String who;
    public Instant at;
}
