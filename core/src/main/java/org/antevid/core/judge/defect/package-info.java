/**
 * What follows from a recorded fault: one small class for each kind, with its reason and its source. Heights in metres
 * above ground.
 */
package org.antevid.core.judge.defect;
