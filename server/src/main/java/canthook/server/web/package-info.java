/**
 * How a request is let in, read and refused. In order: where it comes from ({@code SameOrigin}, behind the headers of {@code WebSecurity}), its body
 * read whole ({@code WholeBody}), a place in line when a plan is to be worked ({@code Turnstile}), JSON by strict rules ({@code JsonRules}).
 *
 * <p>Whatever is refused leaves as a problem document (RFC 9457) from {@code Problems}, with the field it came from; what the server itself
 * refuses, too ({@code Errors}, {@code ProblemValve}).
 */
@NullMarked
package canthook.server.web;

import org.jspecify.annotations.NullMarked;
