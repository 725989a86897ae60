package ongle.app.people;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * What whoever asks must be allowed. On a controller it is asked before the page is; on a service
 * before the method runs. What stands on a method goes before what stands on its class.
 */
@Target({ElementType.TYPE, ElementType.METHOD})
@Retention(RetentionPolicy.RUNTIME)
public @interface Needs {
  Right value();
}
