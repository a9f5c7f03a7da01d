package velnik.server.storage;

import static java.util.Objects.requireNonNull;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import jakarta.persistence.EntityManagerFactory;
import java.util.Properties;
import org.flywaydb.core.Flyway;
import org.hibernate.jpa.HibernatePersistenceConfiguration;
import org.springframework.beans.factory.config.YamlPropertiesFactoryBean;
import org.springframework.core.io.ClassPathResource;

/** The real storage on a real file, without a server around it. Opened with the settings that the server has. */
public final class OpenedStorage implements AutoCloseable {
    private final HikariDataSource dataSource;
    private final EntityManagerFactory entityManagers;
    private final SiteStore sites;
    private final ReleaseStore releases;

    private OpenedStorage(String url, boolean forcing) {
        HikariConfig pool = new HikariConfig();
        pool.setJdbcUrl(url);
        pool.setUsername("sa");
        pool.setPassword("");
        pool.setMaximumPoolSize(3);
        dataSource = new HikariDataSource(pool);
        Flyway.configure().dataSource(dataSource).load().migrate();
        entityManagers = new HibernatePersistenceConfiguration("velnik")
                .managedClasses(
                        PageEntity.class,
                        MenuRowEntity.class,
                        RemovalEntity.class,
                        AssignmentEntity.class,
                        SiteEntity.class,
                        JournalEntity.class,
                        ReleaseEntity.class,
                        PublishedPageEntity.class,
                        TextEntity.class,
                        PersonEntity.class)
                .property("hibernate.connection.datasource", dataSource)
                .property("hibernate.hbm2ddl.auto", "none")
                .createEntityManagerFactory();
        Durability durability = forcing ? new Durability(dataSource) : new Forgetful(dataSource);
        StoredForms forms = new StoredForms();
        sites = new HibernateSiteStore(entityManagers, forms, durability);
        releases = new HibernateReleaseStore(entityManagers, forms, durability);
    }

    /** Does not force anything, to show that the tests would notice. */
    private static final class Forgetful extends Durability {
        Forgetful(HikariDataSource dataSource) {
            super(dataSource);
        }

        @Override
        void force() {}
    }

    /** @param folder may begin with a scheme that H2 knows a file layer for */
    public static OpenedStorage in(String folder) {
        return new OpenedStorage(url(folder), true);
    }

    static OpenedStorage withoutForcing(String folder) {
        return new OpenedStorage(url(folder), false);
    }

    static String url(String folder) {
        YamlPropertiesFactoryBean yaml = new YamlPropertiesFactoryBean();
        yaml.setResources(new ClassPathResource("application.yaml"));
        Properties properties = requireNonNull(yaml.getObject());
        return properties.getProperty("spring.datasource.url").replace("${velnik.data}", folder);
    }

    public SiteStore sites() {
        return sites;
    }

    public ReleaseStore releases() {
        return releases;
    }

    @Override
    public void close() {
        entityManagers.close();
        dataSource.close();
    }
}
