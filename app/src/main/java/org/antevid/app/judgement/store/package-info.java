/** How the plan is kept: entities, their repositories and columns. */
package org.antevid.app.judgement.store;
