/** The natural nail: fingers, plates, what is measured on them and in which units. */
package ongle.core.nail;
