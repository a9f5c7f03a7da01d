package velnik.server;

import java.io.IOException;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;

/** What one class tests over HTTP, on a demo business of its own. */
public abstract class OnTheDemo {
    protected Started server;
    protected Caller mara;

    @BeforeClass
    public void start() throws IOException {
        server = Started.demo();
        mara = server.mara();
    }

    @AfterClass(alwaysRun = true)
    public void stop() {
        server.close();
    }
}
