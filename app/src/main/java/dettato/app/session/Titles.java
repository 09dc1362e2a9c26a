package dettato.app.session;

import dettato.activity.Activities;
import dettato.activity.Activity;
import dettato.activity.Item;
import dettato.activity.Traits.Trait;
import dettato.app.school.SchoolClass;
import dettato.focus.Focus;
import dettato.profile.Wording;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * What sessions and blocks are called: as a teacher typed it, letter by letter; else what they are
 * about, in the words of their class. Of the two only the first is ever kept.
 */
final class Titles {
  private final Wording wording;

  private Titles(Wording wording) {
    this.wording = wording;
  }

  static Titles of(SchoolClass of) {
    return new Titles(of.wording());
  }

  /** A session's own title, or what it is about. */
  String of(SessionRow row, List<Focus> focus) {
    return row.title().isEmpty() ? wording.said(usual(focus)) : row.title();
  }

  /** A block's own title, or what its kind is called. */
  String of(PlannedBlocks.Planned planned, Activities book) {
    String own = planned.block().title();
    return own.isEmpty()
        ? wording.said(usual(book.of(planned.block().kind()), planned.block().role()))
        : own;
  }

  /** What is kept of a session's title that came back: nothing, where it is as it was made. */
  String kept(String title, List<Focus> focus) {
    return kept(title, usual(focus));
  }

  /** What is kept of a block's title that came back. */
  String kept(String title, Activity kind, Item.Role role) {
    return kept(title, usual(kind, role));
  }

  private String kept(String title, String usual) {
    String typed = title.strip();
    return typed.equals(usual) || typed.equals(wording.said(usual)) ? "" : typed;
  }

  private static String usual(List<Focus> focus) {
    return focus.stream().map(Focus::title).collect(Collectors.joining(" · "));
  }

  private static String usual(Activity kind, Item.Role role) {
    return switch (role) {
      case REVIEW ->
          kind.traits().has(Trait.READ_BACK)
              ? "Review " + kind.title().toLowerCase(Locale.UK)
              : kind.title();
      case ASSESSED -> kind.title() + ", unaided";
      case FOCUS, OWN -> kind.title();
    };
  }
}
