@NullMarked
package org.antevid.app.drills.store;

import org.jspecify.annotations.NullMarked;
