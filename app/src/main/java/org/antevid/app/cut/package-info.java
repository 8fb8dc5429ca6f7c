/** Stage 4: the cut card of a stem with wedges, line and guy, its sheet, and what the opened face showed. */
package org.antevid.app.cut;
