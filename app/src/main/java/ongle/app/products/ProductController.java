package ongle.app.products;

import jakarta.validation.Valid;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;
import ongle.app.lamps.Lamps;
import ongle.app.people.Needs;
import ongle.app.people.Right;
import ongle.app.web.FormReading;
import ongle.app.web.NotFound;
import ongle.app.web.Written;
import ongle.app.words.Words;
import ongle.core.cure.Lamp;
import ongle.core.product.Handling;
import ongle.core.product.LightCure;
import ongle.core.product.Product;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The products with their figures; the salon's own can be written and corrected. */
@Controller
@Needs(Right.HANDS)
@RequestMapping("/products")
class ProductController {
  private final Products products;
  private final Lamps lamps;

  ProductController(Products products, Lamps lamps) {
    this.products = products;
    this.lamps = lamps;
  }

  /**
   * A product as it is listed.
   *
   * @param own whether it is the salon's own
   */
  record Row(
      String code,
      String label,
      String laid,
      String strong,
      String rest,
      String light,
      String origin,
      boolean own,
      boolean putAway) {}

  /**
   * @param product to correct
   * @param like to begin a new one from
   */
  @GetMapping
  String page(
      @RequestParam Optional<String> product, @RequestParam Optional<String> like, Model model) {
    Lamp lamp = lamps.of("");
    Optional<Products.Kept> own = product.flatMap(this::kept);
    Product from = like.flatMap(products::of).orElse(Product.HARD_GEL);
    return show(
        own.map(
                kept ->
                    Written.correcting(
                        product.get(), kept.seen(), ProductForm.of(kept.product(), lamp)))
            .orElseGet(() -> Written.anew(ProductForm.of(from, lamp).anew())),
        model);
  }

  private Optional<Products.Kept> kept(String code) {
    return products.own().stream().filter(kept -> kept.product().code().equals(code)).findFirst();
  }

  @Needs(Right.STOCK)
  @PostMapping
  String add(
      @RequestParam UUID formKey, @Valid ProductForm form, BindingResult errors, Model model) {
    FormReading typed = new FormReading(errors);
    Optional<Product> product =
        form.read(typed, "own-" + formKey.toString().substring(0, 8), lamps.of(form.lamp()));
    product.ifPresent(read -> products.add(formKey, read));
    return product.isPresent()
        ? "redirect:/products"
        : show(Written.anew(form).refused(typed), model);
  }

  @Needs(Right.STOCK)
  @PostMapping("/{code}")
  String correct(
      @PathVariable String code,
      @RequestParam int seen,
      @Valid ProductForm form,
      BindingResult errors,
      Model model) {
    int now = kept(code).orElseThrow(() -> new NotFound("product " + code)).seen();
    FormReading typed = new FormReading(errors);
    Written<ProductForm> written = Written.correcting(code, seen, form);
    Optional<Product> product = form.read(typed, code, lamps.of(form.lamp()));
    if (product.isEmpty()) {
      return show(written.refused(typed), model);
    }
    return products.correct(seen, product.get())
        ? "redirect:/products"
        : show(written.changedMeanwhile(now, Words.say("products.conflict")), model);
  }

  @Needs(Right.STOCK)
  @PostMapping("/{code}/away")
  String putAway(@PathVariable String code, @RequestParam(defaultValue = "true") boolean away) {
    products.putAway(code, away);
    return "redirect:/products";
  }

  private String show(Written<ProductForm> written, Model model) {
    List<Lamps.Kept> all = lamps.all();
    Lamp first = all.get(0).lamp();
    model.addAttribute(
        "usual",
        Product.STANDARD.stream().map(product -> row(product, first, false, false)).toList());
    model.addAttribute(
        "own",
        products.own().stream()
            .map(kept -> row(kept.product(), first, true, kept.putAway()))
            .toList());
    model.addAttribute("handlings", Handling.values());
    model.addAttribute("lamps", all);
    model.addAttribute("lampLabel", first.label());
    written.show(model);
    return "products/page";
  }

  private static Row row(Product product, Lamp lamp, boolean own, boolean putAway) {
    return new Row(
        product.code(),
        Words.of(product),
        Words.of(
            Stream.of(
                    Words.of(product.handling()),
                    product.levelling() ? Words.say("products.levels") : "",
                    Words.say(product.soaksOff() ? "products.soaks-off" : "products.filed-off"))
                .filter(text -> !text.isEmpty())
                .toList()),
        Words.say("products.strong", "modulus", product.modulus(), "strength", product.strength()),
        Words.say(
            "products.rest", "density", product.density(), "shrinks", 100 * product.shrinkage()),
        product
            .light()
            .map(light -> light(light, lamp))
            .orElseGet(() -> Words.say("bench.sets-by-itself")),
        product.shipped() ? Words.say("product.Product.ours") : product.origin(),
        own,
        putAway);
  }

  private static String light(LightCure light, Lamp lamp) {
    return Words.say(
        "products.light",
        "full",
        MakersLight.seconds(light.fullDose(), lamp, light.lowHeat()),
        "flash",
        MakersLight.seconds(light.flashDose(), lamp, false),
        "clear",
        light.clearReach(),
        "pigmented",
        light.pigmentedReach(),
        "waves",
        new TreeSet<>(light.wavelengths()));
  }
}
