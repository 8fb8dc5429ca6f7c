/** the place over the interface: controllers, what they are sent and what they answer. */
package org.antevid.app.place.web;
