/** Seeded falls of one lay, as planned and with what goes wrong. */
package org.antevid.core.lay.rehearsal;
