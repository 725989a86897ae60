package ongle.app.words;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import org.springframework.context.MessageSource;
import org.springframework.context.MessageSourceResolvable;
import org.springframework.context.NoSuchMessageException;
import org.springframework.stereotype.Component;

/** The message files for templates and validation; arguments are known by their place there. */
@Component("messageSource")
class MessagesForSpring implements MessageSource {
  @Override
  public String getMessage(String code, Object[] args, String defaultMessage, Locale locale) {
    Map<String, Object> byPlace = new HashMap<>();
    for (int i = 0; args != null && i < args.length; i++) {
      byPlace.put(String.valueOf(i), args[i]);
    }
    return Words.message(code, locale)
        .map(message -> message.with(byPlace, (value, facet) -> Words.of(value)))
        .orElse(defaultMessage);
  }

  @Override
  public String getMessage(String code, Object[] args, Locale locale) {
    String text = getMessage(code, args, null, locale);
    if (text == null) {
      throw new NoSuchMessageException(code, locale);
    }
    return text;
  }

  @Override
  public String getMessage(MessageSourceResolvable resolvable, Locale locale) {
    for (String code : resolvable.getCodes() == null ? new String[0] : resolvable.getCodes()) {
      String text = getMessage(code, resolvable.getArguments(), null, locale);
      if (text != null) {
        return text;
      }
    }
    if (resolvable.getDefaultMessage() == null) {
      throw new NoSuchMessageException(String.valueOf(resolvable), locale);
    }
    return resolvable.getDefaultMessage();
  }
}
