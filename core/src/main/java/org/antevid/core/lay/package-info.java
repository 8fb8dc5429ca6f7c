/**
 * Where will it fall: reach, exclusion ring, spread fan, what it touches, all 360 directions. Azimuths clockwise from
 * north, horizontal metres. Sources: geometry, mechanics, practice rules named at each number.
 */
package org.antevid.core.lay;
