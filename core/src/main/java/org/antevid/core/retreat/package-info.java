/**
 * Can the cutter get away: fall time and escape routes, relative to the lay, horizontal metres and seconds. Sources:
 * mechanics (fall), practice rule (directions and distances).
 */
package org.antevid.core.retreat;
