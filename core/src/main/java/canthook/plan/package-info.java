/**
 * What the maker decided, and nothing that follows from it. Records of lengths and choices; each field's bounds stand beside it as a
 * constant, and a value outside them throws {@link canthook.refusal.Refused} with the field's name. A missing value means "the house
 * rule" or "not decided". Bottom and lid are sealed families.
 */
@NullMarked
package canthook.plan;

import org.jspecify.annotations.NullMarked;
