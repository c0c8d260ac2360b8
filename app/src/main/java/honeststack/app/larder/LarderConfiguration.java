package honeststack.app.larder;

import honeststack.app.kitchen.KitchenNow;
import honeststack.app.ledger.Ledger;
import honeststack.app.ledger.Part;
import java.util.Collection;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class LarderConfiguration {
  /** Up to what ships, and from then on up to what is changed here or elsewhere. */
  @Bean
  Larder larder(LarderStore store, KitchenNow kitchens, Ledger ledger) {
    AtomicLong synced = new AtomicLong();
    Collection<LarderEntry> all =
        ledger.write(
            () -> {
              synced.set(ledger.change(Part.LARDER));
              store.sync(synced.get());
              return store.all();
            });
    Larder larder = new Larder(all, kitchens);
    ledger.follow(
        Part.LARDER,
        synced.get(),
        known -> {
          LarderStore.Changed changed = store.since(known);
          larder.follow(changed.entries(), changed.gone());
        });
    return larder;
  }
}
