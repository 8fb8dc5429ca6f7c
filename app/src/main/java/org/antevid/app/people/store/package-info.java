/** How people is kept: entities, their repositories and columns. */
package org.antevid.app.people.store;
