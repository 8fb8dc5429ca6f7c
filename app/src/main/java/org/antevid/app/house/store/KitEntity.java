package org.antevid.app.house.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.Optional;
import org.antevid.core.assist.KitItem;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

@Entity
@Audited
@Table(name = "kit")
public class KitEntity {
    @Id
    public String id;

    @Enumerated(EnumType.STRING)
    KitItem.Kind kind;

    public String name;
    int pieces;

    @Nullable
    Double barM;

    @Nullable
    Double liftM;

    @Nullable
    Double lengthM;

    @Nullable
    Double strengthN;

    @Nullable
    Double efficiency;

    @Nullable
    Integer madeYear;

    String note;

    @Nullable
    public LocalDate inspectedOn;

    @Nullable
    public LocalDate dueOn;

    public boolean withdrawn;

    /** Share of its strength that is left by whoever looked. */
    @Nullable
    public Double leftShare;

    @Version
    public long version;

    public KitItem forCore() {
        return new KitItem(
                kind,
                name,
                pieces,
                Optional.ofNullable(barM),
                Optional.ofNullable(liftM),
                Optional.ofNullable(lengthM),
                Optional.ofNullable(strengthN),
                Optional.ofNullable(efficiency),
                Optional.ofNullable(madeYear),
                note == null ? "" : note);
    }

    public void takes(KitItem i) {
        kind = i.kind();
        name = i.name();
        pieces = i.count();
        barM = i.barM().orElse(null);
        liftM = i.liftM().orElse(null);
        lengthM = i.lengthM().orElse(null);
        strengthN = i.strengthN().orElse(null);
        efficiency = i.efficiency().orElse(null);
        madeYear = i.madeYear().orElse(null);
        note = i.note();
    }
}
