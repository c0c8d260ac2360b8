package honeststack.core.said.yield;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Counted;
import honeststack.core.said.words.Per;
import java.util.List;

/** What all sentences of a text say together of how many come out, and how many eat. */
public final class Totals {
  private Totals() {}

  public static Counted of(List<Clause> clauses) {
    Counted all = new Counted();
    boolean each = false;
    boolean known =
        clauses.stream()
            .map(clause -> clause.counts)
            .anyMatch(c -> c.pieces.isPresent() || c.serves.isPresent());
    for (Clause clause : clauses) {
      Counted said = clause.counts;
      boolean counts = said.sure || !all.sure && !said.summed;
      if (said.pieces.isPresent() && (all.pieces.isEmpty() || counts)) {
        all.pieces = said.pieces;
        all.sure |= said.sure;
      }
      all.groups = said.groups.or(() -> all.groups);
      all.rounds = said.rounds.or(() -> all.rounds);
      all.atOnce = said.atOnce.or(() -> all.atOnce);
      each |= clause.mentions.stream().anyMatch(mention -> mention.per == Per.EITHER);
      boolean other =
          said.either
              && all.pieces.isEmpty()
              && (all.serves.isPresent() || each); // "… there are 5"
      all.pieces = other ? said.serves : all.pieces;
      all.serves = other || said.serves.isEmpty() ? all.serves : said.serves;
      if (said.each.isPresent() && known) {
        all.each = said.each;
      } else if (said.each.isPresent()) {
        said.eachNumber.part = null; // not understood where nothing says of how many
      }
    }
    all.complete();
    all.fill();
    return all;
  }
}
