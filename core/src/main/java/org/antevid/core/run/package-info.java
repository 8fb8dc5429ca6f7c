/**
 * What holds while the work runs: who is ready, whether a hold stands, whether a go still goes. Everything is folded
 * from what happened, in the order in which it was stored; nothing is kept beside it. No times: the order decides,
 * clocks of phones do not.
 */
package org.antevid.core.run;
