package ongle.core.photo;

import java.util.Optional;

/**
 * The marks on one nail in a picture, px.
 *
 * @param growthPoint one of the two corners where the plate leaves the skin
 * @param otherGrowthPoint the other; which is which does not matter
 * @param cuticle its middle
 * @param edge middle of the free edge
 * @param knuckle middle of the last knuckle, to tell the finger's own line; may be left out
 */
public record NailMarks(
    Spot growthPoint, Spot otherGrowthPoint, Spot cuticle, Spot edge, Optional<Spot> knuckle) {}
