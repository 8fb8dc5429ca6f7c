package org.antevid.sums;

/** What somebody wants to know who opens a sum. */
public enum Question {
    HOW_BIG,
    HOW_IT_LEANS,
    HOW_SOUND,
    HOW_IT_FALLS,
    WHERE_IT_LIES,
    HOW_HEAVY,
    HOW_TO_CUT,
    WHAT_BRINGS_IT_OVER,
    WHAT_HANGS,
    WHAT_IS_SQUEEZED,
    WHAT_THE_PLATE_DOES,
    WHAT_THE_ROPES_BEAR,
    WHAT_THE_STEM_BEARS,
    WHAT_FALLS_FREE,
    WHAT_THE_CRANE_LIFTS,
    WHO_DOES_WHAT_WHEN
}
