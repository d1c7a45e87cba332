/**
 * What leaves the tool and comes in: project files, story sticks, templates, run sheets, DXF. Made from figures and the cut list; a file
 * that cannot be read is a problem that names the place in it.
 */
@NullMarked
package canthook.server.export;

import org.jspecify.annotations.NullMarked;
