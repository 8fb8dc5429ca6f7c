package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** What one kind of fault means for the plan; there is one for every kind. */
public interface DefectConsequence {
    DefectKind kind();

    Finding of(Case c);
}
