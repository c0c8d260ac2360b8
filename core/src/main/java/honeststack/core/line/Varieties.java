package honeststack.core.line;

import honeststack.core.food.Foods;
import honeststack.core.wording.WordSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Foods of which a place's, a breeder's or a flower's name in front makes no other food: "a Bramley
 * apple", "heather honey", "Roma tomatoes". The word stays named as one that was not used.
 */
final class Varieties {
  /** Of these all sorts are much alike, by weight; of flour, milk, oil, cheese or syrup not. */
  private static final Set<String> ALIKE =
      WordSet.of(
          """
          apple pear quince plum peach nectarine apricot banana mango papaya pineapple orange
          clementine lemon lime grapefruit melon strawberry raspberry blackberry blueberry
          gooseberry cherry grape fig date pomegranate kiwi persimmon
          potato tomato carrot onion leek cabbage kale spinach zucchini courgette pumpkin squash
          mushroom beetroot cucumber cauliflower broccoli aubergine eggplant
          apples pears quinces plums peaches nectarines apricots bananas mangoes mangos papayas
          oranges clementines lemons limes melons strawberries raspberries blackberries
          blueberries gooseberries cherries grapes figs dates pomegranates kiwis persimmons
          potatoes tomatoes carrots onions leeks cabbages zucchinis courgettes pumpkins
          mushrooms beetroots cucumbers
          walnut hazelnut almond pecan pistachio walnuts hazelnuts almonds pecans pistachios
          raisins sultanas honey beer rum coffee tea
          """);

  /** Words in front that do make another food of it, or none. */
  private static final Set<String> OTHER =
      WordSet.of(
          """
          mock fake faux imitation artificial substitute vegan style type flavour flavor
          flavoured flavored scented essence pickling seed wild-bean jelly bush tree star passion
          horse water bitter toffee custard prickly rose cactus thorn crab love candy pine spaghetti sugar-free alcohol-free root soft hot
          """);

  private static final int SHORTEST = 3;
  private static final int MOST_WORDS = 2;

  private Varieties() {}

  /** The food's name behind one or two words of its sort; empty for another name. */
  static Optional<List<Token>> behindSort(List<Token> name, Foods foods) {
    int last = name.size() - 1;
    boolean sort =
        last >= 1
            && last <= MOST_WORDS
            && ALIKE.contains(name.get(last).low())
            && name.subList(0, last).stream().allMatch(word -> isSort(word, foods));
    return sort ? Optional.of(name.subList(last, last + 1)) : Optional.empty();
  }

  private static boolean isSort(Token word, Foods foods) {
    String low = word.low();
    return word.kind() == Token.Kind.WORD
        && low.length() >= SHORTEST
        && !OTHER.contains(low)
        && !LineWords.isAct(low)
        && !isDoing(word)
        && (!low.endsWith("ed") || Describing.isDone(low))
        && !EverydayWords.is(low)
        && foods.byName(low).isEmpty()
        && foods.kind(low).isEmpty();
  }

  /** "hates mushrooms": no proper name, and ends as a verb does. */
  private static boolean isDoing(Token word) {
    return word.text().equals(word.low()) && word.low().matches(".*[^'s]s|.*ing|.*n't");
  }
}
