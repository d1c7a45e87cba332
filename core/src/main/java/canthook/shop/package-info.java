/**
 * What the shop owns, believes and has recorded: house rules with their reasons and bounds, cutters, test cuts, climates, the pace learnt
 * at the saw. Given to the planner whole; a value outside a rule's bounds throws {@link canthook.refusal.Refused}.
 */
@NullMarked
package canthook.shop;

import org.jspecify.annotations.NullMarked;
