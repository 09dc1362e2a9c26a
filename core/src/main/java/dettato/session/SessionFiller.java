package dettato.session;

import dettato.block.BlockBook;
import dettato.block.BlockKind;
import dettato.block.Item;
import dettato.block.Needs;
import dettato.block.Request;
import dettato.exercise.Material;
import dettato.focus.Focus;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Fills a session from a template: what the class breaks before what it keeps, what is due, nothing
 * twice and nothing that was asked lately unless it is review. The same seed gives the same items.
 */
public final class SessionFiller {
  private final BlockBook book;

  public SessionFiller(BlockBook book) {
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
      BlockKind kind = book.of(quota.kind());
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
      items.forEach(i -> taken.addAll(asked(kind, i.text())));
      if (kind.isReadBack()) {
        items.forEach(i -> soFar.addAll(kind.words(i.text())));
      }
      int due = quota.role() == Item.Role.ASSESSED ? items.size() : quota.count();
      blocks.add(new Filled(kind.id(), quota.role(), due, items));
    }
    return blocks;
  }

  private static Set<String> barred(
      BlockKind kind, Item.Role role, Wanted wanted, Set<String> taken) {
    Set<String> barred = new HashSet<>(role == Item.Role.REVIEW ? Set.of() : wanted.recent);
    if (role == Item.Role.ASSESSED) {
      barred.addAll(wanted.practised);
    }
    if (kind.mayRepeat()) {
      barred.removeIf(text -> text.indexOf(' ') < 0);
    } else {
      barred.addAll(taken);
      barred.addAll(wanted.needs.secure());
    }
    return barred;
  }

  /** What an item asks: its text, and the words in it that are asked. */
  public static Set<String> asked(BlockKind kind, String text) {
    Set<String> asked = new HashSet<>(kind.words(text));
    asked.add(text);
    return asked;
  }
}
