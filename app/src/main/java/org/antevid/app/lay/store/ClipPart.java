package org.antevid.app.lay.store;

import jakarta.persistence.Convert;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.List;
import org.antevid.app.trace.SpotsColumn;
import org.antevid.core.lay.zone.Zone;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;

/** Ground taken out of a zone, as it was drawn. */
@Embeddable
public class ClipPart {
    @Enumerated(EnumType.STRING)
    public Zone.Kind kind;

    @Convert(converter = SpotsColumn.class)
    public List<Spot> outline = List.of();

    public String reason;
    public String who;

    public static ClipPart of(Zone.Kind kind, List<Spot> outline, String reason, String who) {
        ClipPart p = new ClipPart();
        p.kind = kind;
        p.outline = List.copyOf(outline);
        p.reason = reason;
        p.who = who;
        return p;
    }

    public Zone.Clip forCore() {
        return new Zone.Clip(kind, Shape.polygon(outline), reason);
    }
}
