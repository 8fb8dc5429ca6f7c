package org.antevid.core.site;

/** Leave, duty or protected thing that is asked about before cutting. "Yes" always means that it is in hand. */
public enum Permit {
    FELLING_CONSENT(
            "felling consent", "consent is in hand", "no tree is cut without the consent that the law asks for"),
    PRESERVATION_ORDER(
            "preservation order",
            "looked up; none stands, or leave was given",
            "an order stays in force after a storm"),
    NESTING(
            "nesting or roosting",
            "looked for up to the top; none found, or leave was given",
            "nests and roosts are protected, hollow trees above all"),
    WATERCOURSE(
            "watercourse", "the water's authority knows", "timber and oil in the water are somebody's flood or poison"),
    NEIGHBOUR("neighbour's tree or land", "the owner agreed", "a tree on the boundary belongs to both"),
    UTILITY_NOTICE(
            "utility notice",
            "lines and pipes were asked for and marked",
            "what is buried or hung here is known to its owner only");

    private final String words;
    private final String yes;
    private final String why;

    Permit(String words, String yes, String why) {
        this.words = words;
        this.yes = yes;
        this.why = why;
    }

    public String words() {
        return words;
    }

    /** @return what "yes" says */
    public String yes() {
        return yes;
    }

    public String why() {
        return why;
    }

    /** How the question was answered; not known is an open point. */
    public enum Answer {
        YES,
        NO,
        NOT_NEEDED,
        NOT_KNOWN
    }
}
