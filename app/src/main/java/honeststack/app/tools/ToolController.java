package honeststack.app.tools;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/tools")
class ToolController {
  private final ToolService service;

  ToolController(ToolService service) {
    this.service = service;
  }

  @GetMapping
  List<ToolAnswer> tools() {
    return service.all();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  ToolAnswer createTool(@Valid @RequestBody NewTool tool) {
    return service.create(tool);
  }

  @PutMapping("/{id}")
  ToolAnswer saveTool(@PathVariable String id, @Valid @RequestBody NewTool tool) {
    return service.save(id, tool);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removeTool(@PathVariable String id) {
    service.remove(id);
  }

  /**
   * @param weight what one fill weighed: "61 g"
   */
  record NewFill(@NotBlank @Size(max = 100) String weight) {}

  @PostMapping("/{id}/fills")
  @ResponseStatus(HttpStatus.CREATED)
  ToolAnswer weighFill(@PathVariable String id, @Valid @RequestBody NewFill fill) {
    return service.weigh(id, fill.weight());
  }

  @DeleteMapping("/{id}/fills/{fillId}")
  ToolAnswer forgetFill(@PathVariable String id, @PathVariable String fillId) {
    return service.forget(id, fillId);
  }
}
