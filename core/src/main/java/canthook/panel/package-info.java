/**
 * A panel in a groove, whosever it is: its width through the year, its engagement, and where its groove may run through or must stop.
 * Takes an opening, a groove and a year; gives numbers to cut today. Throws nothing: a gap that leaves no panel is a verdict.
 */
@NullMarked
package canthook.panel;

import org.jspecify.annotations.NullMarked;
