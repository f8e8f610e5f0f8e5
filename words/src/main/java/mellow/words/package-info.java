/**
 * The catalogue of sentences: a file a language and feature, {@code words/en/stance.json}, keys to
 * ICU messages. What a message's arguments are is written in the message itself:
 *
 * <ul>
 *   <li>{@code {drop, number, length}}: a figure of that quantity, shown in the reader's units;
 *   <li>{@code {n, plural, one {…} other {…}}}: how many;
 *   <li>{@code {side, select, LEFT {…} RIGHT {…} other {}}}: one of the constants of the type that
 *       {@code types.json} gives for the name; {@code {turned, select, yes {…} other {…}}}:
 *       whether;
 *   <li>{@code {lamp}}: that constant's own words, from {@code terms.json}; for a name without a
 *       type, words that somebody typed;
 *   <li>{@code {whySentence}}, {@code {openList}}, {@code {wantedOrList}}: another sentence, or
 *       several as a list, of which all or any one are meant.
 * </ul>
 *
 * <p>Example: {@code "tipped": "Lamp centres {rise, number, length} higher"} becomes {@code
 * StanceWords.tipped(Figure.Length rise)}.
 */
@NullMarked
package mellow.words;

import org.jspecify.annotations.NullMarked;
