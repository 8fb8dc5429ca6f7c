package org.antevid.words;

/** What one of the units of feet and pounds is in ours; exact by definition, the pound of force to eight digits. */
public final class Imperial {
    public static final double INCH_M = 0.0254;
    public static final double FOOT_M = 12 * INCH_M;
    public static final double MPH_MS = 0.44704;
    public static final double LBF_N = 4.4482216;
    public static final double LB_KG = 0.45359237;

    private Imperial() {}
}
