package dettato.app.account;

import java.util.Optional;
import org.springframework.data.repository.ListCrudRepository;

interface AccountRows extends ListCrudRepository<AccountRow, Long> {
  Optional<AccountRow> findByName(String name);
}
