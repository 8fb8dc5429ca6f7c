/**
 * What instruments say while a step runs, against the limits of the plan. What is crossed forces a hold or proposes
 * one; a silent instrument says nothing: not known, which is never fine.
 */
package org.antevid.core.run.watch;
