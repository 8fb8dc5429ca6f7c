/** Stage 9: outcomes against the plan, and lessons. */
package org.antevid.app.review;
