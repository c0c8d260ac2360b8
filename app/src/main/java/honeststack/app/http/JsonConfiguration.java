package honeststack.app.http;

import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.StreamWriteFeature;

/** How JSON is written: numbers are most of an answer, so by the faster of two exact ways. */
@Configuration(proxyBeanMethods = false)
class JsonConfiguration {
  @Bean
  JsonMapperBuilderCustomizer fastNumbers() {
    return json ->
        json.enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER)
            .enable(StreamReadFeature.USE_FAST_DOUBLE_PARSER);
  }
}
