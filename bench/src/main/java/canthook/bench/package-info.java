/** Measurements, printed; nothing here is part of the application. */
@NullMarked
package canthook.bench;

import org.jspecify.annotations.NullMarked;
