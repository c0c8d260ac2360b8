package honeststack.core.said.clause;

import honeststack.core.line.Place;
import java.util.List;

/**
 * How a food is shared out.
 *
 * @param parts of the whole, each for one of the places; empty where amounts are
 * @param amounts that are said for the places
 * @param added the amounts are more than what is measured already
 * @param at place of the element where it is said; less where that is another sentence
 */
public record Split(
    Element food,
    List<Double> parts,
    List<String> amounts,
    List<Place> places,
    boolean added,
    int at) {

  /** By shares of its amount. */
  public static Split parts(Element food, List<Double> parts, List<Place> places) {
    return new Split(food, parts, List.of(), places, false, -1);
  }

  /** It has no amount but these. */
  public static Split of(Element food, List<String> amounts, List<Place> places) {
    return new Split(food, List.of(), amounts, places, false, -1);
  }

  /** Besides its own. */
  public static Split more(Element food, List<String> amounts, List<Place> places) {
    return new Split(food, List.of(), amounts, places, true, -1);
  }

  /** The part that goes to one of its places alone. */
  public Split at(int place) {
    return new Split(food, parts, amounts, places, added, place);
  }
}
