package mellow.core.words;

import com.ibm.icu.text.MessagePattern;
import com.ibm.icu.text.MessagePattern.ArgType;
import com.ibm.icu.text.MessagePattern.Part;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import mellow.core.words.Wording.Filling;
import mellow.core.words.Wording.Slot;

/** A message in which nothing is counted, taken apart once. */
record Pieces(List<Piece> inOrder) {
  private static final String OTHER = "other";
  private static final int USUAL_LENGTH = 120;

  /** A part of a message. */
  private sealed interface Piece {
    void append(StringBuilder text, Filling[] fillings);
  }

  private record Text(String words) implements Piece {
    @Override
    public void append(StringBuilder text, Filling[] fillings) {
      text.append(words);
    }
  }

  private record Value(int slot) implements Piece {
    @Override
    public void append(StringBuilder text, Filling[] fillings) {
      text.append(fillings[slot].value());
    }
  }

  private record Words(int slot) implements Piece {
    @Override
    public void append(StringBuilder text, Filling[] fillings) {
      text.append(fillings[slot].words());
    }
  }

  private record Choice(int slot, Map<String, Pieces> options, Pieces other) implements Piece {
    @Override
    public void append(StringBuilder text, Filling[] fillings) {
      options.getOrDefault(String.valueOf(fillings[slot].value()), other).append(text, fillings);
    }
  }

  /** Empty where something is counted: how, is the library's to know. */
  static Optional<Pieces> of(String message, List<Slot> slots) {
    MessagePattern pattern = new MessagePattern(message);
    boolean counts =
        IntStream.range(0, pattern.countParts())
            .mapToObj(pattern::getPart)
            .anyMatch(
                part ->
                    part.getType() == Part.Type.ARG_START
                        && part.getArgType() != ArgType.NONE
                        && part.getArgType() != ArgType.SELECT);
    return counts ? Optional.empty() : Optional.of(new Apart(pattern, slots).message(0));
  }

  String filled(Filling[] fillings) {
    StringBuilder text = new StringBuilder(USUAL_LENGTH);
    append(text, fillings);
    return text.toString();
  }

  private void append(StringBuilder text, Filling[] fillings) {
    for (Piece piece : inOrder) {
      piece.append(text, fillings);
    }
  }

  /** Takes a message apart. */
  private record Apart(MessagePattern pattern, List<Slot> slots) {

    /** The message, or the one of an option, that begins at a part. */
    Pieces message(int start) {
      List<Piece> pieces = new ArrayList<>();
      StringBuilder words = new StringBuilder();
      int limit = pattern.getLimitPartIndex(start);
      int copied = pattern.getPart(start).getLimit();
      for (int i = start + 1; i <= limit; i++) {
        Part part = pattern.getPart(i);
        words.append(pattern.getPatternString(), copied, part.getIndex());
        if (part.getType() == Part.Type.INSERT_CHAR) {
          words.append((char) part.getValue());
        } else if (part.getType() == Part.Type.ARG_START) {
          close(words, pieces);
          pieces.add(argument(i));
          i = pattern.getLimitPartIndex(i);
        }
        copied = pattern.getPart(i).getLimit();
      }
      close(words, pieces);
      return new Pieces(List.copyOf(pieces));
    }

    private static void close(StringBuilder words, List<Piece> pieces) {
      if (words.length() > 0) {
        pieces.add(new Text(words.toString()));
        words.setLength(0);
      }
    }

    private Piece argument(int start) {
      String name = pattern.getSubstring(pattern.getPart(start + 1));
      for (int slot = 0; slot < slots.size(); slot++) {
        if (name.equals(slots.get(slot).name())) {
          return pattern.getPart(start).getArgType() == ArgType.SELECT
              ? choice(slot, start)
              : new Value(slot);
        }
        if (name.equals(slots.get(slot).wordsName())) {
          return new Words(slot);
        }
      }
      throw new IllegalArgumentException("there is no “" + name + "”");
    }

    private Choice choice(int slot, int start) {
      Map<String, Pieces> options = new HashMap<>();
      int limit = pattern.getLimitPartIndex(start);
      for (int i = start + 2; i < limit; i++) {
        String option = pattern.getSubstring(pattern.getPart(i));
        options.put(option, message(i + 1));
        i = pattern.getLimitPartIndex(i + 1);
      }
      return new Choice(slot, Map.copyOf(options), options.get(OTHER));
    }
  }
}
