package velnik.core.enquiry;

import static org.testng.Assert.assertEquals;
import static velnik.core.SiteScript.brackwater;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.site.EnquiryForm;
import velnik.core.site.EnquiryForm.Kind;
import velnik.core.site.PageId;

/** What forms may ask, and what counts as an answer. */
public class EnquiryTest {
    private static final PageId CONTACT = brackwater().page("Contact");

    private static Change.FormField field(Kind kind, String label, String... choices) {
        return new Change.FormField(kind, label, true, List.of(choices));
    }

    private static Change.SetForm form(Change.FormField... fields) {
        return new Change.SetForm(CONTACT, List.of(fields));
    }

    @Test
    public void formIsAskedFor_asItWasTyped_withoutWhatIsTooMuch() {
        SiteScript script = brackwater()
                .does(form(
                        field(Kind.NAME, "  Your   name ", "ignored"),
                        field(Kind.CHOICE, "Boat", "Canoe", " ", "Kayak", "Canoe")));
        script.says("The enquiry form of Contact is saved.");
        assertEquals(
                script.site().pages().get(CONTACT).form(),
                new EnquiryForm(List.of(
                        new EnquiryForm.Field(Kind.NAME, "Your name", true, List.of()),
                        new EnquiryForm.Field(Kind.CHOICE, "Boat", true, List.of("Canoe", "Kayak")))));
        script.does(form());
        script.says("Contact has no enquiry form now.");
        assertEquals(script.site().pages().get(CONTACT).form(), null);
    }

    @DataProvider
    public Object[][] refused() {
        return new Object[][] {
            {form(field(Kind.NAME, " ")), Refusal.FieldMalformed.class},
            {form(field(Kind.NAME, "x".repeat(201))), Refusal.FieldMalformed.class},
            {form(field(Kind.NAME, "Name"), field(Kind.WORDS, "name ")), Refusal.FieldsAlike.class},
            {form(field(Kind.CHOICE, "Boat", "Canoe", " Canoe ")), Refusal.ChoicesMissing.class},
            {form(field(Kind.CHOICE, "Boat", "x".repeat(201), "y")), Refusal.TooManyChoices.class},
            {
                form(Collections.nCopies(21, field(Kind.NAME, "Name")).toArray(Change.FormField[]::new)),
                Refusal.TooManyFields.class
            },
            {new Change.SetForm(brackwater().page("Moorings"), List.of()), Refusal.NoTextOf.class},
            {new Change.SetForm(new PageId("never-was"), List.of()), Refusal.PageUnknown.class}
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeAsked_isRefused(Change change, Class<? extends Refusal> why) {
        brackwater().refuses(change, why);
    }

    private static final EnquiryForm ALL = new EnquiryForm(List.of(
            new EnquiryForm.Field(Kind.NAME, "Name", true, List.of()),
            new EnquiryForm.Field(Kind.MAIL, "Mail", false, List.of()),
            new EnquiryForm.Field(Kind.PHONE, "Phone", false, List.of()),
            new EnquiryForm.Field(Kind.DATE, "Day", false, List.of()),
            new EnquiryForm.Field(Kind.CHOICE, "Boat", false, List.of("Canoe", "Kayak")),
            new EnquiryForm.Field(Kind.WORDS, "Words", false, List.of())));

    @DataProvider
    public Object[][] values() {
        return new Object[][] {
            {0, "  Ada\u0000  Byron ", "Ada Byron"},
            {0, " ", Enquiry.Problem.MISSING},
            {0, "x".repeat(201), Enquiry.Problem.TOO_LONG},
            {1, "ada@brackwater.example", "ada@brackwater.example"},
            {1, "ada", Enquiry.Problem.NO_MAIL},
            {1, "ada@brackwater.example\r\nBcc: all@brackwater.example", Enquiry.Problem.NO_MAIL},
            {1, "ada@brackwater.example?bcc=all@brackwater.example", Enquiry.Problem.NO_MAIL},
            {1, "ada@a.example, bob@b.example", Enquiry.Problem.NO_MAIL},
            {2, "01632 960 111", "01632 960 111"},
            {2, "ring me", Enquiry.Problem.NO_PHONE},
            {3, "2027-05-01", "2027-05-01"},
            {3, "soon", Enquiry.Problem.NO_DATE},
            {3, "+999999999-12-31", Enquiry.Problem.NO_DATE},
            {4, "Kayak", "Kayak"},
            {4, "Yacht", Enquiry.Problem.NO_CHOICE},
            {5, " one\r\ntwo\u0007 ", "one\ntwo"},
            {5, "x".repeat(5_001), Enquiry.Problem.TOO_LONG}
        };
    }

    @Test(dataProvider = "values")
    public void value_isTakenAsAsked_orTheProblemIsNamed(int field, String typed, Object becomes) {
        List<String> sent = new ArrayList<>(Collections.nCopies(6, ""));
        sent.set(0, "Ada");
        sent.set(field, typed);
        switch (Enquiry.read(ALL, sent)) {
            case Enquiry.Taken taken -> assertEquals(taken.answers().get(field).value(), becomes);
            case Enquiry.Faulty faulty -> assertEquals(faulty.problems(), Map.of(field, becomes));
        }
    }

    @Test
    public void nothingSent_lacksWhatIsRequired_andEveryProblemIsToldAtOnce() {
        assertEquals(Enquiry.read(ALL, List.of()), new Enquiry.Faulty(Map.of(0, Enquiry.Problem.MISSING)));
        assertEquals(
                Enquiry.read(ALL, List.of("", "no", "no")),
                new Enquiry.Faulty(
                        Map.of(0, Enquiry.Problem.MISSING, 1, Enquiry.Problem.NO_MAIL, 2, Enquiry.Problem.NO_PHONE)));
    }
}
