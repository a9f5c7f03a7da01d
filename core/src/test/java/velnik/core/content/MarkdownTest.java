package velnik.core.content;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class MarkdownTest {

    @DataProvider
    public Object[][] texts() {
        return new Object[][] {
            {"**Turn** when", "<p><strong>Turn</strong> when</p>\n"},
            {"# Title", "<h2>Title</h2>\n"},
            {"<script>alert(1)</script>", "<p>&lt;script&gt;alert(1)&lt;/script&gt;</p>\n"},
            {"[x](javascript:alert(1))", "<p>x</p>\n"},
            {"[x](https://tides.example)", "<p><a href=\"https://tides.example\">x</a></p>\n"},
            {"![x](https://tides.example/a.png)", "<p></p>\n"},
        };
    }

    @Test(dataProvider = "texts")
    public void toHtml_keepsOnlyWhatIsAllowed(String text, String html) {
        assertEquals(Markdown.toHtml(text), html);
    }

    @DataProvider
    public Object[][] words() {
        return new Object[][] {
            {
                "# Title\n\nOne\nline, `code`.\n\n- **first**\n- [second](https://tides.example)",
                "Title\nOne line, code.\nfirst\nsecond"
            },
            {"one  \ntwo", "one\ntwo"},
            {"    indented\n\n```\nfenced\n```", "indented\n\nfenced"},
            {"", ""},
        };
    }

    @Test(dataProvider = "words")
    public void toPlain_keepsTheWords_aLineForEachParagraph(String text, String words) {
        assertEquals(Markdown.toPlain(text), words);
    }
}
