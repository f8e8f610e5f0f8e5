/** Measures the core by JMH and a started server by load; "./mellow bench" runs it. */
@NullMarked
package mellow.benchmarks;

import org.jspecify.annotations.NullMarked;
