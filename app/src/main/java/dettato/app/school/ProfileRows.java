package dettato.app.school;

import org.springframework.data.jpa.repository.JpaRepository;

interface ProfileRows extends JpaRepository<ProfileRow, Long> {}
