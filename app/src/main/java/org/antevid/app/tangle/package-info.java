/** Stage 5: what hangs in or rests on what, release order, guards. */
package org.antevid.app.tangle;
