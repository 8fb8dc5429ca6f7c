/** Who reads: the words of the person behind a request, and messages as the interface gives them. */
@ApplicationModule(allowedDependencies = {})
package org.antevid.app.reader;

import org.springframework.modulith.ApplicationModule;
