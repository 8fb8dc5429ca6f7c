/** How far from the lay a fall lies, and what is missed by an error of hinge, release or sight. */
package org.antevid.core.lay.spread;
