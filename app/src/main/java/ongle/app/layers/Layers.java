package ongle.app.layers;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.NotFound;
import ongle.core.layer.Coat;
import ongle.core.layer.LayerKind;
import ongle.core.layer.Recipe;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What nails can wear: the usual bottles and recipes, and the salon's own beside them. */
@Service
@Transactional(readOnly = true)
public class Layers {
  private final CoatRepository coats;
  private final RecipeRepository recipes;

  Layers(CoatRepository coats, RecipeRepository recipes) {
    this.coats = coats;
    this.recipes = recipes;
  }

  /**
   * One of the salon's own.
   *
   * @param seen changes whenever it is written
   * @param putAway not offered any more; what was planned with it still is
   */
  record Kept<T>(T own, int seen, boolean putAway) {}

  List<Kept<Coat>> ownCoats() {
    return coats.findAllByOrderById().stream()
        .map(each -> new Kept<>(each.coat(), each.version(), each.isPutAway()))
        .toList();
  }

  List<Kept<Recipe>> ownRecipes() {
    // All bottles at once, not one by one for each layer.
    Map<String, Coat> own =
        bottles().stream().collect(Collectors.toMap(Coat::code, Function.identity()));
    return recipes.findAllByOrderById().stream()
        .map(
            each ->
                new Kept<>(
                    each.recipe(
                        code -> Coat.ofCode(code).or(() -> Optional.ofNullable(own.get(code)))),
                    each.version(),
                    each.isPutAway()))
        .toList();
  }

  /** The bottle of that code, one put away too. */
  public Optional<Coat> coat(String code) {
    Optional<Coat> usual = Coat.ofCode(code);
    return usual.isPresent() ? usual : coats.findByCode(code).map(StoredCoat::coat);
  }

  /** The recipe of that code, one put away too. */
  public Optional<Recipe> recipe(String code) {
    Optional<Recipe> usual = Recipe.ofCode(code);
    return usual.isPresent()
        ? usual
        : recipes.findByCode(code).map(each -> each.recipe(this::coat));
  }

  /** Every bottle of the salon's own, those put away too: their jars may still stand there. */
  public List<Coat> bottles() {
    return ownCoats().stream().map(Kept::own).toList();
  }

  /** What a layer can be laid with, the usual first. */
  public List<Coat> coats(LayerKind kind) {
    return Stream.concat(
            Coat.SHIPPED.stream(),
            ownCoats().stream().filter(kept -> !kept.putAway()).map(Kept::own))
        .filter(coat -> coat.kind() == kind)
        .toList();
  }

  /** What can be chosen, the usual first. */
  public List<Recipe> recipes() {
    return Stream.concat(
            Recipe.SHIPPED.stream(),
            ownRecipes().stream().filter(kept -> !kept.putAway()).map(Kept::own))
        .toList();
  }

  /** Adds a bottle; the same form key adds it once. */
  @Needs(Right.STOCK)
  @Transactional
  public void add(UUID formKey, Coat coat) {
    if (coats.findByFormKey(formKey).isEmpty()) {
      coats.save(new StoredCoat(formKey, coat));
    }
  }

  /** Adds a recipe; the same form key adds it once. */
  @Needs(Right.STOCK)
  @Transactional
  public void add(UUID formKey, Recipe recipe) {
    if (recipes.findByFormKey(formKey).isEmpty()) {
      recipes.save(new StoredRecipe(formKey, recipe));
    }
  }

  /**
   * Corrects a bottle; sets planned with it follow.
   *
   * @param seen as it was when the corrector looked
   * @return whether it was; not if somebody else changed it meanwhile
   */
  @Needs(Right.STOCK)
  @Transactional
  boolean correct(int seen, Coat coat) {
    StoredCoat kept = kept(coats.findByCode(coat.code()), coat.code());
    if (kept.version() != seen) {
      return false;
    }
    kept.become(coat);
    return true;
  }

  /** The same for a recipe. */
  @Needs(Right.STOCK)
  @Transactional
  boolean correct(int seen, Recipe recipe) {
    StoredRecipe kept = kept(recipes.findByCode(recipe.code()), recipe.code());
    if (kept.version() != seen) {
      return false;
    }
    kept.become(recipe);
    return true;
  }

  /** Offers a bottle no more, or again. */
  @Needs(Right.STOCK)
  @Transactional
  void putCoatAway(String code, boolean away) {
    kept(coats.findByCode(code), code).putAway(away);
  }

  /** Offers a recipe no more, or again. */
  @Needs(Right.STOCK)
  @Transactional
  void putRecipeAway(String code, boolean away) {
    kept(recipes.findByCode(code), code).putAway(away);
  }

  private static <T> T kept(Optional<T> stored, String code) {
    return stored.orElseThrow(() -> new NotFound(code));
  }
}
