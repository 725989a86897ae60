package ongle.app.paper;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import ongle.app.planning.PlannedSet;
import ongle.app.web.CleanText;
import ongle.app.words.Words;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Writes a page as PDF from the same drawings and style sheets as the screen. */
@Component
public class PdfWriter {
  private static final String FAMILY = "Atkinson Hyperlegible Next";
  private final ITemplateEngine templates;
  private final PaperStyle style;

  PdfWriter(ITemplateEngine templates, PaperStyle style) {
    this.templates = templates;
    this.style = style;
  }

  /**
   * @param template well-formed XHTML that takes {@code sheetCss}
   */
  public byte[] write(String template, Map<String, Object> model) {
    Map<String, Object> variables = new HashMap<>(model);
    variables.put("sheetCss", style.sheet());
    // Names kept before text was cleaned on its way in may hold what no PDF can.
    String html =
        CleanText.of(
            style.styled(templates.process(template, new Context(Words.locale(), variables))));
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (BatikSVGDrawer svg = new BatikSVGDrawer()) {
      PdfRendererBuilder builder = new PdfRendererBuilder();
      builder.useSVGDrawer(svg);
      builder.useFont(
          () -> stream("atkinson-hyperlegible-next-400.ttf"), FAMILY, 400, FontStyle.NORMAL, true);
      builder.useFont(
          () -> stream("atkinson-hyperlegible-next-700.ttf"), FAMILY, 700, FontStyle.NORMAL, true);
      builder.withHtmlContent(html, "file:///sheet/");
      builder.toStream(out);
      builder.run();
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * The same as an answer to a browser, shown there.
   *
   * @param what it is, for the file's name
   */
  public ResponseEntity<byte[]> answer(
      String what, PlannedSet planned, String template, Map<String, Object> model) {
    String name =
        what + " " + planned.client().getName() + " " + planned.set().getCreatedAt().toLocalDate();
    return answer(name, template, model);
  }

  /**
   * The same of anything.
   *
   * @param name of the file, without its ending
   */
  public ResponseEntity<byte[]> answer(String name, String template, Map<String, Object> model) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.inline()
                .filename(name + ".pdf", StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(write(template, model));
  }

  private static InputStream stream(String font) {
    try {
      return PaperStyle.stream(font);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
