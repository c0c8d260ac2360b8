package honeststack.app.larder;

import honeststack.core.measure.DoubtTable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class LarderConfiguration {

  @Bean
  Larder larder(LarderStore store) {
    return Larder.reference(store.sync());
  }

  @Bean
  DoubtTable doubtTable() {
    return LarderFiles.doubt();
  }
}
