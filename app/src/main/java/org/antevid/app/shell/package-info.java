/** Serving the screens and describing the interface. */
package org.antevid.app.shell;
