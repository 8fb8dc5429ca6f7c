/** Stage 2: stems, sightings, defects, first look. */
package org.antevid.app.stem;
