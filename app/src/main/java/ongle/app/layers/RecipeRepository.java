package ongle.app.layers;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The salon's own recipes. */
interface RecipeRepository extends JpaRepository<StoredRecipe, Long> {
  List<StoredRecipe> findAllByOrderById();

  Optional<StoredRecipe> findByCode(String code);

  Optional<StoredRecipe> findByFormKey(UUID formKey);
}
