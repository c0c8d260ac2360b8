package honeststack.app.larder;

import honeststack.core.food.Component;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ComponentController {
  /** What the composition of a food is made of. */
  record ComponentAnswer(Component component, String words, String unit) {}

  /** In the order in which they are listed. */
  @GetMapping("/api/components")
  List<ComponentAnswer> components() {
    return Arrays.stream(Component.values())
        .map(one -> new ComponentAnswer(one, one.words(), one.unit()))
        .toList();
  }
}
