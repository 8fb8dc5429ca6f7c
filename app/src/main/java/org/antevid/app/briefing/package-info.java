/** Stage 7: frozen, numbered issues of the plan, read-back and signatures. */
package org.antevid.app.briefing;
