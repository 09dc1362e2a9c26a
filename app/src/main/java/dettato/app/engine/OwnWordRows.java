package dettato.app.engine;

import org.springframework.data.jpa.repository.JpaRepository;

interface OwnWordRows extends JpaRepository<OwnWordRow, String> {}
