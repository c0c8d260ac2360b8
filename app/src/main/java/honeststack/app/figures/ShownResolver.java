package honeststack.app.figures;

import honeststack.app.problem.Problem;
import honeststack.core.figures.School;
import java.util.Arrays;
import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Takes what is to be shown from an address. Each edit asks with it, and binding field by field
 * would take as long as reading half of the recipe.
 */
@Configuration(proxyBeanMethods = false)
class ShownResolver implements HandlerMethodArgumentResolver, WebMvcConfigurer {
  @Override
  public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
    resolvers.add(this);
  }

  @Override
  public boolean supportsParameter(MethodParameter parameter) {
    return parameter.getParameterType() == Shown.class;
  }

  @Override
  public Shown resolveArgument(
      MethodParameter parameter,
      ModelAndViewContainer container,
      NativeWebRequest request,
      WebDataBinderFactory binders) {
    return new Shown(
        tags(request, "also"),
        one(School.Energy.values(), request, "energy"),
        one(School.Carbohydrate.values(), request, "carbohydrate"),
        tags(request, "pictured"));
  }

  /** Said once with commas, or again and again. */
  private static List<String> tags(NativeWebRequest request, String name) {
    String[] said = request.getParameterValues(name);
    if (said == null) {
      return null;
    }
    List<String> tags =
        Arrays.stream(said)
            .flatMap(one -> Arrays.stream(one.split(",")))
            .filter(tag -> !tag.isBlank())
            .toList();
    if (tags.size() > Shown.MOST) {
      throw Problem.badInput(
          name,
          tags.size() + " figures",
          tags.size() + " figures are too many at once.",
          "up to " + Shown.MOST);
    }
    return tags;
  }

  private static <E extends Enum<E>> E one(E[] all, NativeWebRequest request, String name) {
    String said = request.getParameter(name);
    if (said == null || said.isEmpty()) {
      return null;
    }
    return Arrays.stream(all)
        .filter(one -> one.name().equals(said))
        .findFirst()
        .orElseThrow(
            () ->
                Problem.badInput(
                    name,
                    said,
                    "“" + said + "” is not accepted for “" + name + "”.",
                    "one of " + Arrays.toString(all)));
  }
}
