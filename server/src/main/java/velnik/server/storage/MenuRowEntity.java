package velnik.server.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;

@Entity
@Table(name = "menu_row")
class MenuRowEntity extends OutlineRowEntity {}
