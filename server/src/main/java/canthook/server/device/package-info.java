/** Instruments of the shop, each behind a port; simulated ones stand in until a real one is connected. */
@NullMarked
package canthook.server.device;

import org.jspecify.annotations.NullMarked;
