package ongle.app.salon;

import org.springframework.data.jpa.repository.JpaRepository;

/** The salon as stored. */
interface SalonRepository extends JpaRepository<Salon, Long> {}
