/** jobs over the interface: controllers, what they are sent and what they answer. */
package org.antevid.app.job.web;
