@NullMarked
package org.antevid.app.paper.web;

import org.jspecify.annotations.NullMarked;
