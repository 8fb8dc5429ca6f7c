/**
 * Who does what when on a whole day: the rules that must never be broken, how fast it cannot be done, and a plan. Times
 * in whole minutes from the start of work, intervals [start, end): touching ones do not overlap. Not modelled: walking
 * through a zone between tasks, fatigue beyond long work aloft, weather.
 */
package org.antevid.core.crew.roster;
