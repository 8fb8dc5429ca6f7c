/**
 * What comes loose first: release order of hung, leaning and lying stems. Forces in newton, distances in metres.
 * Sources: practice rules and statics.
 */
package org.antevid.core.tangle;
