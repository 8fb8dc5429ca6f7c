/** One stream of changes a job, by server-sent events. */
package org.antevid.app.live;
