/** The company's thresholds, edited by the owner. */
package org.antevid.app.house;
