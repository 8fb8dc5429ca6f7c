/** The demo job Withy Lock, entered through the same services as by hand. */
package org.antevid.app.demo;
