package org.antevid.core.site;

/** A tree that stands on the place and is not the one asked about: a falling crown can hang up in it. Metres. */
public record StandingTree(String label, Spot at, double heightM, double crownRadiusM, double dbhM) {}
