package ongle.app.structure;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import ongle.core.structure.NailMesh;

/** A mesh in open formats for printing; one unit is one millimetre in both. */
final class MeshFiles {
  private static final int STL_HEADER = 80;
  private static final int STL_TRIANGLE = 50;

  private MeshFiles() {}

  /** Binary STL. */
  static byte[] stl(NailMesh mesh) {
    int[] triangles = mesh.triangles();
    double[] points = mesh.points();
    int count = triangles.length / 3;
    ByteBuffer out =
        ByteBuffer.allocate(STL_HEADER + 4 + STL_TRIANGLE * count).order(ByteOrder.LITTLE_ENDIAN);
    out.put("one unit is one millimetre".getBytes(StandardCharsets.US_ASCII));
    out.position(STL_HEADER);
    out.putInt(count);
    for (int t = 0; t < triangles.length; t += 3) {
      for (double along : normal(points, triangles, t)) {
        out.putFloat((float) along);
      }
      for (int corner = 0; corner < 3; corner++) {
        for (int axis = 0; axis < 3; axis++) {
          out.putFloat((float) points[3 * triangles[t + corner] + axis]);
        }
      }
      out.putShort((short) 0);
    }
    return out.array();
  }

  private static double[] normal(double[] points, int[] triangles, int t) {
    int a = 3 * triangles[t];
    int b = 3 * triangles[t + 1];
    int c = 3 * triangles[t + 2];
    double ux = points[b] - points[a];
    double uy = points[b + 1] - points[a + 1];
    double uz = points[b + 2] - points[a + 2];
    double vx = points[c] - points[a];
    double vy = points[c + 1] - points[a + 1];
    double vz = points[c + 2] - points[a + 2];
    double[] normal = {uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx};
    double length =
        Math.sqrt(normal[0] * normal[0] + normal[1] * normal[1] + normal[2] * normal[2]);
    if (length == 0) {
      return new double[3];
    }
    for (int i = 0; i < 3; i++) {
      normal[i] /= length;
    }
    return normal;
  }

  /** 3MF: a zip with the model as XML. */
  static byte[] threeMf(NailMesh mesh, String title) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      entry(
          zip,
          "[Content_Types].xml",
          """
          <?xml version="1.0" encoding="UTF-8"?>
          <Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types">\
          <Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>\
          <Default Extension="model" ContentType="application/vnd.ms-package.3dmanufacturing-3dmodel+xml"/>\
          </Types>
          """);
      entry(
          zip,
          "_rels/.rels",
          """
          <?xml version="1.0" encoding="UTF-8"?>
          <Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">\
          <Relationship Target="/3D/3dmodel.model" Id="rel0" Type="http://schemas.microsoft.com/3dmanufacturing/2013/01/3dmodel"/>\
          </Relationships>
          """);
      entry(zip, "3D/3dmodel.model", model(mesh, title));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return bytes.toByteArray();
  }

  private static void entry(ZipOutputStream zip, String name, String content) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(content.getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
  }

  private static String model(NailMesh mesh, String title) {
    StringBuilder xml = new StringBuilder(mesh.points().length * 24);
    xml.append("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n")
        .append("<model unit=\"millimeter\" xml:lang=\"en\"")
        .append(" xmlns=\"http://schemas.microsoft.com/3dmanufacturing/core/2015/02\">")
        .append("<metadata name=\"Title\">")
        .append(title)
        .append("</metadata><resources><object id=\"1\" type=\"model\"><mesh><vertices>");
    double[] points = mesh.points();
    for (int i = 0; i < points.length; i += 3) {
      xml.append(
          String.format(
              Locale.ROOT,
              "<vertex x=\"%.4f\" y=\"%.4f\" z=\"%.4f\"/>",
              points[i],
              points[i + 1],
              points[i + 2]));
    }
    xml.append("</vertices><triangles>");
    int[] triangles = mesh.triangles();
    for (int t = 0; t < triangles.length; t += 3) {
      xml.append("<triangle v1=\"")
          .append(triangles[t])
          .append("\" v2=\"")
          .append(triangles[t + 1])
          .append("\" v3=\"")
          .append(triangles[t + 2])
          .append("\"/>");
    }
    return xml.append("</triangles></mesh></object></resources>")
        .append("<build><item objectid=\"1\"/></build></model>")
        .toString();
  }
}
