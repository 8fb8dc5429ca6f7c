/** How a tree taken down in pieces is kept. */
package org.antevid.app.takedown.store;
