package canthook.server.calendar;

import canthook.finish.Calendar.Placed;
import canthook.finish.Days;
import canthook.server.calendar.ShopCalendar.Under;
import canthook.server.calendar.ShopCalendar.Whole;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.List;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.TimeZone;
import net.fortuna.ical4j.model.TimeZoneRegistry;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.component.VTimeZone;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.LastModified;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableMethod;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/**
 * Boxes as a calendar file (RFC 5545): an event a step that wants hands.
 *
 * <p>An event keeps its id as long as its box has that step (and that go at it, where a step takes several), and every file is newer than the one before, so that a program that reads it
 * again moves events and does not double them. What is done stays for two weeks at the time it was done.
 */
final class CalendarFile {
    private static final Duration KEPT = Duration.ofDays(14);
    /** Numbers of versions begin here, so that minutes since then fit them. */
    private static final Instant BEGIN = Instant.parse("2020-01-01T00:00:00Z");

    private CalendarFile() {}

    /**
     * @param boxes which of them
     * @param address of the front end, for links back
     */
    static String of(Whole whole, List<Under> boxes, String address) {
        ZonedDateTime now = whole.now();
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Cant Hook//Steps of boxes//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableMethod.PUBLISH);
        calendar.add(new XProperty("X-WR-CALNAME", "Boxes"));
        // how often a program that subscribes asks again
        calendar.add(new XProperty("X-PUBLISHED-TTL", "PT1H"));
        TimeZoneRegistry zones = TimeZoneRegistryFactory.getInstance().createRegistry();
        TimeZone zone = zones.getTimeZone(now.getZone().getId());
        if (zone != null) {
            // where the zone was found is of no use to a reader, and names a stranger
            VTimeZone own = zone.getVTimeZone().copy();
            own.removeAll(Property.TZURL);
            calendar.add(own);
        }
        int version = (int) Duration.between(BEGIN, now.toInstant()).toMinutes();
        for (Under box : boxes) {
            for (Placed p : box.calendar().placed()) {
                if (p.takes().isZero() || p.done() && p.to().isBefore(now.minus(KEPT))) {
                    continue;
                }
                calendar.add(event(box, p, now, zone != null, version, address));
            }
        }
        return calendar.toString();
    }

    private static VEvent event(Under box, Placed p, ZonedDateTime now, boolean zoned, int version, String address) {
        // a zone without a name in the list of zones is told as the moments it stands for
        ZonedDateTime from = zoned ? p.from() : p.from().withZoneSameInstant(ZoneOffset.UTC);
        ZonedDateTime to = zoned ? p.to() : p.to().withZoneSameInstant(ZoneOffset.UTC);
        VEvent event = new VEvent(
                from, to, (p.done() ? "✓ " : "") + box.worked().plan().name() + ": " + p.says());
        event.add(new Uid(box.id() + "." + p.id() + "@cant-hook"));
        event.add(new Sequence(version));
        event.add(new LastModified(now.toInstant()));
        String dries = !p.dries()
                ? ""
                : "Then it dries " + Days.takes(p.task().waits()) + ", until "
                        + Days.day(p.dry().toLocalDate(), now) + " " + Days.time(p.dry()) + ".\n";
        event.add(new Description(dries + address + "/boxes/" + box.id() + "/finish"));
        return event;
    }
}
