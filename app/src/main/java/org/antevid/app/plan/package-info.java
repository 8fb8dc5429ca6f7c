/** The plan assembled from all stages: findings, opinions, acknowledgements, the document a briefing freezes. */
package org.antevid.app.plan;
