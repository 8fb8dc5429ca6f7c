/** How the house is kept: entities, their repositories and columns. */
package org.antevid.app.house.store;
