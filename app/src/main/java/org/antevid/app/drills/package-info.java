/** Practice: exercises of the core, said to whoever asks. It keeps nothing. */
@ApplicationModule(allowedDependencies = {"reader"})
@NullMarked
package org.antevid.app.drills;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
