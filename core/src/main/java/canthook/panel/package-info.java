/** What bottom and lid share: a panel in a groove, and where that groove may run. */
@NullMarked
package canthook.panel;

import org.jspecify.annotations.NullMarked;
