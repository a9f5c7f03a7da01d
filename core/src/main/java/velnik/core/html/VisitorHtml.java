package velnik.core.html;

import gg.jte.ContentType;
import gg.jte.TemplateEngine;
import gg.jte.TemplateOutput;
import gg.jte.output.StringOutput;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.address.AddressWriter;
import velnik.core.address.Addresses;
import velnik.core.navigation.SiteNavigation;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Days;
import velnik.core.reach.Openings;
import velnik.core.site.Layout;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Reach;
import velnik.core.site.Site;

/**
 * Writes whole pages as visitors get them. The published site and the owner's preview both call this, with another
 * {@link Site} and another {@link Frame}.
 */
public final class VisitorHtml {
    private static final TemplateEngine TEMPLATES =
            TemplateEngine.createPrecompiled(null, ContentType.Html, null, "velnik.core.html.templates");

    private final Site site;
    private final SiteNavigation navigation;
    private final Openings openings;
    private final Frame frame;

    public VisitorHtml(Site site, SiteNavigation navigation, Frame frame) {
        this.site = site;
        this.navigation = navigation;
        this.openings = navigation.openings();
        this.frame = frame;
    }

    /** @param text of the page, as safe HTML */
    public String page(PageId id, String text) {
        Page page = site.pages().get(id);
        boolean withheld = !Access.of(site, id, openings).isGettable();
        return inTheTree(
                id,
                page.summary(),
                page.keptFromSearchEngines() || withheld,
                text,
                subpages(site.pages().branch(id)));
    }

    /**
     * What stands at the address of a page outside its periods.
     *
     * @throws java.util.NoSuchElementException when it never opens again
     */
    public String closed(PageId id) {
        Instant again = Access.opensAgain(site, id, openings).orElseThrow();
        String summary = "Closed now. Opens again on " + Days.opening(again, openings.zone()) + ".";
        return inTheTree(id, summary, site.pages().get(id).keptFromSearchEngines(), "", List.of());
    }

    private String inTheTree(PageId id, String summary, boolean noIndex, String text, List<PageView.Link> subpages) {
        Page page = site.pages().get(id);
        return render(
                "page.jte",
                new PageView(
                        frame,
                        site.details().name(),
                        written("/"),
                        id,
                        heading(id, page),
                        summary,
                        canonical(Addresses.of(site, id)),
                        noIndex,
                        page.layout(),
                        navigation.forPage(id),
                        trail(id),
                        text,
                        subpages,
                        this::addressOf));
    }

    /** The page for an address that leads nowhere, with the site's menus in place. */
    public String notFound() {
        return render(
                "not-found.jte",
                new PageView(
                        frame,
                        site.details().name(),
                        written("/"),
                        null,
                        "Not found",
                        "",
                        null,
                        true,
                        Layout.STANDARD,
                        navigation.forPage(null),
                        List.of(),
                        "",
                        listed(site.pages().top()),
                        this::addressOf));
    }

    /** Owners call the page Home; visitors have arrived at the business. */
    private String heading(PageId id, Page page) {
        String name = site.details().name();
        return site.isHome(id) && !name.isEmpty() ? name : page.title();
    }

    private @Nullable String canonical(String address) {
        String origin = site.details().address();
        return origin.isEmpty() ? null : AddressWriter.absolute(origin).write(address);
    }

    private List<PageView.Step> trail(PageId id) {
        List<PageView.Step> steps = new ArrayList<>();
        if (site.home() != null && !site.isHome(id)) {
            steps.add(new PageView.Step(site.pages().get(site.home()).title(), written("/")));
        }
        List<Branch<PageId, Page>> path = site.pages().pathTo(id);
        for (Branch<PageId, Page> step : path.subList(0, path.size() - 1)) {
            if (!site.isHome(step.id()) && Access.of(site, step.id(), openings).isGettable()) {
                boolean group = step.value().kind() == PageKind.GROUP;
                steps.add(new PageView.Step(step.value().title(), group ? null : addressOf(step.id())));
            }
        }
        return steps;
    }

    private List<PageView.Link> subpages(Branch<PageId, Page> branch) {
        return Access.of(site, branch.id(), openings).isListed() && !site.isHome(branch.id())
                ? listed(branch.children())
                : List.of();
    }

    private List<PageView.Link> listed(List<Branch<PageId, Page>> pages) {
        return pages.stream()
                .filter(page -> Access.reachOf(site, page) == Reach.OPEN && openings.run(Access.periodsOf(site, page)))
                .filter(page -> page.value().kind() != PageKind.GROUP
                        || Access.leadsOnTo(site, page.id(), openings).isPresent())
                .map(page ->
                        new PageView.Link(page.value().title(), page.value().summary(), addressOf(page.id())))
                .toList();
    }

    private String addressOf(PageId page) {
        return written(Addresses.of(site, page));
    }

    private String written(String address) {
        return frame.addresses().write(address);
    }

    private static String render(String template, PageView view) {
        TemplateOutput output = new StringOutput();
        TEMPLATES.render(template, view, output);
        return output.toString();
    }
}
