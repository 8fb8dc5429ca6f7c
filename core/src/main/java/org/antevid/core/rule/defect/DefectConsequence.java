package org.antevid.core.rule.defect;

import org.antevid.core.rule.Finding;
import org.antevid.core.stem.DefectKind;

/** What a fault of one kind changes about the work. */
public interface DefectConsequence {
    DefectKind kind();

    Finding of(Case c);
}
