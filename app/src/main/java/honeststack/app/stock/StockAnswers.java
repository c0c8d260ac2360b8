package honeststack.app.stock;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.app.figures.FiguresAnswer.CautionAnswer;
import honeststack.core.keeping.Keeping;
import jakarta.annotation.Nullable;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;

/** What is told of stock, and what is answered. */
public final class StockAnswers {
  private StockAnswers() {}

  /**
   * Something put away.
   *
   * @param amount pieces, or g of batter
   */
  record NewStock(
      @NotNull @Size(max = 36) String versionId,
      @NotNull Keeping.Form form,
      @NotNull Keeping.Place place,
      @DecimalMin("0.1") @DecimalMax("100000") double amount,
      @NotNull Instant madeAt,
      @NotNull @Size(max = 300) String note) {}

  /** What happens to it. */
  enum Taken {
    EATEN,
    THROWN_AWAY
  }

  /**
   * So much of it taken out: pieces, or g of batter.
   *
   * @param added what reheating and the plate add, a line each; absent for nothing
   */
  record NewTaking(
      @NotNull Taken kind,
      @DecimalMin("0.1") @DecimalMax("100000") double amount,
      @Nullable @Size(max = 10) List<@NotNull @Size(max = 150) String> added) {
    List<String> lines() {
      return added == null ? List.of() : added.stream().filter(line -> !line.isBlank()).toList();
    }
  }

  /**
   * A line of what is added.
   *
   * @param grams as it was read; absent where it was not
   * @param problem why it is not counted; absent where it is
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record AddedAnswer(
      String text, @Nullable String food, @Nullable Double grams, @Nullable String problem) {}

  /** What so much of it holds, with what is added. */
  record EatingAnswer(double amount, List<AddedAnswer> added, List<StockFigure> figures) {}

  /** Something that was eaten. */
  record EatenAnswer(
      String id,
      String name,
      Keeping.Form form,
      double amount,
      List<String> added,
      Instant at,
      List<StockFigure> figures) {}

  /** One figure of a piece, or of 100 g of batter, as it was when it was put away. */
  public record StockFigure(
      String tag, String words, String unit, double value, double low, double high) {}

  /**
   * Something in the fridge or the freezer.
   *
   * @param rest what is left of it
   * @param useBy the last day
   * @param rule why that day
   * @param over whether that day is past
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record StockAnswer(
      String id,
      @Nullable String versionId,
      String name,
      Keeping.Form form,
      Keeping.Place place,
      double amount,
      double rest,
      Instant madeAt,
      LocalDate useBy,
      String rule,
      boolean over,
      String note,
      List<StockFigure> figures) {}

  /**
   * All that is left, what is used first standing first, and what to mind.
   *
   * @param eaten lately, the last first
   */
  record StocksAnswer(
      List<StockAnswer> items, List<EatenAnswer> eaten, List<CautionAnswer> cautions) {}
}
