/** Stage 8: ready, go, hold and the log that writes itself. */
package org.antevid.app.run;
