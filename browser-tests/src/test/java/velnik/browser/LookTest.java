package velnik.browser;

import org.testng.annotations.DataProvider;

/** What is tried in each look. */
abstract class LookTest extends UndoneTest {
    @DataProvider
    public Object[][] looks() {
        return new Object[][] {{"STAITHE"}, {"WEIR"}, {"TOWPATH"}, {"TIDETABLE"}};
    }

    void wears(String look) {
        mara.publishesAtOnce("{'kind':'setLook','look':'" + look + "'}");
    }
}
