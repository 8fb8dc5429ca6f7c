/** Every rule, asked one after the other: the top of the rules. */
package org.antevid.core.judge.all;
