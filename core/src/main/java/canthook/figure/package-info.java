/**
 * Drawings in millimetres, made from a worked plan and nothing else: shapes with roles, dimensions and notes with the id of the number
 * they show. What a role looks like is for whoever draws it: screen, paper, DXF. Computes no woodwork; a place it draws is a place the
 * joint or the cut list gave.
 */
@NullMarked
package canthook.figure;

import org.jspecify.annotations.NullMarked;
