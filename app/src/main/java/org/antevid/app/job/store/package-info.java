/** How jobs is kept: entities, their repositories and columns. */
package org.antevid.app.job.store;
