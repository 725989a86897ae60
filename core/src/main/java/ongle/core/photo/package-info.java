/** Measuring from a photograph of a hand beside a card of known size. */
package ongle.core.photo;
