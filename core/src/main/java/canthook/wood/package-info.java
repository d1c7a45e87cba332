/**
 * Timber, air and movement: sorption (moisture from temperature and humidity, and back), shrinkage across the grain by ring angle,
 * sheet goods by humidity, the table of species, climate logs reduced as they are read. Per cent for moisture and humidity, °C for air.
 * A species that is not known, a log line that cannot be read: {@link canthook.refusal.Refused}.
 */
@NullMarked
package canthook.wood;

import org.jspecify.annotations.NullMarked;
