/** the day over the interface: controllers, what they are sent and what they answer. */
package org.antevid.app.day.web;
