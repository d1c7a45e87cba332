/**
 * Jigs to build: from a worked plan and the shop's machines the parts, the order, the checks. Each way of indexing is a file named after
 * what is built for it. Reads the worked plan; nothing in the plan depends on it.
 */
@NullMarked
package canthook.building;

import org.jspecify.annotations.NullMarked;
