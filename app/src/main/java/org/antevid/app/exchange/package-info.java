/**
 * Reading foreign files: strict text, tables with a header, a report of what is wrong in which row. The stages say what
 * the rows mean.
 */
@ApplicationModule(allowedDependencies = {"reader"})
package org.antevid.app.exchange;

import org.springframework.modulith.ApplicationModule;
