/** All jobs a person may see, as cards with a small plan and what earlier jobs taught. */
package org.antevid.app.board;
