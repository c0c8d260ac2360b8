package honeststack.app.files;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** The published form of a recipe's file (JSON Schema, draft 2020-12). */
@Component
class RecipeSchema {
  private static final String RESOURCE = "schema/recipe-1.json";

  private final String text;
  private final Schema schema;

  RecipeSchema() {
    try {
      text = new ClassPathResource(RESOURCE).getContentAsString(StandardCharsets.UTF_8);
    } catch (IOException missing) {
      throw new UncheckedIOException(missing);
    }
    schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(text);
  }

  String text() {
    return text;
  }

  /**
   * Where a file is not of the form.
   *
   * @param place a JSON pointer
   */
  record Fault(String place, String problem) {}

  /** Where a file is not of the form, in the order of the places. */
  List<Fault> faults(JsonNode file) {
    return schema.validate(file).stream()
        .sorted(Comparator.comparing((Error error) -> error.getInstanceLocation().toString()))
        .map(error -> new Fault(error.getInstanceLocation().toString(), error.getMessage()))
        .toList();
  }
}
