/** Cut plans asked for, waited for and stopped. */
@NullMarked
package canthook.server.cutting;

import org.jspecify.annotations.NullMarked;
