package honeststack.app.demo;

import honeststack.app.demo.DemoRecipe.DemoStock;
import honeststack.app.stock.StockService;
import honeststack.app.tools.NewTool;
import honeststack.app.tools.ToolAnswer;
import honeststack.app.tools.ToolService;
import honeststack.app.tools.ToppingSets;
import java.util.List;
import org.springframework.stereotype.Component;

/** What of the demo is not on the shelf: tools, topping sets, the freezer. */
@Component
class DemoKitchen {
  private final ToolService tools;
  private final ToppingSets sets;
  private final StockService stock;
  private final DemoFile files;

  DemoKitchen(ToolService tools, ToppingSets sets, StockService stock, DemoFile files) {
    this.tools = tools;
    this.sets = sets;
    this.stock = stock;
    this.files = files;
  }

  /** As the file has them. */
  record Things(List<DemoTool> tools, List<DemoSet> sets) {}

  /**
   * A tool.
   *
   * @param weighed what its fills weighed, as texts
   */
  record DemoTool(NewTool tool, List<String> weighed) {}

  record DemoSet(String name, List<String> lines) {}

  void put(Things things) {
    for (DemoTool one : things.tools()) {
      ToolAnswer made = tools.create(one.tool());
      one.weighed().forEach(weight -> tools.weigh(made.id(), weight));
    }
    things.sets().forEach(set -> sets.keep(set.name(), set.lines()));
  }

  /** What is in the freezer of a recipe. */
  void freeze(DemoRecipe recipe, List<String> versions) {
    for (DemoStock one : recipe.frozen() == null ? List.<DemoStock>of() : recipe.frozen()) {
      stock.freeze(
          versions.get(one.version() - 1), one.pieces(), files.morning(one.daysAgo()), one.note());
    }
  }
}
