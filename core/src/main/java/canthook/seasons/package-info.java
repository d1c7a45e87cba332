/** The year the box will see: moisture today, at the driest and at the wettest. */
@NullMarked
package canthook.seasons;

import org.jspecify.annotations.NullMarked;
