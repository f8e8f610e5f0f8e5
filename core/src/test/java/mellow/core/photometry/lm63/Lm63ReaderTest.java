package mellow.core.photometry.lm63;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import mellow.core.finding.Sentence;
import mellow.core.photometry.shipped.ShippedBeam;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Structure, keywords and limits are those of IES LM-63, from memory of the standard. */
class Lm63ReaderTest {
  private static final String HEAD = "IESNA:LM-63-2002\n[TEST] 7\n[TESTLAB] a\n[ISSUEDATE] b\n";

  /** Type C, three vertical angles in one plane. */
  private static final String SMALL =
      HEAD + "[MANUFAC] c\nTILT=NONE\n1 1000 1 3 1 1 2 .1 .2 0\n1 1 35\n0 45 90\n0\n100 70 0\n";

  private static Lm63Reading.Read read(String text) {
    Lm63Reading reading = Lm63Reader.read(text);
    assertThat(reading).as("%s", reading).isInstanceOf(Lm63Reading.Read.class);
    return (Lm63Reading.Read) reading;
  }

  private static List<Lm63Fault> faults(String text) {
    return ((Lm63Reading.Unreadable) Lm63Reader.read(text)).faults();
  }

  @Test
  void whatStandsInAFileIsRead() {
    BeamFile file = read(SMALL).file();
    assertThat(read(SMALL).notices()).isEmpty();
    assertThat(file.edition()).isEqualTo(Edition.LM_63_2002);
    assertThat(file.label("MANUFAC")).contains("c");
    assertThat(file.source().lumens()).hasValue(1000);
    assertThat(file.inputWatts()).isEqualTo(35);
    assertThat(file.opening()).isEqualTo(new Opening(.1, .2, 0, false));
    assertThat(file.grid().type()).isEqualTo(PhotometricType.C);
    assertThat(file.grid().candela()).isDeepEqualTo(new double[][] {{100, 70, 0}});
  }

  /** Numbers may be parted by spaces, commas and line ends; feet are turned into metres. */
  @Test
  void theEditionOf1986HasFreeLabelsAndAThirdFactor() {
    BeamFile file =
        read("any words\r\n[not a keyword\r\nTILT=NONE\r\n2,500,2,2,1,3,1,1,0,0,\r\n.9 .5\r\n70"
                + "\r\n-90 90\r\n-90\r\n10\r\n20\r\n")
            .file();
    assertThat(file.edition()).isEqualTo(Edition.LM_63_1986);
    assertThat(file.labels()).extracting(Label::text).contains("any words");
    assertThat(file.opening().widthM()).isEqualTo(0.3048);
    assertThat(file.factor()).isEqualTo(2 * .9 * .5);
    assertThat(file.source().lamps()).isEqualTo(2);
  }

  @Test
  void tiltIsReadAndAbsoluteFilesHaveNoLumens() {
    BeamFile file =
        read(SMALL.replace("TILT=NONE", "TILT=INCLUDE\n1\n2\n0 90\n1 .8").replace("1 1000", "1 -1"))
            .file();
    assertThat(file.tilt()).isEqualTo(new Tilt.Included(1, List.of(0.0, 90.0), List.of(1.0, .8)));
    assertThat(file.source().lumens()).isEmpty();
    Lm63Reading.Read elsewhere = read(SMALL.replace("TILT=NONE", "TILT=some.til"));
    assertThat(elsewhere.file().tilt()).isEqualTo(new Tilt.Elsewhere("some.til"));
    assertThat(elsewhere.notices())
        .containsExactly(new Lm63Fault(6, Lm63Words.tiltElsewhere("some.til")));
  }

  /** What is left out, what stands in its place, in which line. */
  @ParameterizedTest
  @CsvSource({
    "TILT=NONE, TILT, 11",
    "TILT=NONE, TILT=, 6",
    "1 1000 1, 1 x 1, 7",
    "1 1000 1, 0 1000 1, 7",
    "1 1000 1, 1 0 1, 7",
    "1 1000 1, 1 1000 0, 7",
    "3 1 1 2, 3 1 4 2, 7",
    "3 1 1 2, 3 1 1 3, 7",
    "3 1 1 2, 3.5 1 1 2, 7",
    "3 1 1 2, 4000 4000 1 2, 7",
    "1 1 35, 0 1 35, 8",
    "0 45 90, 0 90 45, 9",
    "0 45 90, -1 45 90, 9",
    "100 70 0, 100 -70 0, 11",
    "100 70 0, 100 7o 0, 11",
    "100 70 0, 100 70, 11",
  })
  void aFaultNamesItsLine(String good, String bad, int line) {
    assertThat(faults(SMALL.replace(good, bad)))
        .first()
        .extracting(Lm63Fault::line)
        .isEqualTo(line);
  }

  /** Angles and intensities run over lines; the line is that of the value at fault. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "0 45 90 | 0 | 45 | 40 | 11",
        "100 70 0 | 100 | 70 | -1 | 13",
      })
  void aFaultInARowThatRunsOverLinesNamesTheValuesOwn(
      String good, String first, String second, String third, int line) {
    String broken = String.join("\n", first, second, third);
    assertThat(faults(SMALL.replace(good, broken)))
        .first()
        .extracting(Lm63Fault::line)
        .isEqualTo(line);
  }

  /** From 1995 on the figure behind the ballast factor is no factor any more (from memory). */
  @ParameterizedTest
  @CsvSource({"IESNA91, 0.5", "IESNA:LM-63-1995, 1"})
  void theThirdFigureIsAFactorUntil1991(String opening, double factor) {
    String text = SMALL.replace("IESNA:LM-63-2002", opening).replace("1 1 35", "1 .5 35");
    assertThat(read(text).file().factor()).isEqualTo(factor);
  }

  @Test
  void allFaultsOfTheFiguresAreToldAtOnce() {
    assertThat(faults(SMALL.replace("1 1000 1 3", "1 1000 1 q").replace("1 1 35", "1 -1 35")))
        .extracting(Lm63Fault::line)
        .containsExactly(7, 8);
  }

  /** Real files break the standard without harm: they are read, and it is said. */
  @Test
  void whatIsUnusualIsToldAndRead() {
    assertThat(read(SMALL.replace("[TEST] 7\n", "")).notices())
        .extracting(Lm63Fault::says)
        .containsExactly(Lm63Words.keywordMissing("TEST"));
    assertThat(read(SMALL + "5\n").notices())
        .containsExactly(new Lm63Fault(12, Lm63Words.leftOver(1)));
    assertThat(read(SMALL.replace("0 45 90", "0 20 40")).notices())
        .extracting(Lm63Fault::line)
        .containsExactly(9);
    Sentence other = Lm63Words.otherOpening("IESNA:LM-63-2077");
    assertThat(read(SMALL.replace("2002", "2077")).notices()).contains(new Lm63Fault(1, other));
  }

  @ParameterizedTest
  @EnumSource
  void everyEditionIsWrittenAndReadTheSame(Edition edition) {
    BeamFile file = read(SMALL).file();
    BeamFile asEdition =
        new BeamFile(
            edition,
            edition == Edition.LM_63_1986 ? List.of(new Label("", "words")) : file.labels(),
            new Tilt.Included(2, List.of(0.0, 45.5), List.of(1.0, 0.875)),
            file.source(),
            new BeamFile.Factors(1.25, .95, 1.00001),
            new Opening(0.3048, 0.6096, 0, true),
            file.grid(),
            41.5);
    assertThat(read(Lm63Writer.write(asEdition)).file())
        .usingRecursiveComparison()
        .isEqualTo(asEdition);
  }

  /** 500 damaged files: each is read or has a fault in one of its lines, and none does harm. */
  @Test
  void noDamageThrows() {
    String whole = Lm63Writer.write(ShippedBeam.RUNNING.file());
    Random random = new Random(63);
    int unreadable = 0;
    for (int trial = 0; trial < 500; trial++) {
      StringBuilder text = new StringBuilder(whole);
      // the figures and angles take a small part of the file and are hit as often as the rest
      int within = trial % 2 == 0 ? 900 : text.length();
      for (int hit = 0; hit <= trial % 4; hit++) {
        int at = random.nextInt(Math.min(within, text.length()));
        switch (random.nextInt(4)) {
          case 0 -> text.deleteCharAt(at);
          case 1 -> text.insert(at, "-9x,e\n\u0000ü".charAt(random.nextInt(8)));
          case 2 -> text.setLength(at + 1);
          default -> text.setCharAt(at, (char) random.nextInt(0x250));
        }
      }
      Lm63Reading reading = Lm63Reader.read(text.toString());
      if (reading instanceof Lm63Reading.Unreadable bad) {
        unreadable++;
        assertThat(bad.faults()).isNotEmpty();
        assertThat(bad.faults())
            .allSatisfy(
                f -> assertThat(f.line()).isBetween(1, (int) text.toString().lines().count()));
      }
    }
    assertThat(unreadable).isBetween(150, 499);
  }

  @Test
  void anEmptyFileSaysSo() {
    assertThat(faults(" \n")).containsExactly(new Lm63Fault(1, Lm63Words.empty()));
  }
}
