/**
 * What is to be said, before it has words: a code with typed arguments. The core makes no sentence; whoever reads gets
 * the words of the catalogue, in their language and units, with every number rounded to the safe side.
 */
package org.antevid.core.message;
