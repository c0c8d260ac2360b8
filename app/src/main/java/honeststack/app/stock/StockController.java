package honeststack.app.stock;

import honeststack.app.stock.StockAnswers.EatingAnswer;
import honeststack.app.stock.StockAnswers.NewStock;
import honeststack.app.stock.StockAnswers.NewTaking;
import honeststack.app.stock.StockAnswers.StockAnswer;
import honeststack.app.stock.StockAnswers.StocksAnswer;
import honeststack.app.stock.StockAnswers.Taken;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/stock")
class StockController {
  private final StockService service;

  StockController(StockService service) {
    this.service = service;
  }

  /** What is in the fridge and the freezer. */
  @GetMapping
  StocksAnswer stock() {
    return service.all();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  StockAnswer putAway(@Valid @RequestBody NewStock put) {
    return service.put(put);
  }

  /**
   * What so much of it holds, with what reheating and the plate add; nothing is taken out.
   *
   * @param amount pieces, or g of batter
   */
  @GetMapping("/{id}/holds")
  EatingAnswer holds(
      @PathVariable String id,
      @RequestParam double amount,
      @RequestParam(required = false) List<String> added) {
    return service.holds(id, new NewTaking(Taken.EATEN, amount, added));
  }

  @PostMapping("/{id}/taken")
  StockAnswer takeOut(@PathVariable String id, @Valid @RequestBody NewTaking taking) {
    return service.take(id, taking);
  }
}
