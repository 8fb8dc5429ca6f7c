/** Stage 6: steps, roles and where people stand. */
package org.antevid.app.crew;
