package honeststack.core.said;

import static honeststack.core.wording.Refusal.Reason.SEVERAL_FOODS;
import static honeststack.core.wording.Refusal.Reason.UNKNOWN_FOOD;

import honeststack.core.food.Foods;
import honeststack.core.line.LineReader;
import honeststack.core.line.ReadLine;
import honeststack.core.line.Remembered;
import honeststack.core.said.told.Told;
import honeststack.core.wording.RefusedException;
import java.util.List;

/**
 * Holds a line of a recipe to one food: what names several, or a number or a food of which nothing
 * was made, is never counted in part.
 */
public final class OneLine {
  private final Foods foods;
  private final LineReader reader;
  private final Telling telling;
  private final Remembered<Meant> known = new Remembered<>();

  public OneLine(Foods foods, LineReader reader, Telling telling) {
    this.foods = foods;
    this.reader = reader;
    this.telling = telling;
  }

  /** One of the two. */
  private record Meant(String text, RefusedException refused) {}

  /**
   * The line as it is to be read: itself, or what a sentence says in more words.
   *
   * @throws RefusedException if it means several foods, or holds what was not understood
   */
  public String of(String text) {
    Meant meant = known.get(text, this::meant);
    if (meant.refused() != null) {
      throw meant.refused();
    }
    return meant.text();
  }

  private Meant meant(String text) {
    if (isName(text)) {
      return new Meant(text, null);
    }
    Told told = telling.read(text);
    List<Told.Line> lines = told.lines().stream().filter(Told.Line::understood).toList();
    if (lines.size() > 1) {
      return new Meant(
          text,
          new RefusedException(
              SEVERAL_FOODS,
              text.strip(),
              "“" + text.strip() + "” means " + lines.size() + " lines.",
              "a line for each; taking it apart writes them"));
    }
    boolean whole = lines.size() == told.lines().size();
    if (lines.size() == 1 && whole && isReadable(lines.get(0).text())) {
      return new Meant(lines.get(0).text(), null);
    }
    if (isRead(text)) {
      return new Meant(text, null);
    }
    return isReadable(text) && !whole ? new Meant(text, notAll(told)) : new Meant(text, null);
  }

  private static RefusedException notAll(Told told) {
    String left =
        told.lines().stream().filter(line -> !line.understood()).findFirst().orElseThrow().text();
    return new RefusedException(
        UNKNOWN_FOOD,
        left,
        "“" + left + "” was not understood, so the line is not counted in part.",
        "one amount and one food in a line");
  }

  /** All behind the amount is the name of one food, however long. */
  private boolean isName(String text) {
    try {
      String rest = reader.read(text).shape().rest();
      int comma = rest.indexOf(',');
      return foods.byName(rest).isPresent()
          || comma > 0 && foods.byName(rest.substring(0, comma)).isPresent() && isRead(text);
    } catch (RefusedException notRead) {
      return false;
    }
  }

  /** As a line, with nothing left that is a number or a food. */
  private boolean isRead(String text) {
    try {
      ReadLine line = reader.read(text);
      return line.unused().stream().noneMatch(this::counts);
    } catch (RefusedException notRead) {
      return false;
    }
  }

  private boolean isReadable(String text) {
    try {
      reader.read(text);
      return true;
    } catch (RefusedException notRead) {
      return false;
    }
  }

  private boolean counts(String word) {
    return word.chars().anyMatch(Character::isDigit) || foods.byName(word).isPresent();
  }
}
