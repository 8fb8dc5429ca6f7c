package org.antevid.app.place;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.site.Access;
import org.antevid.core.site.Anchor;
import org.antevid.core.site.CrownLoad;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Light;
import org.antevid.core.site.Permit;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Terrain;
import org.hibernate.envers.Audited;
import org.hibernate.envers.NotAudited;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;

/** What surrounds the work of one job; the key is the job's. */
@Entity
@Audited
@Table(name = "surroundings")
class SurroundingsRecord {
    @Id
    String jobId;

    @Enumerated(EnumType.STRING)
    GroundState ground = GroundState.FIRM;

    @Enumerated(EnumType.STRING)
    Light light = Light.DAY;

    @Enumerated(EnumType.STRING)
    CrownLoad crownLoad = CrownLoad.NONE;

    @Convert(converter = PermitsColumn.class)
    Map<Permit, Permit.Answer> permits = Map.of();

    String nearestHelp = "";
    String route = "";
    String gridReference = "";
    String phoneCover = "";
    String firstAider = "";
    String kit = "";
    String rescuePlan = "";
    String utilityLine = "";

    @Nullable
    Double accessWidthM;

    @Nullable
    Double accessGradientDeg;

    @Nullable
    Double accessLoadKg;

    String keepOff = "";
    Double anchorLatitudeDeg;
    Double anchorLongitudeDeg;
    Double gridNorthDeg;

    @NotAudited
    long dayVersion;

    @NotAudited
    long cardVersion;

    @NotAudited
    long accessVersion;

    @NotAudited
    long anchorVersion;

    @Version
    long version;

    EmergencyCard card() {
        return new EmergencyCard(
                nearestHelp, route, gridReference, phoneCover, firstAider, kit, rescuePlan, utilityLine);
    }

    Access access() {
        return new Access(
                Optional.ofNullable(accessWidthM),
                Optional.ofNullable(accessGradientDeg),
                Optional.ofNullable(accessLoadKg),
                keepOff);
    }

    Optional<Anchor> anchor() {
        return anchorLatitudeDeg == null
                ? Optional.empty()
                : Optional.of(new Anchor(anchorLatitudeDeg, anchorLongitudeDeg, gridNorthDeg));
    }
}

/** A machine that the crew brings to the job. */
@Entity
@Audited
@Table(name = "machine")
class MachineRecord {
    @Id
    String id;

    String jobId;
    String name;

    @Enumerated(EnumType.STRING)
    @Column(name = "used_for")
    Access.Use use;

    double widthM;
    double massKg;
    double gradeDeg;

    @Nullable
    Double pullN;

    @Version
    long version;

    Access.Machine forCore() {
        return new Access.Machine(name, use, widthM, massKg, gradeDeg, Optional.ofNullable(pullN));
    }
}

/** A measured height of the ground. */
@Entity
@Audited
@Table(name = "spot_height")
class SpotHeightRecord {
    @Id
    String id;

    String jobId;
    double eastM;
    double northM;
    double heightM;
    String takenHow;
    String who;
    Instant takenAt;

    @Version
    long version;

    Terrain.SpotHeight forCore() {
        return new Terrain.SpotHeight(new Spot(eastM, northM), heightM);
    }
}

/** An own photo or drawing under the plan, and how it lies. */
@Entity
@Audited
@Table(name = "underlay")
class UnderlayRecord {
    @Id
    String jobId;

    String name;
    String mime;
    int widthPx;
    int heightPx;

    @Nullable
    Double metresPerPixel;

    @Nullable
    Double turnDeg;

    @Nullable
    Double eastM;

    @Nullable
    Double northM;

    @org.hibernate.envers.NotAudited
    @Column(length = 8_000_000)
    byte[] picture;

    @Version
    long version;
}

interface SurroundingsRepository extends JpaRepository<SurroundingsRecord, String> {}

interface MachineRepository extends JpaRepository<MachineRecord, String> {
    List<MachineRecord> findByJobIdOrderByName(String jobId);
}

interface SpotHeightRepository extends JpaRepository<SpotHeightRecord, String> {
    List<SpotHeightRecord> findByJobIdOrderByTakenAt(String jobId);
}

interface UnderlayRepository extends JpaRepository<UnderlayRecord, String> {}
