/** Documents on paper: HTML templates with the page's own fonts and shapes, made into PDF. */
@org.jspecify.annotations.NullMarked
package mellow.server.print;
