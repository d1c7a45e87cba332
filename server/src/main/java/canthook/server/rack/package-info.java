/**
 * What the shop owns and believes, as it is kept: blanks, cutters, woods, climates as documents with a revision (what is taken off can be
 * put back), house rules as rows of what differs. CSV is taken whole or not at all, with every bad line named.
 */
@NullMarked
package canthook.server.rack;

import org.jspecify.annotations.NullMarked;
