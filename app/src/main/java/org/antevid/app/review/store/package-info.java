/** How the review is kept: entities, their repositories and columns. */
package org.antevid.app.review.store;
