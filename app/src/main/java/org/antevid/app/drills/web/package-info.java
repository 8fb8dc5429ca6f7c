@NullMarked
package org.antevid.app.drills.web;

import org.jspecify.annotations.NullMarked;
