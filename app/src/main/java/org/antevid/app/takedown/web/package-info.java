/** Taking down over the interface: what it is sent and what it answers. */
package org.antevid.app.takedown.web;
