/** one tree over the interface: controllers, what they are sent and what they answer. */
package org.antevid.app.tree.web;
