package dettato.app.school;

import org.springframework.data.repository.ListCrudRepository;

interface PupilRows extends ListCrudRepository<PupilRow, Long> {}
