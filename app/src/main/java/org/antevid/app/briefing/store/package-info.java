/** How briefings is kept: entities, their repositories and columns. */
package org.antevid.app.briefing.store;
