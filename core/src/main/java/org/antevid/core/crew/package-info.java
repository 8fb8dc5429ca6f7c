/** Who does what and when: roles, competences, and who cannot be in two places at once. Times in whole minutes. */
package org.antevid.core.crew;
