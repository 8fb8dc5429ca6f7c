package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** The line by which the butt of a hung stem is dragged away, metres in the site's frame. */
@Entity
@Table(name = "drag_line")
public class DragLineEntity extends SeenEntity {
    public double winchE;
    public double winchN;

    @Nullable
    public Double redirectE;

    @Nullable
    public Double redirectN;
}
