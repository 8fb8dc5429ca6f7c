/** Jobs, who is on them, and who may call what: a job you are not on does not exist for you. */
package org.antevid.app.job;
