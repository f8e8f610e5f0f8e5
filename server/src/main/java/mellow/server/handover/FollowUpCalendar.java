package mellow.server.handover;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VAlarm;
import biweekly.component.VEvent;
import biweekly.parameter.Related;
import biweekly.property.Trigger;
import biweekly.util.DateTimeComponents;
import biweekly.util.Duration;
import biweekly.util.ICalDate;
import java.time.LocalDate;
import java.util.UUID;
import mellow.server.handover.HandOverPage.FollowUpView;
import mellow.server.platform.Product;
import mellow.server.wire.Spoken;

/** What to come back for as a calendar's file (RFC 5545), a day long each, with a reminder. */
final class FollowUpCalendar {
  private FollowUpCalendar() {}

  static String of(HandOverPage page) {
    ICalendar calendar = new ICalendar();
    calendar.setProductId("-//" + Product.NAME + "//hand-over " + Product.VERSION + "//EN");
    String vehicle = page.vehicle().name() + ", " + page.vehicle().nickname();
    for (FollowUpView one : page.followUps()) {
      VEvent event = new VEvent();
      // the same follow-up has the same id each time, so that a calendar does not show it twice
      event.setUid(
          UUID.nameUUIDFromBytes(
                  (page.job().id() + (one.id().isEmpty() ? one.what() : one.id()))
                      .getBytes(java.nio.charset.StandardCharsets.UTF_8))
              .toString());
      event.setSummary(one.what() + ": " + vehicle);
      event.setDescription(
          Spoken.words(
              HandoverWords.calendar(
                  one.from().toString(), one.latest().toString(), one.because())));
      event.setDateStart(day(one.from()));
      event.setDateEnd(day(one.from().plusDays(1)));
      event.addAlarm(
          VAlarm.display(
              new Trigger(Duration.builder().prior(true).days(1).build(), Related.START),
              one.what()));
      calendar.addEvent(event);
    }
    return Biweekly.write(calendar).go();
  }

  private static ICalDate day(LocalDate day) {
    return new ICalDate(
        new DateTimeComponents(day.getYear(), day.getMonthValue(), day.getDayOfMonth()), false);
  }
}
