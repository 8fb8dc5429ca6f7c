/** Every core computation on its own. */
package org.antevid.app.sums;
