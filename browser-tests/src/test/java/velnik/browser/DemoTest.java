package velnik.browser;

import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;

/** Tests on one demo business, which no two of them disturb in the same place. */
abstract class DemoTest extends BrowserTest {
    RunningVelnik velnik;

    @BeforeClass
    public void startDemo() {
        velnik = RunningVelnik.demo();
    }

    @AfterClass(alwaysRun = true)
    public void stopDemo() {
        velnik.close();
    }
}
