/** What is done before the application starts. */
@NullMarked
package canthook.server.start;

import org.jspecify.annotations.NullMarked;
