/**
 * What stands and lies on the place: local metre frame (x east, y north), ground plane, features with worth and
 * protection. JTS stays behind these types.
 */
package org.antevid.core.site;
