/** Who does what when: a technician, a lamp and two hands, each with one thing at a time. */
package ongle.core.schedule;
