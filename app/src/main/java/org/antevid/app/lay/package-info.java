/** Stages 3 and 4: lay, zones, ways out and the cut card of a stem. */
package org.antevid.app.lay;
