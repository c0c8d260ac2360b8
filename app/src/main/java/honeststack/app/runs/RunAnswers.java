package honeststack.app.runs;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.core.morning.Event;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;

/** What is told of runs, and what is answered. */
public final class RunAnswers {
  static final String ID = "[0-9A-Za-z-]{1,36}";

  private RunAnswers() {}

  /**
   * A run that begins.
   *
   * @param cook who, in free words
   */
  record NewRun(
      @NotNull @Size(max = 36) String versionId,
      @NotNull Instant startedAt,
      @NotNull @Size(max = 120) String cook) {}

  /**
   * Something told at the stove.
   *
   * @param id its own, given where it was told, so that it counts once however often it is sent
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record EventForm(
      @NotNull @Pattern(regexp = ID) String id,
      @NotNull Instant at,
      @NotNull Event.Kind kind,
      @Nullable @Size(max = 500) String text,
      @Nullable Double amount,
      @Nullable @Size(max = 60) String about) {
    public Event event() {
      return new Event(
          id,
          at.toEpochMilli(),
          kind,
          text == null ? "" : text,
          amount == null ? Double.NaN : amount,
          about == null ? "" : about);
    }

    static EventForm of(Event event) {
      return new EventForm(
          event.id(),
          Instant.ofEpochMilli(event.at()),
          event.kind(),
          event.text().isEmpty() ? null : event.text(),
          Double.isNaN(event.amount()) ? null : event.amount(),
          event.about().isEmpty() ? null : event.about());
    }
  }

  /** Things told, in their order. */
  record Telling(@NotEmpty @Size(max = 500) List<@NotNull @Valid EventForm> events) {}

  /**
   * A run.
   *
   * @param pieces that left the pan; absent while none did
   * @param predicted how many the portion makes; absent where it is not said
   * @param cookedPiece g of one; absent where nobody weighed
   * @param yieldFactor cooked over raw mass; absent where nobody weighed
   * @param figures of a serving, in the order of the tally; empty while there are none
   * @param changed what was otherwise than in its version
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record RunAnswer(
      String id,
      String versionId,
      String recipeId,
      int version,
      Instant startedAt,
      String cook,
      boolean finished,
      @Nullable Integer pieces,
      int discarded,
      @Nullable Double predicted,
      @Nullable Double cookedPiece,
      @Nullable Double yieldFactor,
      @Nullable Double cookingMinutes,
      @Nullable String judged,
      @Nullable Double marks,
      List<RunFigure> figures,
      List<String> changed,
      List<EventForm> events) {}

  /** One figure of a serving. */
  public record RunFigure(String tag, String words, String unit, double value, double u) {}

  /**
   * All runs that were asked for, and how they differ.
   *
   * @param spread what can be compared over at least two of them
   */
  record RunsAnswer(List<RunAnswer> runs, List<Spread> spread) {}

  /** How something was on several mornings. */
  record Spread(String words, String unit, double mean, double deviation, List<Double> values) {}
}
