package honeststack.app.larder;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class LarderConfiguration {

  @Bean
  Larder larder(LarderStore store) {
    return new Larder(store.sync());
  }
}
