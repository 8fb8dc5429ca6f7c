/** How the run is kept: entities, their repositories and columns. */
package org.antevid.app.run.store;
