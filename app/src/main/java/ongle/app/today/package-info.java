/**
 * The start page: appointments, infills due, what is unfinished; the calendar file.
 *
 * <p>Read first: {@link ongle.app.today.TodayController}.
 *
 * <p>May know: clients, planning, visits, wear, words.
 */
package ongle.app.today;
