package honeststack.app.figures;

import honeststack.app.figures.FiguresAnswer.BalanceAnswer;
import honeststack.app.figures.FiguresAnswer.FigureAnswer;
import honeststack.app.figures.FiguresAnswer.PortionAnswer;
import honeststack.app.figures.FiguresAnswer.ServingAnswer;
import honeststack.app.figures.FiguresAnswer.YieldAnswer;
import honeststack.core.estimate.Estimate;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.recipe.Helping;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.yield.Balance;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.Outcome;
import honeststack.core.yield.Portion;
import java.util.List;

/** Writes down how many pieces there are, how heavy, and what other servings of them hold. */
final class YieldWriter {
  private YieldWriter() {}

  static YieldAnswer yield(RecipeReading reading, Griddle griddle) {
    Outcome outcome = reading.outcome();
    return new YieldAnswer(
        AnswerWriter.range(griddle.counted()),
        !griddle.predicted(),
        outcome.predicted().map(AnswerWriter::range).orElse(null),
        outcome.portion().map(YieldWriter::portion).orElse(null),
        outcome.volume().map(AnswerWriter::range).orElse(null),
        outcome.balance().map(YieldWriter::balance).orElse(null),
        griddle.cookedPiece().map(AnswerWriter::range).orElse(null),
        griddle.yieldFactor(reading.batterMass()).map(AnswerWriter::range).orElse(null),
        griddle.weighed());
  }

  private static PortionAnswer portion(Portion portion) {
    return new PortionAnswer(
        portion.words(),
        AnswerWriter.range(portion.grams()),
        AnswerWriter.range(portion.millilitres()),
        Math.rint(portion.round().diameter()));
  }

  private static BalanceAnswer balance(Balance balance) {
    Estimate rest = balance.unexplained();
    return new BalanceAnswer(
        AnswerWriter.rounded(balance.batter().value()),
        AnswerWriter.rounded(balance.inPieces().value()),
        AnswerWriter.rounded(balance.left().value()),
        AnswerWriter.rounded(balance.spilled().value()),
        AnswerWriter.rounded(balance.tasted().value()),
        AnswerWriter.rounded(rest.value()),
        AnswerWriter.rounded(rest.u()),
        balance.isFinding());
  }

  static List<ServingAnswer> servings(RecipeReading reading, List<Measurand> shown) {
    return reading.others().stream().map(other -> serving(reading, other, shown)).toList();
  }

  private static ServingAnswer serving(
      RecipeReading reading, Helping other, List<Measurand> shown) {
    Figures figures = Figures.of(reading.serving(other), shown);
    List<FigureAnswer> row =
        figures.on(Basis.AS_SERVED).stream().map(AnswerWriter::figure).toList();
    Double grams =
        reading
            .griddle()
            .flatMap(Griddle::cookedPiece)
            .map(piece -> AnswerWriter.rounded(piece.value() * other.plate().pieces()))
            .orElse(null);
    return new ServingAnswer(
        other.name(), AnswerWriter.rounded(other.plate().pieces()), grams, row);
  }
}
