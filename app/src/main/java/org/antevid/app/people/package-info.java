/** People, their offices and competences, and how they sign in. */
package org.antevid.app.people;
