/** Paper: a drawing in millimetres, written as SVG and as PDF. */
@ApplicationModule(allowedDependencies = {})
package org.antevid.app.sheet;

import org.springframework.modulith.ApplicationModule;
