/** Who changed what and when: revisions of every record that two people can edit. */
package org.antevid.app.trace;
