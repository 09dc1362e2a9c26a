package dettato.app.print;

import dettato.activity.Activities;
import dettato.activity.Form;
import dettato.activity.Traits.Answer;
import dettato.activity.Traits.Trait;
import dettato.app.notation.ClassMarks;
import dettato.app.school.SchoolClass;
import dettato.app.session.SheetView.BlockView;
import dettato.app.session.SheetView.ItemView;
import dettato.app.session.SheetView.SessionView;
import dettato.choose.Material;
import dettato.notation.Legend;
import dettato.profile.Wording;
import dettato.prompt.Prompt;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;

/** A session with all that its papers are made from. */
record Printed(
    SessionView session,
    SchoolClass of,
    List<String> children,
    Material material,
    ClassMarks.Hand hand,
    Activities book) {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.UK);

  /** How texts are said to the class. */
  Wording wording() {
    return of.wording();
  }

  String day() {
    return DAY.format(session.date());
  }

  /** What stands on the sheet for a block. */
  List<Form> forms(BlockView block) {
    List<Prompt> items = block.items().stream().map(ItemView::prompt).toList();
    return book.of(block.kind()).forms(items, material);
  }

  /** How many of them have a number on the sheet, and so in the key. */
  static int numbered(List<Form> forms) {
    return (int)
        forms.stream().filter(f -> f instanceof Form.Room || f instanceof Form.Choice).count();
  }

  boolean has(BlockView block, Trait trait) {
    return book.of(block.kind()).traits().has(trait);
  }

  Answer answer(BlockView block) {
    return book.of(block.kind()).traits().answer();
  }

  /** Whether it is one word, with its marks. */
  static boolean isOneWord(ItemView item) {
    return item.drawing() != null;
  }

  /** An item with its marks. */
  void model(Html html, ItemView item) {
    if (item.drawing() == null) {
      model(html, item.text(), item.focus());
    } else {
      html.drawn(item.drawing());
    }
  }

  /** A word with its marks, a sentence phrase by phrase, anything else as it is. */
  void model(Html html, String text, int focus) {
    if (text.matches("[\\p{L}'’-]+")) {
      html.drawn(hand.word(material.word().apply(text), focus));
    } else if (text.matches("\\p{Lu}.*\\s.*[.?!]")) {
      hand.sentence(text).forEach(p -> html.drawn(p).say(" "));
    } else {
      html.line("span", "word", text);
    }
  }

  /** Words with room to write each of them twice. */
  void practise(Html html, List<ItemView> words) {
    html.in(
        "table",
        "home",
        () ->
            words.forEach(
                w ->
                    html.in(
                        "tr",
                        "",
                        () ->
                            html.in("td", "model", () -> model(html, w))
                                .empty("td", "write")
                                .empty("td", "write"))));
  }

  /** What the marks mean, beside whatever is drawn with them. */
  void legend(Html html) {
    List<Legend.Entry> entries = session.legend();
    if (!entries.isEmpty()) {
      html.in(
          "div",
          "legend",
          () ->
              entries.forEach(
                  e ->
                      html.in(
                          "span",
                          "entry",
                          () -> html.drawn(e.drawing()).say(" " + wording().said(e.title())))));
    }
  }
}
