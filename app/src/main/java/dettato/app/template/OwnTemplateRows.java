package dettato.app.template;

import org.springframework.data.jpa.repository.JpaRepository;

interface OwnTemplateRows extends JpaRepository<OwnTemplateRow, Long> {}
