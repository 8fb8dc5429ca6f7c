/**
 * Practice without a job: made-up things from a seed, judged by the same rules as real ones. Nothing is kept as right;
 * what flips within the error of looking is thrown away.
 */
package org.antevid.core.drill;
