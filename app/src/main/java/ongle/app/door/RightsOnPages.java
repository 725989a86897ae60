package ongle.app.door;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import ongle.app.people.Needs;
import ongle.app.people.Present;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Before a page: whoever asks must be allowed what its handler needs. A handler that says nothing
 * is for nobody.
 */
@Component
class RightsOnPages implements HandlerInterceptor, WebMvcConfigurer {
  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this);
  }

  @Override
  public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
      throws Exception {
    if (request.getDispatcherType() != DispatcherType.REQUEST
        || !(handler instanceof HandlerMethod method)) {
      return true;
    }
    Needs needs = needs(method).orElseThrow(() -> new IllegalStateException(method.toString()));
    Present.need(needs.value());
    return true;
  }

  /** What a handler needs, by itself or by its controller. */
  static Optional<Needs> needs(HandlerMethod method) {
    return Optional.ofNullable(
            AnnotatedElementUtils.findMergedAnnotation(method.getMethod(), Needs.class))
        .or(
            () ->
                Optional.ofNullable(
                    AnnotatedElementUtils.findMergedAnnotation(method.getBeanType(), Needs.class)));
  }
}
