/** the plan over the interface: controllers, what they are sent and what they answer. */
@NamedInterface("web")
package org.antevid.app.judgement.web;

import org.springframework.modulith.NamedInterface;
