package honeststack.app.tools;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/**
 * A tool as it is stated.
 *
 * @param fill how much batter fills it: "60 ml", "85 g", "11 cm"; blank where its fills are weighed
 * @param pieces that one fill makes: 4 for an iron of four quarters
 */
public record NewTool(
    @NotBlank @Size(max = 60) String name,
    @NotNull ToolKind kind,
    @NotNull @Size(max = 100) String fill,
    @DecimalMin("0.05") @DecimalMax("100") double pieces) {}
