/** Rules of one lay: targets, control, ways out, what it lands on, who pulls. */
package org.antevid.core.judge.lay;
