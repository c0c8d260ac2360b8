package honeststack.app.goals;

import honeststack.app.goals.GoalSet.NewGoalSet;
import honeststack.app.problem.Revision;
import honeststack.core.goal.DailyReference;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/goals")
class GoalController {
  private final GoalService service;

  GoalController(GoalService service) {
    this.service = service;
  }

  @GetMapping
  List<GoalSet> goalSets() {
    return service.all();
  }

  /**
   * Goals that are a share of a day's reference, to be copied and changed; nothing is stored.
   *
   * @param percent of the day, 1 to 100
   */
  @GetMapping("/reference")
  NewGoalSet reference(@RequestParam DailyReference day, @RequestParam int percent) {
    return service.reference(day, percent);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  GoalSet create(@Valid @RequestBody NewGoalSet set) {
    return service.create(set);
  }

  @PutMapping("/{id}")
  GoalSet save(
      @PathVariable String id,
      @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
      @Valid @RequestBody NewGoalSet set) {
    return service.save(id, Revision.expected(ifMatch), set);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable String id) {
    service.delete(id);
  }
}
