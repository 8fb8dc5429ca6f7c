/**
 * Every lay of the circle judged at once: what it strikes, whether the means bring it over, which ways out are left.
 */
package org.antevid.core.lay.sweep;
