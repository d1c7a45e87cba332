/** What cuts: blades, stacked cutters, router bits, band saws, hand saws. */
@NullMarked
package canthook.cutter;

import org.jspecify.annotations.NullMarked;
