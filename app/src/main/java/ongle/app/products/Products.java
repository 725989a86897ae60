package ongle.app.products;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.NotFound;
import ongle.core.product.Product;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the salon builds with: the usual products, and its own beside them. */
@Service
public class Products {
  private final ProductRepository stored;

  Products(ProductRepository stored) {
    this.stored = stored;
  }

  /**
   * A product of the salon's own.
   *
   * @param seen changes whenever it is written
   * @param putAway not offered any more; what was built of it still is
   */
  record Kept(Product product, int seen, boolean putAway) {}

  @Transactional(readOnly = true)
  List<Kept> own() {
    return stored.findAllByOrderById().stream()
        .map(each -> new Kept(each.product(), each.version(), each.isPutAway()))
        .toList();
  }

  /** What can be chosen, the usual ones first. */
  @Transactional(readOnly = true)
  public List<Product> all() {
    return Stream.concat(
            Product.STANDARD.stream(),
            own().stream().filter(kept -> !kept.putAway()).map(Kept::product))
        .toList();
  }

  /** The product of that code, one put away too. */
  @Transactional(readOnly = true)
  public Optional<Product> of(String code) {
    Optional<Product> usual = Product.ofCode(code);
    return usual.isPresent() ? usual : stored.findByCode(code).map(StoredProduct::product);
  }

  /** Everything the salon has built with, what was put away too: its jars may still stand there. */
  @Transactional(readOnly = true)
  public List<Product> everUsed() {
    return Stream.concat(Product.STANDARD.stream(), own().stream().map(Kept::product)).toList();
  }

  /** Adds a product; the same form key adds it once. */
  @Needs(Right.STOCK)
  @Transactional
  public void add(UUID formKey, Product product) {
    if (stored.findByFormKey(formKey).isEmpty()) {
      stored.save(new StoredProduct(formKey, product));
    }
  }

  /**
   * Corrects a product; sets planned with it follow.
   *
   * @param seen as it was when the corrector looked
   * @return whether it was; not if somebody else changed it meanwhile
   */
  @Needs(Right.STOCK)
  @Transactional
  boolean correct(int seen, Product product) {
    StoredProduct kept = kept(product.code());
    if (kept.version() != seen) {
      return false;
    }
    kept.become(product);
    return true;
  }

  /** Offers a product no more, or again. */
  @Needs(Right.STOCK)
  @Transactional
  void putAway(String code, boolean away) {
    kept(code).putAway(away);
  }

  private StoredProduct kept(String code) {
    return stored.findByCode(code).orElseThrow(() -> new NotFound("product " + code));
  }
}
