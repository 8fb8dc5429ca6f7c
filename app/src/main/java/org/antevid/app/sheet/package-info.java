/** Paper: a drawing in millimetres, written as SVG and as PDF. */
package org.antevid.app.sheet;
