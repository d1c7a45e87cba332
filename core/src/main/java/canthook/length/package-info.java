/**
 * Exact lengths, how they are read and how they are shown. A {@link canthook.length.Length} is whole nanometres; sums are exact, products
 * and quotients rounded half up; overflow throws {@link java.lang.ArithmeticException}. {@link canthook.length.LengthReader} reads what
 * makers type ({@code 3 27/64}, {@code 5 + 3/8}, {@code 96,5 mm}) and says what it could not read.
 */
@NullMarked
package canthook.length;

import org.jspecify.annotations.NullMarked;
