package honeststack.app.http;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.info.License;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import jakarta.annotation.Nullable;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The API's description. Every property of a schema is required, except those whose record
 * component is {@link Nullable}; the pages' types are generated from it.
 */
@Configuration
class ContractConfiguration {
  private static final String OPTIONAL = "x-optional";

  @Bean
  OpenAPI contract() {
    return new OpenAPI()
        .info(
            new Info()
                .title("Honest Stack")
                .description("Figures of pancake and waffle servings, and how sure they are.")
                .version("1")
                .license(new License().name("Apache-2.0").identifier("Apache-2.0")))
        .servers(List.of(new Server().url("/")));
  }

  @Bean
  PropertyCustomizer markOptional() {
    return (property, type) -> {
      if (type.getCtxAnnotations() != null
          && Arrays.stream(type.getCtxAnnotations()).anyMatch(Nullable.class::isInstance)) {
        property.addExtension(OPTIONAL, true);
      }
      return property;
    };
  }

  @Bean
  OpenApiCustomizer requireTheRest() {
    return api -> {
      if (api.getComponents() != null && api.getComponents().getSchemas() != null) {
        api.getComponents().getSchemas().values().forEach(ContractConfiguration::requireTheRest);
      }
    };
  }

  private static void requireTheRest(Schema<?> schema) {
    if (schema.getProperties() == null) {
      return;
    }
    TreeSet<String> required = new TreeSet<>();
    schema
        .getProperties()
        .forEach(
            (name, property) -> {
              Map<String, Object> extensions = property.getExtensions();
              if (extensions == null || extensions.remove(OPTIONAL) == null) {
                required.add(name);
              }
            });
    schema.setRequired(List.copyOf(required));
  }
}
