/** One way through: plan and shop in, worked plan out. */
@NullMarked
package canthook.planner;

import org.jspecify.annotations.NullMarked;
