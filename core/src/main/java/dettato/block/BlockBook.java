package dettato.block;

import dettato.input.ById;
import dettato.input.Unacceptable;
import java.util.List;

/** The kinds of block, in the order they are offered. */
public final class BlockBook {
  private static final BlockBook SHIPPED =
      new BlockBook(
          List.of(
              new WordsBlock(),
              new SentenceBlock(),
              new IrregularBlock(),
              new JoinBlock(),
              new GapBlock(),
              new PairsBlock(),
              new ChainBlock(),
              new BeatsBlock(),
              new MadeUpBlock(),
              new SoundsBlock(),
              new CardsBlock(),
              new ListenBlock(),
              new SortBlock(),
              new MatchBlock(),
              new HuntBlock(),
              new QuestionsBlock(),
              new SlipBlock(),
              new MarkUpBlock(),
              new OwnSentenceBlock(),
              new ReadBlock()));

  private final List<BlockKind> kinds;

  public BlockBook(List<BlockKind> kinds) {
    this.kinds = List.copyOf(kinds);
  }

  public static BlockBook shipped() {
    return SHIPPED;
  }

  public List<BlockKind> kinds() {
    return kinds;
  }

  /**
   * The kind with this id.
   *
   * @throws Unacceptable naming the kinds there are
   */
  public BlockKind of(String id) {
    return ById.find(kinds, BlockKind::id, id, "kind of block");
  }
}
