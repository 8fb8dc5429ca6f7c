package org.antevid.core.drill;

/** How an exercise is answered. */
public enum Answering {
    /** One is right. */
    ONE,
    /** All that is true is marked, and nothing else. */
    SEVERAL,
    /** All that is true, in an order that breaks no rule. */
    ORDER
}
