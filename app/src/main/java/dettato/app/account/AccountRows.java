package dettato.app.account;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.ListCrudRepository;

interface AccountRows extends ListCrudRepository<AccountRow, Long> {
  Optional<AccountRow> findByName(String name);

  List<AccountRow> findAllByOrderByName();

  /** Fails when there is a first account already, also one made at this very moment. */
  @Modifying
  @Query(nativeQuery = true, value = "insert into founder (id, account_id) values (1, :account)")
  void found(Long account);
}
