@NullMarked
package org.antevid.app.logbook.store;

import org.jspecify.annotations.NullMarked;
