package ongle.app.web;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.Set;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * The server reads on past what was refused, so that the refusal arrives. Not where it was refused
 * for being slow or too much at once: reading on would hold the very hand that was to be freed.
 */
@Component
class RefusedAtOnce extends ValveBase
    implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  private static final Set<Integer> SLOW =
      Set.of(Response.SC_REQUEST_TIMEOUT, Response.SC_SERVICE_UNAVAILABLE);

  RefusedAtOnce() {
    super(true);
  }

  @Override
  public void customize(TomcatServletWebServerFactory server) {
    server.addEngineValves(this);
  }

  @Override
  public void invoke(Request request, Response response) throws IOException, ServletException {
    getNext().invoke(request, response);
    if (SLOW.contains(response.getStatus())) {
      request.getCoyoteRequest().action(ActionCode.DISABLE_SWALLOW_INPUT, null);
    }
  }
}
