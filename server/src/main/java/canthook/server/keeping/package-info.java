/**
 * What all that is kept has in common. Ids are readable ({@code Ids}). A write carries the revision it was made from and never overwrites
 * unseen ({@code StaleWrite}, 409). What is not there is said ({@code Unknown}, 404). A record that cannot be read stands as
 * {@code Damaged}, and each {@code Keeper} tells of its own: as it is kept, put away; everything else goes on.
 */
@NullMarked
package canthook.server.keeping;

import org.jspecify.annotations.NullMarked;
