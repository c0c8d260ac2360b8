package honeststack.app.larder;

import honeststack.core.measure.DoubtTable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class LarderConfiguration {

  @Bean
  Larder larder(LarderStore store) {
    return new Larder(store.sync());
  }

  @Bean
  DoubtTable doubtTable() {
    return LarderFiles.doubt();
  }
}
