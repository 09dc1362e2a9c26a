package dettato.app.text;

import org.springframework.data.jpa.repository.JpaRepository;

interface OwnTextRows extends JpaRepository<OwnTextRow, Long> {}
