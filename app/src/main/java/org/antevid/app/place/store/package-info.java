/** How the place is kept: entities, their repositories and columns. */
package org.antevid.app.place.store;
