/**
 * What test cuts say. From the test cuts of the shop and the joint that stands comes a {@link canthook.fit.Fit}: the clearance as read, how
 * far it is off (positive is loose), what this way of indexing moves, the next reading to expect, the height that follows. Null reading
 * when there is no test, or when the last one was cut for another joint. Readings out of bounds never get here:
 * {@link canthook.shop.TestCut} refuses them.
 */
@NullMarked
package canthook.fit;

import org.jspecify.annotations.NullMarked;
