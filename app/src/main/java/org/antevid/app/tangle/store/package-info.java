/** How the tangle is kept: entities, their repositories and columns. */
package org.antevid.app.tangle.store;
