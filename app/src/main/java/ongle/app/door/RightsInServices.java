package ongle.app.door;

import ongle.app.people.Needs;
import ongle.app.people.Present;
import org.aopalliance.intercept.MethodInterceptor;
import org.springframework.aop.Advisor;
import org.springframework.aop.Pointcut;
import org.springframework.aop.support.ComposablePointcut;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.annotation.AnnotationMatchingPointcut;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.stereotype.Controller;

/** Before a service does something: the same question, wherever it was called from. */
@Configuration(proxyBeanMethods = false)
class RightsInServices {
  @Bean
  @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
  static Advisor rights() {
    MethodInterceptor asks =
        called -> {
          Needs own = AnnotatedElementUtils.findMergedAnnotation(called.getMethod(), Needs.class);
          Needs all =
              AnnotatedElementUtils.findMergedAnnotation(
                  called.getMethod().getDeclaringClass(), Needs.class);
          Needs needs = own == null ? all : own;
          if (needs != null) {
            Present.need(needs.value());
          }
          return called.proceed();
        };
    ComposablePointcut said =
        new ComposablePointcut(
                AnnotationMatchingPointcut.forMethodAnnotation(Needs.class).getMethodMatcher())
            .union((Pointcut) AnnotationMatchingPointcut.forClassAnnotation(Needs.class));
    return new DefaultPointcutAdvisor(
        said.intersection(
            (org.springframework.aop.ClassFilter)
                type -> !AnnotatedElementUtils.hasAnnotation(type, Controller.class)),
        asks);
  }
}
