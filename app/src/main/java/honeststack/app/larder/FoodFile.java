package honeststack.app.larder;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import java.util.EnumMap;
import java.util.Map;

/**
 * A food whole, outside of the database: what is stored once must be readable for ever.
 *
 * @param values per 100 g
 * @param doubts standard uncertainties of those values that have one of their own
 */
@JsonIgnoreProperties(ignoreUnknown = true)
record FoodFile(
    String id,
    String name,
    boolean own,
    int revision,
    double doubt,
    Map<Component, Double> values,
    Map<Component, Double> doubts,
    FoodBody body) {

  static FoodFile of(LarderEntry entry) {
    Composition composition = entry.food().composition();
    return new FoodFile(
        entry.food().id(),
        entry.food().name(),
        entry.own(),
        composition.revision(),
        composition.doubtFactor(),
        composition.values(),
        composition.doubts(),
        FoodBody.of(entry));
  }

  LarderEntry entry() {
    Map<Component, Double> amounts = new EnumMap<>(Component.class);
    amounts.putAll(values);
    Map<Component, Double> uncertain = new EnumMap<>(Component.class);
    uncertain.putAll(doubts);
    return body.entry(
        id, name, own, Composition.of(id, name, revision, doubt, amounts, uncertain), 0);
  }
}
