/**
 * Who does what when: a technician, a lamp and two hands, each with one thing at a time.
 *
 * <p>Read first: {@link ongle.core.schedule.Scheduler}.
 *
 * <p>May know: nothing of the other packages.
 */
@org.jspecify.annotations.NullMarked
package ongle.core.schedule;
