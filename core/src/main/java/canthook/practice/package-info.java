/**
 * A workshop to practise in: a shop made from a seed, its true kerf, its jig’s true place and its habits hidden; what is cut in it, what a
 * caliper reads of that, and what a maker believed beside what was. Reads worked plans and nothing else of the job: what is judged here is
 * judged by the same fit as at the bench.
 */
@org.jspecify.annotations.NullMarked
package canthook.practice;
