/** Rules of the day: wind, light, ground, what lies on the crowns. The leader may only be stricter than the house. */
package org.antevid.core.judge.weather;
