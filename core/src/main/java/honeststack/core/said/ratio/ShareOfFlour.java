package honeststack.core.said.ratio;

import honeststack.core.food.Role;
import honeststack.core.line.NumberText;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.clause.Share;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Shares of a flour that is weighed elsewhere in the text: "100 % flour (500 g), 110 % milk", "In
 * baker's percent: flour 100, milk 130. I take 400 g flour."
 */
public final class ShareOfFlour {
  private static final double HUNDRED = 100;

  private static final int FEWEST = 2;

  /** Fat of milk or chocolate is no share of the flour: one of them is more than it ever is. */
  private static final double SURE = 90;

  private static final Sought NUMBER = Sought.of("\\d+(?:[.,]\\d+)?");

  private static final Sought BAKERS =
      Sought.of("\\bbaker['’]?s['’]? (?:percent|%)", Pattern.CASE_INSENSITIVE);

  private record Share(Clause clause, int number, Mention of, double times) {}

  private final List<Clause> clauses;

  private ShareOfFlour(List<Clause> clauses) {
    this.clauses = clauses;
  }

  /** Gives foods of which only the share is said their weight. */
  public static void find(String text, List<Clause> clauses) {
    ShareOfFlour shares = new ShareOfFlour(clauses);
    if (clauses.stream().anyMatch(c -> c.elements.stream().anyMatch(e -> e.low().equals("%")))) {
      shares.marked();
    }
    if (BAKERS.isIn(text)) {
      shares.bare();
    }
  }

  private void marked() {
    List<Share> found = new ArrayList<>();
    for (Clause clause : clauses) {
      for (int i = 0; i + 1 < clause.size(); i++) {
        if (NUMBER.isAll(clause.low(i)) && clause.low(i + 1).equals("%")) {
          share(clause, i).ifPresent(found::add);
        }
      }
    }
    boolean sure = found.stream().anyMatch(s -> s.times * HUNDRED >= SURE);
    Optional<String> flour = sure && found.size() >= FEWEST ? weighed() : Optional.empty();
    if (flour.isPresent()) {
      found.forEach(share -> take(share, flour.get()));
    }
  }

  private static Optional<Share> share(Clause clause, int number) {
    int behind =
        clause.isMark(number - 1, ":", "-", "–", "=")
                || clause.isWord(number - 1, "at", "is", "are")
            ? number - 2
            : number - 1;
    return clause.mentions.stream()
        .filter(m -> m.food != null && (m.amount == null || m.role() == Role.FLOUR))
        .filter(m -> isAt(clause, behind, m) || isAt(clause, number + 2, m))
        .findFirst()
        .map(m -> new Share(clause, number, m, NumberText.read(clause.low(number)) / HUNDRED));
  }

  private static boolean isAt(Clause clause, int i, Mention mention) {
    return clause.has(i) && clause.get(i) == mention.food;
  }

  private static void take(Share share, String flour) {
    share.clause.take(share.number, share.number + 2, Part.NOTE);
    if (!share.of.isMeasured() || share.of.role() != Role.FLOUR) {
      give(share.of, share.times, flour);
    }
  }

  /** The amount of the only flour that is weighed; empty for none, or several. */
  private Optional<String> weighed() {
    List<String> all =
        clauses.stream()
            .flatMap(clause -> clause.mentions.stream())
            .filter(m -> m.role() == Role.FLOUR && m.isMeasured())
            .map(m -> m.amountText)
            .filter(ShareOfFlour::isWeight)
            .toList();
    return all.size() == 1 ? Optional.of(all.get(0)) : Optional.empty();
  }

  private static boolean isWeight(String amount) {
    return Scaled.single(amount).filter(m -> m.unit().kind() == Unit.Kind.MASS).isPresent();
  }

  private static void give(Mention mention, double times, String flour) {
    Scaled.times(flour, times)
        .ifPresent(
            amount -> {
              mention.amountText = amount;
              mention.restated = true;
            });
  }

  /** "baker's percent: flour 100, milk 130": its numbers have no sign. */
  private void bare() {
    List<Mention> bare = new ArrayList<>();
    List<Mention> flours = new ArrayList<>();
    for (Clause clause : clauses) {
      for (Mention mention : clause.mentions) {
        if (mention.amount != null && mention.amount.isCount()) {
          bare.add(mention);
        } else if (mention.role() == Role.FLOUR && mention.amount != null) {
          flours.add(mention);
        }
      }
    }
    Mention hundred =
        bare.stream()
            .filter(m -> m.role() == Role.FLOUR && m.amount.measure().amount() == HUNDRED)
            .findFirst()
            .orElse(null);
    boolean one = flours.size() == 1 && isWeight(flours.get(0).amountText);
    if (hundred == null || !one) {
      return;
    }
    String flour = flours.get(0).amountText;
    for (Mention mention : bare) {
      give(mention, mention.amount.measure().amount() / HUNDRED, flour);
    }
    for (Clause clause : clauses) {
      clause.mentions.remove(hundred);
    }
    hundred.mark(Part.NOTE);
  }
}
