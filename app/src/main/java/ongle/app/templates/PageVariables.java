package ongle.app.templates;

import java.security.Principal;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.IEngineConfiguration;
import org.thymeleaf.context.IContext;
import org.thymeleaf.context.IEngineContext;
import org.thymeleaf.context.IEngineContextFactory;
import org.thymeleaf.context.IWebContext;
import org.thymeleaf.context.StandardEngineContextFactory;
import org.thymeleaf.context.WebContext;
import org.thymeleaf.engine.TemplateData;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.web.IWebApplication;
import org.thymeleaf.web.IWebExchange;
import org.thymeleaf.web.IWebRequest;
import org.thymeleaf.web.IWebSession;

/**
 * Keeps what a page's template knows in a map of its own. The engine keeps it in the request, which
 * asks a dozen wrappers for each of the thousands of names a page looks up.
 */
@Component
class PageVariables implements IEngineContextFactory {
  private final IEngineContextFactory usual = new StandardEngineContextFactory();

  PageVariables(SpringTemplateEngine engine) {
    engine.setEngineContextFactory(this);
  }

  @Override
  public IEngineContext createEngineContext(
      IEngineConfiguration configuration,
      TemplateData template,
      Map<String, Object> resolution,
      IContext context) {
    if (context instanceof IWebContext web) {
      IWebExchange exchange = web.getExchange();
      return usual.createEngineContext(
          configuration,
          template,
          resolution,
          new WebContext(
              new AtHand(exchange, new HashMap<>(exchange.getAttributeMap())),
              web.getLocale(),
              variables(context)));
    }
    return usual.createEngineContext(configuration, template, resolution, context);
  }

  /** A context in which these variables and nothing else is known. */
  static IEngineContext alone(
      IEngineConfiguration configuration,
      TemplateData template,
      IWebContext outer,
      Map<String, Object> variables) {
    return new StandardEngineContextFactory()
        .createEngineContext(
            configuration,
            template,
            Map.of(),
            new WebContext(
                new AtHand(outer.getExchange(), new HashMap<>()), outer.getLocale(), variables));
  }

  private static Map<String, Object> variables(IContext context) {
    Map<String, Object> variables = new HashMap<>();
    for (String name : context.getVariableNames()) {
      variables.put(name, context.getVariable(name));
    }
    return variables;
  }

  /** What came in, with its attributes beside it. */
  private record AtHand(IWebExchange exchange, Map<String, Object> attributes)
      implements IWebExchange {
    @Override
    public IWebRequest getRequest() {
      return exchange.getRequest();
    }

    @Override
    public IWebSession getSession() {
      return exchange.getSession();
    }

    @Override
    public IWebApplication getApplication() {
      return exchange.getApplication();
    }

    @Override
    public Principal getPrincipal() {
      return exchange.getPrincipal();
    }

    @Override
    public java.util.Locale getLocale() {
      return exchange.getLocale();
    }

    @Override
    public String getContentType() {
      return exchange.getContentType();
    }

    @Override
    public String getCharacterEncoding() {
      return exchange.getCharacterEncoding();
    }

    @Override
    public boolean containsAttribute(String name) {
      return attributes.containsKey(name);
    }

    @Override
    public int getAttributeCount() {
      return attributes.size();
    }

    @Override
    public Set<String> getAllAttributeNames() {
      return Set.copyOf(attributes.keySet());
    }

    @Override
    public Map<String, Object> getAttributeMap() {
      return attributes;
    }

    @Override
    public Object getAttributeValue(String name) {
      return attributes.get(name);
    }

    @Override
    public void setAttributeValue(String name, Object value) {
      attributes.put(name, value);
    }

    @Override
    public void removeAttribute(String name) {
      attributes.remove(name);
    }

    @Override
    public String transformURL(String url) {
      return exchange.transformURL(url);
    }
  }
}
