/** lays over the interface: controllers, what they are sent and what they answer. */
@NamedInterface("web")
package org.antevid.app.lay.web;

import org.springframework.modulith.NamedInterface;
