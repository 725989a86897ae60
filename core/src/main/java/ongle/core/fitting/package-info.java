/** Which tip fits which nail, and what has to be done to it. */
package ongle.core.fitting;
