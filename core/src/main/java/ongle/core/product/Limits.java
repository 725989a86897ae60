package ongle.core.product;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import ongle.core.Range;

/**
 * What the maker of a product keeps it to.
 *
 * @param longest extension it may be used on, mm; empty where nothing is said
 * @param lamp code of the only lamp it cures fully under; empty where any will do
 * @param freeOf what it is free of that some react to, as named on the label
 */
public record Limits(OptionalDouble longest, Optional<String> lamp, List<String> freeOf) {
  /** Nothing is said. */
  public static final Limits NONE = new Limits(OptionalDouble.empty(), Optional.empty(), List.of());

  /** How long an extension a maker may name, mm. */
  public static final Range LONGEST = new Range(0, 60);

  /** What is known to be reacted to in the products of this work, in words of chemistry. */
  private static final List<String> REACTED_TO =
      List.of("HEMA", "HPMA", "IBOA", "TPO", "acrylate", "cyanoacrylate", "colophony");

  /**
   * @throws IllegalArgumentException if the longest extension is out of {@link #LONGEST}
   */
  public Limits {
    longest.ifPresent(mm -> LONGEST.check("longest", mm));
    freeOf = freeOf.stream().map(String::strip).filter(name -> !name.isEmpty()).toList();
  }

  /** Whether an allergy, in words, names something of this kind. */
  private static boolean names(String allergy, String substance) {
    return allergy.toLowerCase(Locale.ROOT).contains(substance.toLowerCase(Locale.ROOT));
  }

  /**
   * What a client reacts to that this is not said to be free of; empty where there is nothing of
   * the kind.
   *
   * @param allergy in words
   * @param named what other products of the visit are said to be free of
   */
  public List<String> notSaidFreeOf(String allergy, List<String> named) {
    return Stream.concat(REACTED_TO.stream(), named.stream())
        .filter(substance -> names(allergy, substance))
        .filter(substance -> freeOf.stream().noneMatch(free -> names(free, substance)))
        .distinct()
        .toList();
  }
}
