package dettato.app.language;

import org.springframework.data.jpa.repository.JpaRepository;

interface OwnWordRows extends JpaRepository<OwnWordRow, String> {}
