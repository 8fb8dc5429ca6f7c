/**
 * What is this stem: species, diameter, height, lean, mass, defects and what they mean. Heights in metres above ground,
 * masses in kilograms.
 */
package org.antevid.core.stem;
