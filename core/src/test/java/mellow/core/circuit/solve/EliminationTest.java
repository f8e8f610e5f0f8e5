package mellow.core.circuit.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Random;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Against the dense LU decomposition of a general library, Hipparchus. */
class EliminationTest {
  @ParameterizedTest
  @ValueSource(ints = {1, 2, 5, 20, 60})
  void solvesAsTheLibraryDoes(int size) {
    Random random = new Random(size);
    List<int[]> pairs = new ArrayList<>();
    RealMatrix matrix = new Array2DRowRealMatrix(size, size);
    for (int row = 1; row < size; row++) {
      for (int other : new int[] {random.nextInt(row), random.nextInt(row)}) {
        pairs.add(new int[] {row, other});
        couple(matrix, row, other, random.nextDouble(1e-3, 100));
      }
    }
    for (int row = 0; row < size; row++) {
      matrix.addToEntry(row, row, random.nextDouble(1e-3, 1));
    }
    double[] right = random.doubles(size, -10, 10).toArray();
    double[] expected =
        new LUDecomposition(matrix).getSolver().solve(new ArrayRealVector(right)).toArray();

    BitSet last = new BitSet();
    random.ints(size / 3, 0, size).forEach(last::set);
    int first = size - last.cardinality();
    Elimination elimination = new Elimination(size, flat(pairs), last);
    double[] diagonal = new double[size];
    double[] off = new double[elimination.places()];
    for (int row = 0; row < size; row++) {
      diagonal[elimination.diagonalOf(row)] = matrix.getEntry(row, row);
    }
    for (int[] pair : pairs) {
      off[elimination.placeOf(pair[0], pair[1])] = matrix.getEntry(pair[0], pair[1]);
    }
    double[] byStep = new double[size];
    for (int row = 0; row < size; row++) {
      byStep[elimination.diagonalOf(row)] = right[row];
      assertThat(elimination.diagonalOf(row) >= first).isEqualTo(last.get(row));
    }
    // in two goes: what is eliminated last is solved first
    elimination.factor(diagonal, off, 0, first);
    elimination.forward(off, byStep, 0, first);
    elimination.factor(diagonal, off, first, size);
    elimination.forward(off, byStep, first, size);
    elimination.backward(diagonal, off, byStep, first, size);
    elimination.backward(diagonal, off, byStep, 0, first);
    for (int row = 0; row < size; row++) {
      assertThat(byStep[elimination.diagonalOf(row)]).isCloseTo(expected[row], within(1e-8));
    }
  }

  private static int[] flat(List<int[]> pairs) {
    return pairs.stream().flatMapToInt(Arrays::stream).toArray();
  }

  /** A conductance between two nodes, as a branch adds it. */
  private static void couple(RealMatrix matrix, int row, int other, double siemens) {
    matrix.addToEntry(row, row, siemens);
    matrix.addToEntry(other, other, siemens);
    matrix.addToEntry(row, other, -siemens);
    matrix.addToEntry(other, row, -siemens);
  }

  /** A chain, eliminated in a good order, is not filled: as many places as there are pairs. */
  @ParameterizedTest
  @ValueSource(ints = {10, 200})
  void chainIsNotFilled(int size) {
    List<int[]> pairs = new ArrayList<>();
    for (int row = 1; row < size; row++) {
      pairs.add(new int[] {row, row - 1});
    }
    assertThat(new Elimination(size, flat(pairs), new BitSet()).places()).isEqualTo(size - 1);
  }
}
