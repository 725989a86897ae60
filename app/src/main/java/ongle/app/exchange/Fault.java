package ongle.app.exchange;

/**
 * Something wrong in a set file.
 *
 * @param field path in the file, such as {@code nails[2].widthMm}
 * @param problem what is wrong
 * @param allowed what may stand there
 */
record Fault(String field, String problem, String allowed) {}
