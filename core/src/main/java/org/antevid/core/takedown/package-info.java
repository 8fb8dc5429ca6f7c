/**
 * Taking a tree down in pieces: what ropes, stems, free drops and cranes do. Everything here is indicative: local code,
 * the maker and the qualified person on site outrank every number.
 */
@NullMarked
package org.antevid.core.takedown;

import org.jspecify.annotations.NullMarked;
