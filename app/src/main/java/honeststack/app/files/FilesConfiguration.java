package honeststack.app.files;

import honeststack.app.bin.BinAnswers.Kind;
import honeststack.app.bin.Restorer;
import java.util.List;
import java.util.function.Consumer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What the bin puts back from files. */
@Configuration(proxyBeanMethods = false)
class FilesConfiguration {

  private record Back(Kind kind, Consumer<String> how) implements Restorer {
    @Override
    public void restore(String body) {
      how.accept(body);
    }
  }

  @Bean
  Restorer recipesBack(RecipeFiles files) {
    return new Back(Kind.RECIPE, body -> files.put(List.of(files.read(body))));
  }

  @Bean
  Restorer versionsBack(RecipeFiles files) {
    return new Back(Kind.VERSION, files::putBack);
  }
}
