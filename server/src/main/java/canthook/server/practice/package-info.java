/** The practice shop: rounds and drills as they are kept and asked. */
@NullMarked
package canthook.server.practice;

import org.jspecify.annotations.NullMarked;
