package honeststack.app.http;

import io.swagger.v3.oas.annotations.Hidden;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Addresses of pages are answered with the one document that draws them all. */
@Controller
@Hidden
class PageController {
  @GetMapping({"/bench/{id}", "/version/{id}", "/larder", "/goals", "/compare", "/measuring"})
  String page() {
    return "forward:/index.html";
  }
}
