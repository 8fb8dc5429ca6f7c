package org.antevid.core.takedown.spar;

/** A place or a force in space: x east, y north, z up. */
public record Point(double x, double y, double z) {
    public Point plus(Point o) {
        return new Point(x + o.x, y + o.y, z + o.z);
    }

    public Point minus(Point o) {
        return new Point(x - o.x, y - o.y, z - o.z);
    }

    public Point times(double f) {
        return new Point(x * f, y * f, z * f);
    }

    public double dot(Point o) {
        return x * o.x + y * o.y + z * o.z;
    }

    public Point cross(Point o) {
        return new Point(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
    }

    public double size() {
        return Math.sqrt(dot(this));
    }

    /** @return the direction to another place; not for the same place */
    public Point towards(Point to) {
        Point d = to.minus(this);
        return d.times(1 / d.size());
    }
}
