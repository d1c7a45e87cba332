/**
 * Instruments of the shop: a moisture meter and a climate logger. Each stands behind a port, with a simulated one until a real one is
 * connected. A reading is given, never kept; whoever asked keeps it with the board or the climate it belongs to. Moisture in percent of
 * dry weight, air in °C and percent.
 */
@NullMarked
package canthook.server.device;

import org.jspecify.annotations.NullMarked;
