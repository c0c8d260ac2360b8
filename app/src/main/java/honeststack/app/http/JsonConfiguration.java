package honeststack.app.http;

import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.DeserializationFeature;

/** How JSON is read and written. */
@Configuration(proxyBeanMethods = false)
class JsonConfiguration {
  /** Numbers are most of an answer: written by the faster of two exact ways. */
  @Bean
  JsonMapperBuilderCustomizer fastNumbers() {
    return json ->
        json.enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER)
            .enable(StreamReadFeature.USE_FAST_DOUBLE_PARSER);
  }

  /** 9.5 pieces are refused, not counted as 9. */
  @Bean
  JsonMapperBuilderCustomizer noHalfCounts() {
    return json -> json.disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT);
  }
}
