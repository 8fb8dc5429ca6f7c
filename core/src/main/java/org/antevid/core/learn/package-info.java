/** What is learned from a fall: its cause as somebody says it, the lesson from it, and the work it is to be told at. */
@NullMarked
package org.antevid.core.learn;

import org.jspecify.annotations.NullMarked;
