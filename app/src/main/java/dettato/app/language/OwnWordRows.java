package dettato.app.language;

import org.springframework.data.repository.ListCrudRepository;

interface OwnWordRows extends ListCrudRepository<OwnWordRow, String> {}
