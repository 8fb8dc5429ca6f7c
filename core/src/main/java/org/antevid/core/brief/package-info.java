/** The plan as the rules and the briefing see it, the comparison of two plans, and what each person must know of it. */
package org.antevid.core.brief;
