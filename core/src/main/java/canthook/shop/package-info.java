/** What the shop owns, believes and has recorded. */
@NullMarked
package canthook.shop;

import org.jspecify.annotations.NullMarked;
