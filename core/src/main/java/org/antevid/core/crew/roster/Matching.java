package org.antevid.core.crew.roster;

import java.util.Arrays;

/** Whether different people can fill all slots (augmenting paths); people are bits of a whole number, 16 at most. */
final class Matching {
    private Matching() {}

    /** @param may for each slot the people that may fill it */
    static boolean complete(int[] may) {
        int[] slotOf = new int[Integer.SIZE];
        Arrays.fill(slotOf, -1);
        for (int slot = 0; slot < may.length; slot++) {
            if (!augment(may, slot, slotOf, new boolean[Integer.SIZE])) {
                return false;
            }
        }
        return true;
    }

    private static boolean augment(int[] may, int slot, int[] slotOf, boolean[] seen) {
        for (int left = may[slot]; left != 0; left &= left - 1) {
            int person = Integer.numberOfTrailingZeros(left);
            if (seen[person]) {
                continue;
            }
            seen[person] = true;
            if (slotOf[person] < 0 || augment(may, slotOf[person], slotOf, seen)) {
                slotOf[person] = slot;
                return true;
            }
        }
        return false;
    }

    /** @return how many slots can be filled at most */
    static int most(int[] may) {
        int[] slotOf = new int[Integer.SIZE];
        Arrays.fill(slotOf, -1);
        int filled = 0;
        for (int slot = 0; slot < may.length; slot++) {
            filled += augment(may, slot, slotOf, new boolean[Integer.SIZE]) ? 1 : 0;
        }
        return filled;
    }
}
