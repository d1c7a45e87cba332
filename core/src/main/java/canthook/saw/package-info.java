/** At the saw: one cut after another, what was done, what went wrong. */
@NullMarked
package canthook.saw;

import org.jspecify.annotations.NullMarked;
