/** How the crew is kept: entities, their repositories and columns. */
package org.antevid.app.crew.store;
