package velnik.server.files;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.server.calls.ProblemException;

/** Drawings come out with what draws, and nothing that could run or lead out. */
public class DrawingsTest {
    private static final String BEGIN = "<svg xmlns='http://www.w3.org/2000/svg' "
            + "xmlns:xlink='http://www.w3.org/1999/xlink' viewBox='0 0 40 20'>";

    private record Cleaned(String text, Drawings.Size size) {}

    private static Cleaned clean(String drawing) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Drawings.Size size = Drawings.clean(new ByteArrayInputStream(drawing.getBytes(StandardCharsets.UTF_8)), out);
        return new Cleaned(out.toString(StandardCharsets.UTF_8), size);
    }

    @DataProvider
    public Object[][] hostile() {
        return new Object[][] {
            {"<script>alert(1)</script><path d='M0 0'/>"},
            {"<SCRIPT>alert(1)</SCRIPT>"},
            {"<path onload='alert(1)' onclick='alert(1)' d='M0 0'/>"},
            {"<a href='javascript:alert(1)'><path d='M0 0'/></a>"},
            {"<a xlink:href='java&#10;script:alert(1)'><path d='M0 0'/></a>"},
            {"<foreignObject><iframe src='javascript:alert(1)'/></foreignObject>"},
            {"<image href='https://elsewhere.example/a.png' width='4' height='4'/>"},
            {"<use href='https://elsewhere.example/a.svg#x'/>"},
            {"<use xlink:href='data:image/svg+xml,alert(1)'/>"},
            {"<style>@import url(https://elsewhere.example/a.css);</style>"},
            {"<style>path { fill: url(https://elsewhere.example/a.svg#x) }</style>"},
            {"<style>path { fill: u\\72l(https://elsewhere.example/) }</style>"},
            {"<path style='background: url(\"https://elsewhere.example/\")' d='M0 0'/>"},
            {"<path fill='url(https://elsewhere.example/#x)' d='M0 0'/>"},
            {"<animate attributeName='href' values='javascript:alert(1)'/>"},
            {"<set attributeName='onload' to='alert(1)'/>"},
            {"<h:script xmlns:h='http://www.w3.org/1999/xhtml'>alert(1)</h:script>"},
            {"<metadata><script>alert(1)</script></metadata>"},
            {"<?xml-stylesheet href='https://elsewhere.example/a.css'?>"},
            {"<!-- alert(1) https://elsewhere.example -->"}
        };
    }

    @Test(dataProvider = "hostile")
    public void clean_leavesNothingThatRunsOrLeadsOut(String inside) {
        String clean = clean(BEGIN + inside + "<rect width='3' height='3' fill='#2c6e63'/></svg>")
                .text();
        for (String never : new String[] {"script", "alert", "elsewhere", "onload", "onclick", "iframe", "import"}) {
            assertFalse(clean.toLowerCase(Locale.ROOT).contains(never), clean);
        }
        assertTrue(clean.contains("<rect width=\"3\" height=\"3\" fill=\"#2c6e63\">"), clean);
    }

    @Test
    public void clean_keepsWhatDraws() {
        String drawing = BEGIN
                + "<defs><linearGradient id='tide' gradientUnits='userSpaceOnUse'><stop offset='0' stop-color='#fff'/>"
                + "</linearGradient><style>.hull { fill: url(#tide); stroke-width: 2 }</style></defs>"
                + "<g transform='translate(1 2)'><path class='hull' d='M0 0h4' stroke-linecap='round'/>"
                + "<use xlink:href='#tide'/><text x='1' font-family='serif'>Brackwater &amp; Co</text></g></svg>";
        Cleaned clean = clean(drawing);
        for (String kept : new String[] {
            "gradientUnits=\"userSpaceOnUse\"",
            ".hull { fill: url(#tide); stroke-width: 2 }",
            "transform=\"translate(1 2)\"",
            "stroke-linecap=\"round\"",
            "href=\"#tide\"",
            "Brackwater &amp; Co"
        }) {
            assertTrue(clean.text().contains(kept), kept + " in " + clean.text());
        }
        assertEquals(clean.size(), new Drawings.Size(40, 20));
        assertEquals(clean(clean.text()).text(), clean.text());
    }

    @DataProvider
    public Object[][] sizes() {
        return new Object[][] {
            {"width='80' height='60px'", 80, 60},
            {"viewBox='0 0 400 100' width='100%'", 400, 100},
            {"viewBox='0,0,400,100' width='200'", 200, 50},
            {"", 300, 150},
            {"width='9999999' height='-3' viewBox='no'", 300, 150}
        };
    }

    @Test(dataProvider = "sizes")
    public void clean_tellsHowLargeItIs(String attributes, int width, int height) {
        String drawing = "<svg xmlns='http://www.w3.org/2000/svg' " + attributes + "><path d='M0 0'/></svg>";
        assertEquals(clean(drawing).size(), new Drawings.Size(width, height));
    }

    @DataProvider
    public Object[][] unreadable() {
        String bomb = "<!DOCTYPE svg [<!ENTITY a 'aaaaaaaaaa'><!ENTITY b '&a;&a;&a;&a;&a;&a;&a;&a;&a;&a;'>]>" + BEGIN
                + "<text>&b;</text></svg>";
        String outside = "<!DOCTYPE svg [<!ENTITY a SYSTEM 'file:///etc/passwd'>]>" + BEGIN + "<text>&a;</text></svg>";
        return new Object[][] {
            {bomb},
            {outside},
            {BEGIN},
            {"<svg"},
            {"<html><svg/></html>"},
            {"<g>".repeat(10) + "</g>".repeat(10)},
            {BEGIN + "<g>".repeat(10_000) + "</g>".repeat(10_000) + "</svg>"}
        };
    }

    @Test(dataProvider = "unreadable")
    public void clean_refusesWhatItCannotRead(String drawing) {
        assertThrows(ProblemException.class, () -> clean(drawing));
    }
}
