package org.antevid.app.stem.store;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.stem.Sighting;
import org.antevid.core.stem.SightingKind;
import org.antevid.core.stem.StemState;
import org.jspecify.annotations.Nullable;

/**
 * Never overwritten; it may be accepted or set aside once, with who and when. {@code quantity, sigma} are what followed
 * from the raw numbers.
 */
@Entity
@Table(name = "sighting")
public class SightingEntity {
    @Id
    public String id;

    public String jobId;
    public String stemId;

    @Enumerated(EnumType.STRING)
    public SightingKind kind;

    @Convert(converter = RawColumn.class)
    @Column(length = 2000)
    public Map<String, Object> raw;

    public double quantity;
    public double sigma;

    @Enumerated(EnumType.STRING)
    public StemState stateThen;

    public String instrument;
    public boolean simulated;
    public String who;
    public Instant takenAt;
    public boolean byCrew;

    @Nullable
    public String acceptedBy;

    @Nullable
    public Instant acceptedAt;

    @Nullable
    public String setAside;

    @Nullable
    public String setAsideBy;

    public boolean accepted() {
        return !byCrew || acceptedBy != null;
    }

    public Sighting forCore() {
        Map<String, Double> numbers = new HashMap<>();
        Map<String, String> choices = new HashMap<>();
        raw.forEach((k, v) -> {
            if (v instanceof Number n) {
                numbers.put(k, n.doubleValue());
            } else if (v != null) {
                choices.put(k, String.valueOf(v));
            }
        });
        return new Sighting(
                id,
                kind,
                numbers,
                choices,
                stateThen,
                accepted(),
                Optional.ofNullable(setAside),
                new Estimate(quantity, sigma),
                List.of());
    }
}
