package org.antevid.app.trace;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Clock;
import org.hibernate.envers.RevisionEntity;
import org.hibernate.envers.RevisionListener;
import org.hibernate.envers.RevisionNumber;
import org.hibernate.envers.RevisionTimestamp;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/** One transaction that changed records: when, and who was signed in. */
@Entity
@Table(name = "revision")
@RevisionEntity(Revision.Signer.class)
class Revision {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @RevisionNumber
    int id;

    @RevisionTimestamp
    long atMs;

    String who;

    /** Puts the signed-in person's name and the house's time into the revision. */
    public static class Signer implements RevisionListener {
        private final Clock clock;

        Signer(Clock clock) {
            this.clock = clock;
        }

        @Override
        public void newRevision(Object revision) {
            Authentication a = SecurityContextHolder.getContext().getAuthentication();
            ((Revision) revision).who = a == null ? "the system" : a.getName();
            ((Revision) revision).atMs = clock.millis();
        }
    }
}
