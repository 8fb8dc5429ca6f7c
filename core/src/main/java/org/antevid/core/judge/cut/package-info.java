/** Rules of one cut card: bar, hinge, strap, splitting, height, kit. */
package org.antevid.core.judge.cut;
