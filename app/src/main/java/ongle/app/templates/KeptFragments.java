package ongle.app.templates;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import ongle.core.Memo;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.context.IWebContext;
import org.thymeleaf.dialect.AbstractProcessorDialect;
import org.thymeleaf.engine.AttributeName;
import org.thymeleaf.engine.TemplateModel;
import org.thymeleaf.model.IModel;
import org.thymeleaf.model.IModelFactory;
import org.thymeleaf.model.IProcessableElementTag;
import org.thymeleaf.processor.IProcessor;
import org.thymeleaf.processor.element.AbstractAttributeTagProcessor;
import org.thymeleaf.processor.element.IElementTagStructureHandler;
import org.thymeleaf.spring6.expression.ThymeleafEvaluationContext;
import org.thymeleaf.standard.StandardDialect;
import org.thymeleaf.standard.expression.Fragment;
import org.thymeleaf.standard.expression.StandardExpressions;
import org.thymeleaf.standard.processor.StandardReplaceTagProcessor;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.util.FastStringWriter;

/**
 * {@code kept:replace} puts a fragment in as {@code th:replace} does, and remembers what it came
 * to: of ten nails nine mostly look as they did. The fragment knows its parameters, given by name,
 * and nothing else, so that the same parameters always come to the same text. They must be values:
 * records, enums, texts. No form with an action stands in one: its token is the session's.
 */
@Component
class KeptFragments extends AbstractProcessorDialect {
  private static final String NAME = "kept";

  /** All pages of a set come to about 125, of some kB each. */
  private final Memo<Question, String> known = Memo.forEachDesk(180);

  KeptFragments() {
    super(NAME, NAME, StandardDialect.PROCESSOR_PRECEDENCE);
  }

  @Override
  public Set<IProcessor> getProcessors(String prefix) {
    return Set.of(new Replace(prefix));
  }

  private record Question(String fragment, Locale language, Map<String, Object> parameters) {
    static Question of(String fragment, Locale language, @Nullable Map<String, Object> parameters) {
      Map<String, Object> values = parameters == null ? new HashMap<>() : new HashMap<>(parameters);
      values.replaceAll((name, value) -> value instanceof Object[] all ? List.of(all) : value);
      return new Question(fragment, language, values);
    }
  }

  private final class Replace extends AbstractAttributeTagProcessor {
    Replace(String prefix) {
      super(
          TemplateMode.HTML,
          prefix,
          null,
          false,
          "replace",
          true,
          StandardReplaceTagProcessor.PRECEDENCE,
          true);
    }

    @Override
    protected void doProcess(
        ITemplateContext context,
        IProcessableElementTag tag,
        AttributeName attribute,
        String expression,
        IElementTagStructureHandler structure) {
      Fragment fragment =
          (Fragment)
              StandardExpressions.getExpressionParser(context.getConfiguration())
                  .parseExpression(context, expression)
                  .execute(context);
      if (fragment.hasSyntheticParameters()) {
        throw new IllegalArgumentException(
            "parameters of a kept fragment want names: " + expression);
      }
      String text =
          known.of(
              Question.of(expression, context.getLocale(), fragment.getParameters()),
              () -> write(fragment, (IWebContext) context, context));
      IModelFactory models = context.getModelFactory();
      IModel written = models.createModel();
      written.add(models.createText(text));
      structure.replaceWith(written, false);
    }

    private String write(Fragment fragment, IWebContext web, ITemplateContext context) {
      Map<String, Object> variables = new HashMap<>();
      if (fragment.getParameters() != null) {
        variables.putAll(fragment.getParameters());
      }
      String evaluation =
          ThymeleafEvaluationContext.THYMELEAF_EVALUATION_CONTEXT_CONTEXT_VARIABLE_NAME;
      variables.put(evaluation, context.getVariable(evaluation));
      TemplateModel model = fragment.getTemplateModel();
      FastStringWriter text = new FastStringWriter();
      context
          .getConfiguration()
          .getTemplateManager()
          .process(
              model,
              PageVariables.alone(
                  context.getConfiguration(), model.getTemplateData(), web, variables),
              text);
      return text.toString();
    }
  }
}
