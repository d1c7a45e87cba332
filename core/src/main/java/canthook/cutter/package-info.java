/**
 * What cuts: blades, stacked cutters, router bits, band saws, hand saws; leaves and shims laid together. A kerf is measured, never the
 * name on the cutter. Values out of bounds throw {@link canthook.refusal.Refused}.
 */
@NullMarked
package canthook.cutter;

import org.jspecify.annotations.NullMarked;
