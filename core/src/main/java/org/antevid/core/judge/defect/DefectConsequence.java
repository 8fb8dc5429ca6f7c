package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.stem.DefectKind;

/** What a fault of one kind changes about the work. */
public interface DefectConsequence {
    DefectKind kind();

    Finding of(Case c);
}
