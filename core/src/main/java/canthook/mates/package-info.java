/** What mates of different wood, ring angle or stuff do to each other over the year. */
@NullMarked
package canthook.mates;

import org.jspecify.annotations.NullMarked;
