package ongle.app.web;

import jakarta.validation.ConstraintViolation;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoublePredicate;
import java.util.function.Supplier;
import ongle.app.words.Numbers;
import ongle.app.words.Words;
import ongle.core.Range;
import org.springframework.validation.BindingResult;
import org.springframework.validation.FieldError;

/**
 * Reads a form as typed: first what its constraints say, whose messages are keys of the message
 * files, then its figures against the rules of the job. What cannot be is noted beside its field.
 */
public final class FormReading {
  private final Map<String, String> faults = new LinkedHashMap<>();

  /** Of a form without constraints of its own. */
  public FormReading() {}

  /**
   * @param errors what the form's own constraints found
   */
  public FormReading(BindingResult errors) {
    errors.getFieldErrors().forEach(error -> faults.putIfAbsent(error.getField(), say(error)));
  }

  private static String say(FieldError error) {
    if (!error.contains(ConstraintViolation.class)) {
      return Words.say("form.not-understood");
    }
    ConstraintViolation<?> violation = error.unwrap(ConstraintViolation.class);
    Object max = violation.getConstraintDescriptor().getAttributes().get("max");
    String typed = String.valueOf(violation.getInvalidValue());
    return max == null
        ? Words.say(violation.getMessageTemplate())
        : Words.say(violation.getMessageTemplate(), "max", max, "typed", typed.length());
  }

  /** What is wrong, by field, in words. */
  public Map<String, String> faults() {
    return faults;
  }

  /** The first thing that is wrong; empty if nothing is. */
  public Optional<String> why() {
    return faults.values().stream().findFirst();
  }

  public void fault(String field, String why) {
    faults.putIfAbsent(field, why);
  }

  /**
   * A number that is allowed; NaN, with a fault, if what was typed is none.
   *
   * @param why what would be allowed, in words
   */
  public double number(String field, String typed, DoublePredicate allowed, Supplier<String> why) {
    Optional<Double> value = Numbers.parse(typed).filter(allowed::test);
    if (value.isEmpty()) {
      fault(field, why.get());
    }
    return value.orElse(Double.NaN);
  }

  /** A number within a range of whole bounds; NaN, with a fault, if what was typed is none. */
  public double number(String field, String typed, Range range) {
    return number(
        field,
        typed,
        range::allows,
        () -> Words.say("number.whole-from-to", "min", range.min(), "max", range.max()));
  }

  /** A day, if one was typed. */
  public Optional<LocalDate> day(String field, String typed) {
    try {
      return typed.isBlank() ? Optional.empty() : Optional.of(LocalDate.parse(typed.strip()));
    } catch (DateTimeParseException e) {
      fault(field, Words.say("form.day.wanted"));
      return Optional.empty();
    }
  }

  /** What the form makes; empty if anything was wrong. */
  public <T> Optional<T> made(Supplier<T> thing) {
    return faults.isEmpty() ? Optional.of(thing.get()) : Optional.empty();
  }
}
