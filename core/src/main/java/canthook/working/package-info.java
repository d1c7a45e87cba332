/** Numbers that carry their own working. */
@NullMarked
package canthook.working;

import org.jspecify.annotations.NullMarked;
