/** How stems and their field books is kept: entities, their repositories and columns. */
package org.antevid.app.stem.store;
