package honeststack.app.larder;

import honeststack.app.kitchen.KitchenNow;
import honeststack.app.ledger.Ledger;
import honeststack.app.ledger.Part;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class LarderConfiguration {
  /** Up to what ships, and from then on up to what is changed here or elsewhere. */
  @Bean
  Larder larder(LarderStore store, KitchenNow kitchens, Ledger ledger) {
    long synced =
        ledger.write(
            () -> {
              long change = ledger.change(Part.LARDER);
              store.sync(change);
              return change;
            });
    Larder larder = new Larder(store.all(), kitchens);
    ledger.follow(
        Part.LARDER,
        synced,
        known -> {
          LarderStore.Changed changed = store.since(known);
          larder.follow(changed.entries(), changed.gone());
        });
    return larder;
  }
}
