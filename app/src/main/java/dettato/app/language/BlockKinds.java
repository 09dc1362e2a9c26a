package dettato.app.language;

import dettato.block.BlockBook;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The kinds of block this school has. */
@Configuration
class BlockKinds {
  @Bean
  BlockBook blockBook() {
    return BlockBook.shipped();
  }
}
