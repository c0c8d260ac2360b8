package honeststack.app.larder;

import honeststack.app.kitchen.KitchenNow;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class LarderConfiguration {
  @Bean
  Larder larder(LarderStore store, KitchenNow kitchens) {
    return new Larder(store.sync(), kitchens);
  }
}
