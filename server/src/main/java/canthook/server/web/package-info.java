/** How requests are read and refused. */
@NullMarked
package canthook.server.web;

import org.jspecify.annotations.NullMarked;
