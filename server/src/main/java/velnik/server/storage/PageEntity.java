package velnik.server.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;

@Entity
@Table(name = "page")
class PageEntity extends OutlineRowEntity {}
