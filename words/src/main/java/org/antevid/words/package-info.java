/**
 * What is said, in the reader's language and units: one catalogue of messages, one place that shows quantities. The
 * core gives codes and typed arguments; screen, phone, paper and log take their words from here.
 */
package org.antevid.words;
