/** What is done when: the shop's hours, the calendar of every box that is under way, today's steps, and the same as a calendar file. */
@NullMarked
package canthook.server.calendar;

import org.jspecify.annotations.NullMarked;
