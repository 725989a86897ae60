package ongle.app.web;

import static java.lang.annotation.ElementType.FIELD;
import static java.lang.annotation.ElementType.PARAMETER;

import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** A short text that has to be there: 1 to max characters, without those around it. */
@Target({FIELD, PARAMETER})
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = Named.Check.class)
public @interface Named {
  int max();

  /** Key in the message files; it is told {@code max}. */
  String message() default "name.wanted";

  Class<?>[] groups() default {};

  Class<? extends Payload>[] payload() default {};

  /** Blank is as good as nothing. */
  final class Check implements ConstraintValidator<Named, String> {
    private int max;

    @Override
    public void initialize(Named named) {
      max = named.max();
    }

    @Override
    public boolean isValid(String text, ConstraintValidatorContext context) {
      return text != null && !text.isBlank() && text.strip().length() <= max;
    }
  }
}
