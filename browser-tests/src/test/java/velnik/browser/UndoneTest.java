package velnik.browser;

import org.jspecify.annotations.Nullable;
import org.testng.ITestResult;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.BeforeMethod;

/** Errands of one person on one demo business that all in this process share, each begun with the boatyard as it was. */
abstract class UndoneTest extends BrowserTest {
    private static @Nullable RunningVelnik shared;

    RunningVelnik velnik;
    Owner mara;

    @BeforeClass
    public void findTheDemo() {
        if (shared == null) {
            shared = RunningVelnik.demo();
        }
        velnik = shared;
    }

    @BeforeMethod
    public void signIn() {
        mara = new Owner(velnik, wide());
        begins();
    }

    /** At the editor, where most errands begin. */
    void begins() {
        mara.signsIn();
    }

    /** An errand that failed may have left its calls held or its session over: then a fresh browser tidies up. */
    @AfterMethod(alwaysRun = true)
    public void undo(ITestResult errand) {
        if (!errand.isSuccess()) {
            mara = new Owner(velnik, wide());
            mara.signsIn();
        }
        mara.undoesEverythingAndPublishes();
    }
}
