/**
 * The picture of a tangle as somebody saw it: where stems lie, what they rest on and are tied to. Metres in the site's
 * frame, heights of the axis above the ground; what nobody saw stays empty.
 */
@org.jspecify.annotations.NullMarked
package org.antevid.core.tangle.picture;
