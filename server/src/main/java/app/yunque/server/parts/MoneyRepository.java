package app.yunque.server.parts;

import org.springframework.data.jpa.repository.JpaRepository;

interface MoneyRepository extends JpaRepository<MoneyEntity, Integer> {}
