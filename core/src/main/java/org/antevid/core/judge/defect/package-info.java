/** What each kind of fault means for the plan: one kind a class. */
package org.antevid.core.judge.defect;
