package org.antevid.app.place.store;

import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.site.Access;
import org.antevid.core.site.Anchor;
import org.antevid.core.site.CrownLoad;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Light;
import org.antevid.core.site.Permit;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;
import org.jspecify.annotations.Nullable;

/** What surrounds the work of one job; the key is the job's. */
@Entity
@Audited
@Table(name = "surroundings")
public class SurroundingsEntity {
    @Id
    public String jobId;

    @Enumerated(EnumType.STRING)
    public GroundState ground = GroundState.FIRM;

    @Enumerated(EnumType.STRING)
    public Light light = Light.DAY;

    @Enumerated(EnumType.STRING)
    public CrownLoad crownLoad = CrownLoad.NONE;

    @Convert(converter = PermitsColumn.class)
    public Map<Permit, Permit.Answer> permits = Map.of();

    /** Minutes of the day. */
    @Nullable
    public Integer startsMin;

    @Nullable
    public Integer darkMin;

    @Nullable
    public String radioChannel;

    public String nearestHelp = "";
    public String route = "";
    public String gridReference = "";
    public String phoneCover = "";
    public String firstAider = "";
    public String kit = "";
    public String rescuePlan = "";
    public String utilityLine = "";

    @Nullable
    public Double accessWidthM;

    @Nullable
    public Double accessGradientDeg;

    @Nullable
    public Double accessLoadKg;

    public String keepOff = "";
    public Double anchorLatitudeDeg;
    public Double anchorLongitudeDeg;
    public Double gridNorthDeg;

    @NotAudited
    public long dayVersion;

    @NotAudited
    public long cardVersion;

    @NotAudited
    public long accessVersion;

    @NotAudited
    public long anchorVersion;

    @Version
    long version;

    public EmergencyCard card() {
        return new EmergencyCard(
                nearestHelp, route, gridReference, phoneCover, firstAider, kit, rescuePlan, utilityLine);
    }

    public Access access() {
        return new Access(
                Optional.ofNullable(accessWidthM),
                Optional.ofNullable(accessGradientDeg),
                Optional.ofNullable(accessLoadKg),
                keepOff);
    }

    public Optional<Anchor> anchor() {
        return anchorLatitudeDeg == null
                ? Optional.empty()
                : Optional.of(new Anchor(anchorLatitudeDeg, anchorLongitudeDeg, gridNorthDeg));
    }
}
