package ongle.app.standin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import ongle.app.salon.SalonSettings;
import ongle.app.web.NotFound;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Whether the stand-in devices are there: in the demo, and where the salon practises with them. */
@Component
class StandIns implements WebMvcConfigurer, HandlerInterceptor {
  private final SalonSettings salon;
  private final boolean demo;

  StandIns(SalonSettings salon, @Value("${ongle.demo}") boolean demo) {
    this.salon = salon;
    this.demo = demo;
  }

  boolean there() {
    return demo || salon.current().isStandIns();
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this).addPathPatterns("/standin/**");
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    if (!there()) {
      throw new NotFound("a stand-in device");
    }
    return true;
  }

  /** Pages name the stand-ins only where they are. */
  @ControllerAdvice
  static class OnEveryPage {
    private final StandIns standIns;

    OnEveryPage(StandIns standIns) {
      this.standIns = standIns;
    }

    @ModelAttribute("demo")
    boolean demo() {
      return standIns.demo;
    }

    @ModelAttribute("standIns")
    boolean standIns() {
      return standIns.there();
    }
  }
}
