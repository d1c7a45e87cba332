/** What the application is made of. */
@NullMarked
package canthook.server.about;

import org.jspecify.annotations.NullMarked;
