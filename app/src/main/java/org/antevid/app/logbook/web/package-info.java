@NullMarked
package org.antevid.app.logbook.web;

import org.jspecify.annotations.NullMarked;
