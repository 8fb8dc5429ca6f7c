/** Ground that is kept clear while one stem is felled. */
package org.antevid.core.lay.zone;
