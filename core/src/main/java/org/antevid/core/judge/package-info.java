/**
 * What the rules say about the plan as it stands: one small class for each rule. A finding is a value, never an
 * exception.
 */
package org.antevid.core.judge;
