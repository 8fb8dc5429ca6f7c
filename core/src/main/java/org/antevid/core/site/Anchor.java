package org.antevid.core.site;

import net.sf.geographiclib.Geodesic;
import net.sf.geographiclib.GeodesicData;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * Where the site's origin lies on the globe. Local metres and WGS 84 are turned into each other by geodesics from the
 * origin, exact to far under a millimetre over a site; beyond 20 km the local frame is not meant for it.
 *
 * @param latitudeDeg -89..89, of the origin
 * @param longitudeDeg -180..180
 * @param gridNorthDeg true bearing of the site's north, clockwise, -180..360
 */
public record Anchor(double latitudeDeg, double longitudeDeg, double gridNorthDeg) {
    private static final double FARTHEST_M = 20000;

    public Anchor {
        Require.within(latitudeDeg, -89, 89, "latitudeDeg");
        Require.within(longitudeDeg, -180, 180, "longitudeDeg");
        Require.within(gridNorthDeg, -180, 360, "gridNorthDeg");
    }

    /** A point of the globe, degrees. */
    public record Globe(double latitudeDeg, double longitudeDeg) {
        public Globe {
            Require.within(latitudeDeg, -90, 90, "latitude");
            Require.within(longitudeDeg, -180, 180, "longitude");
        }
    }

    public Globe globe(Spot spot) {
        GeodesicData d = Geodesic.WGS84.Direct(
                latitudeDeg,
                longitudeDeg,
                Azimuth.of(spot.eastM(), spot.northM()) + gridNorthDeg,
                Math.hypot(spot.eastM(), spot.northM()));
        return new Globe(d.lat2, d.lon2);
    }

    /** @throws RefusedInput {@code FAR_AWAY} beyond 20 km, saying so when latitude and longitude look swapped */
    public Spot spot(Globe g) {
        GeodesicData d = Geodesic.WGS84.Inverse(latitudeDeg, longitudeDeg, g.latitudeDeg, g.longitudeDeg);
        if (d.s12 > FARTHEST_M) {
            throw new RefusedInput(
                    Message.of(swappedIsNear(g) ? Refusal.LATITUDE_LONGITUDE_SWAPPED : Refusal.FAR_AWAY)
                            .with("away", Arg.count(Math.round(d.s12 / 1000))),
                    "coordinates");
        }
        double a = Math.toRadians(d.azi1 - gridNorthDeg);
        return new Spot(d.s12 * Math.sin(a), d.s12 * Math.cos(a));
    }

    private boolean swappedIsNear(Globe g) {
        return Math.abs(g.longitudeDeg) <= 90
                && Geodesic.WGS84.Inverse(latitudeDeg, longitudeDeg, g.longitudeDeg, g.latitudeDeg).s12 <= FARTHEST_M;
    }
}
