/** How lays is kept: entities, their repositories and columns. */
package org.antevid.app.lay.store;
