/** The circle of lays as it is read: windows, what speaks against a direction, which is best. */
package org.antevid.core.lay.dial;
