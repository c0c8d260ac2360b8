package honeststack.app.paper;

import honeststack.app.compare.CompareAnswer.Against;
import honeststack.app.compare.CompareAnswer.CompareRequest;
import honeststack.app.compare.CompareAnswer.DifferenceAnswer;
import honeststack.app.compare.CompareAnswer.Item;
import honeststack.app.compare.CompareAnswer.Side;
import honeststack.app.compare.CompareAnswer.SideBySide;
import honeststack.app.compare.CompareService;
import honeststack.app.figures.FiguresAnswer.FigureAnswer;
import honeststack.app.figures.FiguresAnswer.JudgementAnswer;
import honeststack.app.figures.FiguresAnswer.PromiseAnswer;
import honeststack.app.figures.Shown;
import honeststack.core.compare.Mode;
import honeststack.core.figures.Basis;
import honeststack.core.wording.Say;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Kept versions side by side, on one page. */
@Service
class ComparisonSheet {
  private static final double STACK = 115;
  private static final int MOST_CAUSES = 5;

  private final CompareService compare;
  private final SheetWriter writer;

  ComparisonSheet(CompareService compare, SheetWriter writer) {
    this.compare = compare;
    this.writer = writer;
  }

  /** Two to four versions on one page. */
  byte[] of(List<String> versionIds, Mode mode, String goalSetId, Shown shown) {
    List<Item> items = versionIds.stream().map(id -> new Item(id, null, null, false)).toList();
    SideBySide sides = compare.compare(new CompareRequest(items, mode, goalSetId, shown));
    double most =
        sides.sides().stream().mapToDouble(side -> served(side, 0).value()).max().orElse(1);
    Html page = new Html().element("h1", "Side by side");
    page.raw("<table class=\"columns\"><thead><tr><th>\u00a0</th>");
    for (int i = 0; i < sides.sides().size(); i++) {
      page.element("th scope=\"col\"", letter(i) + " · " + sides.sides().get(i).label());
    }
    page.raw("</tr></thead><tbody><tr>").element("th scope=\"row\"", "drawn to one scale, energy");
    for (Side side : sides.sides()) {
      page.raw("<td>")
          .raw(
              StackDrawing.bare(
                  side.figures(), 0, side.pieces(), STACK, served(side, 0).value() / most))
          .raw("</td>");
    }
    page.raw("</tr>");
    for (int i = 0; i < sides.sides().get(0).figures().measurands().size(); i++) {
      row(page, sides, i);
    }
    goalRows(page, sides);
    page.raw("</tbody></table>");
    causes(page, sides);
    page.element("p class=\"quiet\"", Written.schools(sides.sides().get(0).figures()));
    page.element("p class=\"quiet\"", Written.CAUTION);
    return writer.wide("Side by side", page.toString());
  }

  private static String letter(int side) {
    return String.valueOf((char) ('A' + side));
  }

  private static FigureAnswer served(Side side, int measurand) {
    return side.figures().bases().stream()
        .filter(basis -> basis.basis() == Basis.AS_SERVED)
        .findFirst()
        .orElseThrow()
        .figures()
        .get(measurand);
  }

  private static void row(Html page, SideBySide sides, int measurand) {
    var of = sides.sides().get(0).figures().measurands().get(measurand);
    page.raw("<tr>").element("th scope=\"row\"", of.words() + ", " + of.unit());
    for (int i = 0; i < sides.sides().size(); i++) {
      int at = i;
      String differs =
          sides.against().stream()
              .filter(other -> other.side() == at)
              .flatMap(other -> difference(other, of.tag()).stream())
              .map(difference -> "; against A: " + difference.words())
              .findFirst()
              .orElse("");
      page.element("td", Written.words(served(sides.sides().get(i), measurand)) + differs);
    }
    page.raw("</tr>");
  }

  private static Optional<DifferenceAnswer> difference(Against other, String tag) {
    return other.differences().stream()
        .filter(one -> one.basis() == Basis.AS_SERVED && one.measurand().equals(tag))
        .findFirst();
  }

  private static void goalRows(Html page, SideBySide sides) {
    List<JudgementAnswer> goals = sides.sides().get(0).figures().judgements();
    for (int i = 0; i < goals.size(); i++) {
      page.raw("<tr>").element("th scope=\"row\"", "goal: " + goals.get(i).measurand().words());
      for (Side side : sides.sides()) {
        page.element("td", side.figures().judgements().get(i).words());
      }
      page.raw("</tr>");
    }
    for (PromiseAnswer goal : sides.sides().get(0).figures().promises()) {
      if (goal.wanted()) {
        page.raw("<tr>").element("th scope=\"row\"", "goal: " + goal.words());
        for (Side side : sides.sides()) {
          String stands =
              side.figures().promises().stream()
                  .filter(one -> one.promise() == goal.promise())
                  .map(one -> one.standing().verdict())
                  .collect(Collectors.joining());
          page.element("td", stands);
        }
        page.raw("</tr>");
      }
    }
  }

  private static void causes(Html page, SideBySide sides) {
    String energy = sides.sides().get(0).figures().measurands().get(0).tag();
    page.element("h2", "What caused the differences in energy");
    for (Against other : sides.against()) {
      String causes =
          difference(other, energy).stream()
              .flatMap(one -> one.causes().stream())
              .sorted(Comparator.comparingDouble(cause -> -Math.abs(cause.effect())))
              .limit(MOST_CAUSES)
              .map(cause -> Say.of("%s %+.0f kcal", cause.words(), cause.effect()))
              .collect(Collectors.joining("; "));
      page.element(
          "p",
          "From A to "
              + letter(other.side())
              + ": "
              + (causes.isEmpty() ? "nothing changes it" : causes)
              + ".");
    }
  }
}
