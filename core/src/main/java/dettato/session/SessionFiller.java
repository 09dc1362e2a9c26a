package dettato.session;

import dettato.activity.Activities;
import dettato.activity.Activity;
import dettato.activity.Item;
import dettato.activity.Needs;
import dettato.activity.Request;
import dettato.activity.Traits.Trait;
import dettato.choose.Material;
import dettato.focus.Focus;
import dettato.prompt.Prompt;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Fills a session from a template: what the class breaks before what it keeps, what is due, nothing
 * twice and nothing that was asked lately unless it is review. The same seed gives the same items.
 */
public final class SessionFiller {
  private final Activities book;

  public SessionFiller(Activities book) {
    this.book = book;
  }

  /**
   * What a session should be.
   *
   * @param recent texts and words of the sessions just before, not to be asked again
   * @param practised those of the last weeks, which no assessment asks
   */
  public record Wanted(
      List<Focus> focus, Needs needs, Set<String> recent, Set<String> practised, long seed) {
    public Wanted {
      focus = List.copyOf(focus);
      recent = Set.copyOf(recent);
      practised = Set.copyOf(practised);
    }

    /** The same, with more that was asked just before. */
    public Wanted after(Set<String> asked) {
      Set<String> all = new HashSet<>(recent);
      all.addAll(asked);
      return new Wanted(focus, needs, all, practised, seed + 1);
    }
  }

  /**
   * A block with its items.
   *
   * @param wanted how many the template asks for
   */
  public record Filled(String kind, Item.Role role, int wanted, List<Item> items) {
    public Filled {
      items = List.copyOf(items);
    }
  }

  /** The blocks of one day of a template. */
  public List<Filled> fill(Template template, int day, Wanted wanted, Material material) {
    boolean easy = template.days() > day;
    Set<String> taken = new HashSet<>();
    List<String> soFar = new ArrayList<>();
    List<Filled> blocks = new ArrayList<>();
    for (Template.Quota quota : template.on(day)) {
      Activity kind = book.of(quota.kind());
      Request request =
          new Request(
              wanted.focus,
              quota.count(),
              barred(kind, quota.role(), wanted, taken),
              quota.role(),
              wanted.needs,
              soFar,
              easy,
              wanted.seed);
      List<Item> items = kind.fill(request, material);
      items.forEach(i -> taken.addAll(asked(kind, i.prompt())));
      if (kind.traits().has(Trait.READ_BACK)) {
        items.forEach(i -> soFar.addAll(kind.words(i.prompt())));
      }
      int due = quota.role() == Item.Role.ASSESSED ? items.size() : quota.count();
      blocks.add(new Filled(kind.id(), quota.role(), due, items));
    }
    return blocks;
  }

  private static Set<String> barred(
      Activity kind, Item.Role role, Wanted wanted, Set<String> taken) {
    Set<String> barred = new HashSet<>(role == Item.Role.REVIEW ? Set.of() : wanted.recent);
    if (role == Item.Role.ASSESSED) {
      barred.addAll(wanted.practised);
    }
    if (kind.traits().has(Trait.MAY_REPEAT)) {
      barred.removeIf(text -> text.indexOf(' ') < 0);
    } else {
      barred.addAll(taken);
      barred.addAll(wanted.needs.secure());
    }
    return barred;
  }

  /** What an item asks: its text, and the words in it that are asked. */
  public static Set<String> asked(Activity kind, Prompt prompt) {
    Set<String> asked = new HashSet<>(kind.words(prompt));
    asked.add(prompt.text());
    return asked;
  }
}
