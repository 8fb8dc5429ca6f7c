package org.antevid.app.stem.store;

import jakarta.persistence.Embeddable;

/** Another stem on the same root: one of the same job, by its label. */
@Embeddable
class UnionMember {
    String jobId;
    String member;

    static UnionMember of(String jobId, String label) {
        UnionMember m = new UnionMember();
        m.jobId = jobId;
        m.member = label;
        return m;
    }
}
