/** How much product a nail takes, in which helpings, and whether the salon has it. */
package ongle.core.portion;
