/** How refusals reach the caller: problem details with the fields at fault. */
package org.antevid.app.problem;
