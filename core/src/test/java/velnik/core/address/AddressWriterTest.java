package velnik.core.address;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.net.URI;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.site.Site;

public class AddressWriterTest {
    private static final AddressWriter UNOPENED =
            AddressWriter.withQuery(AddressWriter.under("/w"), Set.of("/hire/skiffs"), "unopened=true");

    @DataProvider
    public Object[][] forms() {
        return new Object[][] {
            {AddressWriter.fromRoot(), "/hire/canoes", "/hire/canoes"},
            {AddressWriter.under("/-/window/t0k3n"), "/hire/canoes", "/-/window/t0k3n/hire/canoes"},
            {AddressWriter.absolute("https://brackwater.example"), "/", "https://brackwater.example/"},
            {UNOPENED, "/hire/skiffs", "/w/hire/skiffs?unopened=true"},
            {UNOPENED, "/hire/skiffs#oars", "/w/hire/skiffs?unopened=true#oars"},
            {UNOPENED, "/hire/skiffs?q=oars", "/w/hire/skiffs?q=oars"},
            {UNOPENED, "/hire", "/w/hire"},
            {AddressWriter.relativeTo("/hire/canoes"), "/hire/prices", "../hire/prices"},
            {AddressWriter.relativeTo("/hire/canoes"), "/hire", "../hire"},
            {AddressWriter.relativeTo("/hire/canoes"), "/", "../"},
            {AddressWriter.relativeTo("/hire"), "/hire/canoes", "./hire/canoes"},
            {AddressWriter.relativeTo("/hire"), "/hired", "./hired"},
            {AddressWriter.relativeTo("/"), "/", "./"},
            {AddressWriter.relativeTo("/repairs/engines/outboards"), "/hire/canoes", "../../hire/canoes"},
        };
    }

    @Test(dataProvider = "forms")
    public void write_givesTheAddressForWhereItIsRead(AddressWriter writer, String address, String written) {
        assertEquals(writer.write(address), written);
    }

    /** As browsers resolve it. */
    @Test
    public void relative_resolvedAgainstItsBase_isTheAddress() {
        Site site = SiteScript.brackwater().site();
        List<String> addresses = site.pages().walk().stream()
                .map(branch -> Addresses.of(site, branch.id()))
                .toList();
        for (String base : addresses) {
            for (String address : addresses) {
                URI link = URI.create(AddressWriter.relativeTo(base).write(address));
                assertEquals(URI.create(base).resolve(link).normalize().toString(), address, base);
            }
        }
    }

    @Test
    public void bases_thatAreNone_areRefused() {
        assertThrows(IllegalArgumentException.class, () -> AddressWriter.relativeTo("hire"));
        assertThrows(IllegalArgumentException.class, () -> AddressWriter.under("/-/window/"));
    }
}
