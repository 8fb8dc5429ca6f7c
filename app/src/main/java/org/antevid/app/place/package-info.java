/** Stage 1: ground, conditions and features of the place. */
package org.antevid.app.place;
