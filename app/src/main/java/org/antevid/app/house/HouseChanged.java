package org.antevid.app.house;

/** Rules, kit or people of the house were changed: what was computed for any job may be another now. */
public record HouseChanged() {}
