/** Practice: exercises of the core, said to whoever asks. Of answers it keeps those to a set that somebody took on. */
@ApplicationModule(allowedDependencies = {"people", "problem", "reader"})
@NullMarked
package org.antevid.app.drills;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
