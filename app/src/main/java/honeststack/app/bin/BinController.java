package honeststack.app.bin;

import honeststack.app.bin.BinAnswers.BinEntry;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/bin")
class BinController {
  private final Bin bin;

  BinController(Bin bin) {
    this.bin = bin;
  }

  /** What was removed, the last first. */
  @GetMapping
  List<BinEntry> removed() {
    return bin.all();
  }

  /** Puts a thing back as it was. */
  @PostMapping("/{id}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable String id) {
    bin.restore(id);
  }

  /** Throws a thing away for good. */
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void throwAway(@PathVariable String id) {
    bin.throwAway(id);
  }
}
