package org.antevid.core.stem;

import java.util.Locale;

/**
 * The one species table, by genus: green densities kg/m3 (low, typical, high), bending strength MPa (weakest common
 * member, typical), stiffness GPa. Typical literature values; density of living trees varies by 15 % with season. What
 * has to hold takes the strength of the weakest common member, what has to be bent the typical one. {@link #UNKNOWN} is
 * deliberately heavy, weak where it holds and strong where it must be bent, and split-prone.
 */
public enum Species {
    ABIES(640, 850, 1030, 34, 38, 8.5, HingeGrade.AVERAGE, SplitClass.LOW),
    PICEA(630, 800, 970, 32, 36, 8.0, HingeGrade.AVERAGE, SplitClass.LOW),
    PINUS(730, 880, 1040, 34, 45, 8.5, HingeGrade.STRONG, SplitClass.LOW),
    LARIX(710, 850, 1010, 53, 53, 9.5, HingeGrade.STRONG, SplitClass.MODERATE),
    PSEUDOTSUGA(610, 780, 960, 53, 53, 10.5, HingeGrade.STRONG, SplitClass.MODERATE),
    TSUGA(680, 850, 1020, 45, 45, 8.5, HingeGrade.AVERAGE, SplitClass.LOW),
    THUJA(470, 600, 760, 29, 36, 6.5, HingeGrade.BRITTLE, SplitClass.MODERATE),
    CEDRUS(690, 850, 1010, 45, 45, 7.5, HingeGrade.BRITTLE, SplitClass.LOW),
    CUPRESSUS(680, 840, 1000, 45, 45, 7.5, HingeGrade.AVERAGE, SplitClass.LOW),
    SEQUOIA(740, 900, 1060, 41, 48, 8.0, HingeGrade.BRITTLE, SplitClass.LOW),
    TAXUS(840, 950, 1080, 70, 70, 7.0, HingeGrade.STRONG, SplitClass.LOW),
    FAGUS(900, 1010, 1130, 60, 60, 10.0, HingeGrade.AVERAGE, SplitClass.HIGH),
    QUERCUS(930, 1050, 1160, 48, 58, 9.5, HingeGrade.STRONG, SplitClass.MODERATE),
    FRAXINUS(730, 830, 930, 41, 66, 10.0, HingeGrade.STRONG, SplitClass.HIGH),
    ACER(770, 900, 1030, 40, 55, 9.0, HingeGrade.AVERAGE, SplitClass.MODERATE),
    BETULA(790, 900, 1010, 44, 52, 9.5, HingeGrade.AVERAGE, SplitClass.MODERATE),
    ALNUS(690, 830, 960, 45, 45, 8.0, HingeGrade.BRITTLE, SplitClass.HIGH),
    POPULUS(630, 800, 970, 27, 37, 7.0, HingeGrade.BRITTLE, SplitClass.HIGH),
    SALIX(640, 830, 1010, 33, 33, 5.5, HingeGrade.BRITTLE, SplitClass.HIGH),
    TILIA(640, 780, 920, 36, 36, 7.5, HingeGrade.AVERAGE, SplitClass.LOW),
    ULMUS(870, 1000, 1120, 50, 50, 8.0, HingeGrade.STRONG, SplitClass.LOW),
    ROBINIA(840, 950, 1070, 90, 90, 12.5, HingeGrade.AVERAGE, SplitClass.HIGH),
    CASTANEA(870, 1000, 1120, 39, 45, 7.5, HingeGrade.BRITTLE, SplitClass.HIGH),
    AESCULUS(740, 900, 1050, 34, 34, 6.5, HingeGrade.BRITTLE, SplitClass.MODERATE),
    PLATANUS(810, 950, 1070, 45, 45, 7.5, HingeGrade.AVERAGE, SplitClass.LOW),
    JUGLANS(780, 920, 1050, 37, 62, 9.5, HingeGrade.BRITTLE, SplitClass.MODERATE),
    PRUNUS(780, 920, 1050, 55, 55, 9.0, HingeGrade.BRITTLE, SplitClass.MODERATE),
    SORBUS(820, 950, 1080, 55, 55, 9.0, HingeGrade.AVERAGE, SplitClass.MODERATE),
    CARPINUS(890, 1000, 1110, 60, 60, 9.5, HingeGrade.STRONG, SplitClass.LOW),
    CARYA(880, 1030, 1180, 75, 75, 10.5, HingeGrade.STRONG, SplitClass.HIGH),
    LIRIODENDRON(610, 750, 900, 41, 41, 8.5, HingeGrade.BRITTLE, SplitClass.MODERATE),
    PYRUS(760, 950, 1090, 55, 55, 8.0, HingeGrade.BRITTLE, SplitClass.MODERATE),
    EUCALYPTUS(950, 1120, 1290, 75, 75, 11.5, HingeGrade.AVERAGE, SplitClass.HIGH),
    UNKNOWN(900, 1050, 1200, 27, 60, 6.0, HingeGrade.BRITTLE, SplitClass.HIGH);

    private final GreenWood wood;

    Species(
            double densityLowKgm3,
            double densityKgm3,
            double densityHighKgm3,
            double holdsMPa,
            double bendsMPa,
            double moeGPa,
            HingeGrade hinge,
            SplitClass split) {
        this.wood =
                new GreenWood(densityLowKgm3, densityKgm3, densityHighKgm3, holdsMPa, bendsMPa, moeGPa, hinge, split);
    }

    /** How well green wood of the genus holds as a hinge; factors are judgement values. */
    public enum HingeGrade {
        STRONG(1.0),
        AVERAGE(0.85),
        BRITTLE(0.6);
        private final double factor;

        HingeGrade(double factor) {
            this.factor = factor;
        }

        public double factor() {
            return factor;
        }
    }

    /** How readily the genus splits along the grain. */
    public enum SplitClass {
        LOW,
        MODERATE,
        HIGH
    }

    /** @return botanical name in lower case, the key used in the open interface */
    public String genus() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** @return its figures from the literature */
    public GreenWood wood() {
        return wood;
    }
}
