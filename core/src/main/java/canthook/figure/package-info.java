/** Drawings in millimetres, made from a worked plan. */
@NullMarked
package canthook.figure;

import org.jspecify.annotations.NullMarked;
