package ongle.app.layers;

import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.FormReading;
import ongle.app.web.NotFound;
import ongle.app.web.Written;
import ongle.app.words.BenchWords;
import ongle.app.words.Words;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.layer.Recipe;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Recipes of layers; the salon's own are put together here. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/recipes")
class RecipeController {
  private final Layers layers;

  RecipeController(Layers layers) {
    this.layers = layers;
  }

  /**
   * A recipe as it is listed.
   *
   * @param own whether it is the salon's own
   */
  record Row(String code, String label, String layers, boolean own, boolean putAway) {}

  /**
   * A layer that has a bottle of its own, as it is chosen in the form.
   *
   * @param name of the field
   * @param chosen blank where it is left out
   */
  record Choice(String name, LayerKind kind, String usual, List<Coat> bottles, String chosen) {}

  /**
   * @param recipe to correct
   * @param like to begin a new one from
   */
  @GetMapping
  String page(
      @RequestParam Optional<String> recipe, @RequestParam Optional<String> like, Model model) {
    Recipe from = like.flatMap(layers::recipe).orElse(Recipe.BASE_THEN_BEAD);
    return show(
        recipe
            .flatMap(this::kept)
            .map(
                kept ->
                    Written.correcting(kept.own().code(), kept.seen(), RecipeForm.of(kept.own())))
            .orElseGet(() -> Written.anew(RecipeForm.of(from))),
        model);
  }

  private Optional<Layers.Kept<Recipe>> kept(String code) {
    return layers.ownRecipes().stream().filter(kept -> kept.own().code().equals(code)).findFirst();
  }

  @Needs(Right.STOCK)
  @PostMapping
  String add(
      @RequestParam UUID formKey, @Valid RecipeForm form, BindingResult errors, Model model) {
    FormReading typed = new FormReading(errors);
    Optional<Recipe> recipe = form.read(typed, "own-" + formKey.toString().substring(0, 8), layers);
    recipe.ifPresent(read -> layers.add(formKey, read));
    return recipe.isPresent()
        ? "redirect:/recipes"
        : show(Written.anew(form).refused(typed), model);
  }

  @Needs(Right.STOCK)
  @PostMapping("/{code}")
  String correct(
      @PathVariable String code,
      @RequestParam int seen,
      @Valid RecipeForm form,
      BindingResult errors,
      Model model) {
    int now = kept(code).orElseThrow(() -> new NotFound(code)).seen();
    FormReading typed = new FormReading(errors);
    Written<RecipeForm> written = Written.correcting(code, seen, form);
    Optional<Recipe> recipe = form.read(typed, code, layers);
    if (recipe.isEmpty()) {
      return show(written.refused(typed), model);
    }
    return layers.correct(seen, recipe.get())
        ? "redirect:/recipes"
        : show(written.changedMeanwhile(now, Words.say("layers.conflict")), model);
  }

  @Needs(Right.STOCK)
  @PostMapping("/{code}/away")
  String putAway(@PathVariable String code, @RequestParam(defaultValue = "true") boolean away) {
    layers.putRecipeAway(code, away);
    return "redirect:/recipes";
  }

  private String show(Written<RecipeForm> written, Model model) {
    model.addAttribute(
        "rows",
        Stream.concat(
                layers.ownRecipes().stream().map(kept -> row(kept.own(), true, kept.putAway())),
                Recipe.SHIPPED.stream()
                    .filter(recipe -> !recipe.equals(Recipe.AS_HABITS))
                    .map(recipe -> row(recipe, false, false)))
            .toList());
    List<Choice> choices = new ArrayList<>();
    written
        .form()
        .bottles()
        .forEach(
            (kind, chosen) ->
                choices.add(
                    new Choice(
                        RecipeForm.field(kind),
                        kind,
                        Words.say(
                            kind == LayerKind.COLOUR ? "layers.as-the-visit" : "layers.usual"),
                        layers.coats(Coat.usual(kind).kind()).stream()
                            .filter(coat -> kind == LayerKind.COLOUR || !coat.shipped())
                            .toList(),
                        chosen)));
    model.addAttribute("choices", choices);
    written.show(model);
    return "layers/recipes";
  }

  private static Row row(Recipe recipe, boolean own, boolean putAway) {
    return new Row(recipe.code(), Words.of(recipe), BenchWords.layers(recipe), own, putAway);
  }
}
