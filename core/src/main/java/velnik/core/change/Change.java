package velnik.core.change;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.compare.Difference;
import velnik.core.outline.Place;
import velnik.core.site.EnquiryForm;
import velnik.core.site.FileId;
import velnik.core.site.Forward;
import velnik.core.site.MenuRowId;
import velnik.core.site.NewPages;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.RemovalId;
import velnik.core.site.TextHash;
import velnik.core.site.WhenClosed;

/** One edit. New ids are made by whoever asks for the edit. */
public sealed interface Change
        permits Change.BeginSite,
                Change.AddPages,
                Change.AddBuiltInPages,
                Change.RetitlePage,
                Change.SetSlug,
                Change.SetSlugs,
                Change.SetSummary,
                Change.SetSearchWords,
                Change.SetPageWords,
                Change.SetText,
                Change.SetPicture,
                Change.SetForm,
                Change.MovePages,
                Change.SetReach,
                Change.SetMembersOnly,
                Change.SetDate,
                Change.SetPeriods,
                Change.SetWhenClosed,
                Change.SetTimeZone,
                Change.SetDetails,
                Change.AllowOrigins,
                Change.SetNewPages,
                Change.SetModel,
                Change.SetLock,
                Change.SetSearchEngines,
                Change.RemovePages,
                Change.SetForward,
                Change.SetForwards,
                Change.BringBack,
                Change.BringSite,
                Change.CopyPages,
                Change.SetHome,
                Change.SetGroup,
                Change.Restore,
                Change.EmptyBin,
                FileChange,
                LookChange,
                MenuChange,
                SortingChange {

    /**
     * What a new site starts with: its details, and a menu that follows the page tree, in the header of every page.
     *
     * @param address of the site, or empty while it is not known
     */
    record BeginSite(String name, String address, ZoneId timeZone, MenuRowId menu, MenuRowId list) implements Change {}

    /** Adds pages one after another, so that one may stand under or after another of the same change. */
    record AddPages(List<NewPage> pages) implements Change {
        public AddPages {
            pages = List.copyOf(pages);
        }
    }

    /**
     * A page to add, not a built-in one. Its slug is made from the title unless one is given; what else is not given is as
     * new pages of the site begin.
     *
     * @param reach null for how new pages begin
     */
    record NewPage(
            PageId id,
            Place<PageId> place,
            PageKind kind,
            String title,
            @Nullable String slug,
            @Nullable Reach reach,
            boolean keptFromSearchEngines,
            String summary,
            @Nullable TextHash text) {

        public NewPage {
            if (kind.isBuiltIn()) {
                throw new IllegalArgumentException("Velnik adds the built-in pages, so none is added as " + kind);
            }
        }

        /** An open page with nothing on it yet. */
        public static NewPage open(PageId id, Place<PageId> place, String title) {
            return new NewPage(id, place, PageKind.PAGE, title, null, Reach.OPEN, false, "", null);
        }
    }

    /** Adds the built-in pages that the site lacks, at the end of the top level. */
    record AddBuiltInPages() implements Change {}

    /**
     * Copies a page to right after it, once for each title; the copies are held back.
     *
     * @param subpages whether what is under it is copied too
     * @param content whether the copies have its summary and text
     * @param items whether each item that leads to it is followed by one that leads to the copy
     * @param ids what the ids of the copies begin with
     */
    record CopyPages(PageId page, List<String> titles, boolean subpages, boolean content, boolean items, String ids)
            implements Change {
        public CopyPages {
            titles = List.copyOf(titles);
        }
    }

    record SetHome(PageId page) implements Change {}

    /** @param group whether the pages have no content of their own; what they had comes back when they are pages again */
    record SetGroup(List<PageId> pages, boolean group) implements Change {
        public SetGroup {
            pages = List.copyOf(pages);
        }
    }

    record RetitlePage(PageId page, String title) implements Change {}

    record SetSummary(PageId page, String summary) implements Change {}

    /** @param fields none for no form */
    record SetForm(PageId page, List<FormField> fields) implements Change {
        public SetForm {
            fields = List.copyOf(fields);
        }
    }

    /** A field as it is typed. */
    record FormField(EnquiryForm.Kind kind, String label, boolean required, List<String> choices) {
        public FormField {
            choices = List.copyOf(choices);
        }
    }

    /** @param picture null for none */
    record SetPicture(List<PageId> pages, @Nullable FileId picture) implements Change {
        public SetPicture {
            pages = List.copyOf(pages);
        }
    }

    /**
     * What search engines and shared links say of a page; what is null stays as it is.
     *
     * @param title empty for the title of the page
     * @param description empty for its summary
     */
    record SetSearchWords(
            PageId page, @Nullable String title, @Nullable String description) implements Change {}

    /** Says otherwise what many pages are called and what is said of them. Their addresses stay, whatever their titles. */
    record SetPageWords(List<PageWords> pages) implements Change {
        public SetPageWords {
            pages = List.copyOf(pages);
        }
    }

    /** What is null stays as it is; see {@link SetSearchWords} for what is empty. */
    record PageWords(
            PageId page,
            @Nullable String title,
            @Nullable String summary,
            @Nullable String searchTitle,
            @Nullable String searchDescription) {}

    /**
     * @param text null for none
     * @param upon the text that the person saw when they wrote this one; null for none
     * @param stretch names a stretch of typing, whose edits are one
     */
    record SetText(
            PageId page, @Nullable TextHash text, @Nullable TextHash upon, String stretch) implements Change {}

    /** @param slug as typed; null to follow the title again */
    record SetSlug(PageId page, @Nullable String slug) implements Change {}

    /** Gives many pages slugs at once, so that one may get what another of them leaves. */
    record SetSlugs(List<PageSlug> pages) implements Change {
        public SetSlugs {
            pages = List.copyOf(pages);
        }
    }

    /** @param slug as typed */
    record PageSlug(PageId page, String slug) {}

    /**
     * Moves pages with all that is under them. They stand in the order given; one that stands beneath another of them
     * stays with it.
     */
    record MovePages(List<PageId> pages, Place<PageId> place) implements Change {
        public MovePages {
            pages = List.copyOf(pages);
        }
    }

    record SetReach(List<PageId> pages, Reach reach) implements Change {
        public SetReach {
            pages = List.copyOf(pages);
        }
    }

    /** Lets only members get pages and what is beneath them, or everybody again. */
    record SetMembersOnly(List<PageId> pages, boolean membersOnly) implements Change {
        public SetMembersOnly {
            pages = List.copyOf(pages);
        }
    }

    /** @param date null for none */
    record SetDate(List<PageId> pages, @Nullable LocalDate date) implements Change {
        public SetDate {
            pages = List.copyOf(pages);
        }
    }

    /** @param periods when the pages are there; none for always */
    record SetPeriods(List<PageId> pages, List<Period> periods) implements Change {
        public SetPeriods {
            pages = List.copyOf(pages);
            periods = List.copyOf(periods);
        }
    }

    /** Says what visitors get at the addresses of pages outside their periods. */
    record SetWhenClosed(List<PageId> pages, WhenClosed whenClosed) implements Change {
        public SetWhenClosed {
            pages = List.copyOf(pages);
        }
    }

    /** @param mayList false to ask search engines to leave the pages out */
    record SetSearchEngines(List<PageId> pages, boolean mayList) implements Change {
        public SetSearchEngines {
            pages = List.copyOf(pages);
        }
    }

    /** What is null stays as it is. Texts are as typed. */
    @RecordBuilder
    record SetDetails(
            @Nullable String name,
            @Nullable String address,
            @Nullable String logo,
            @Nullable String language,
            @Nullable String phone,
            @Nullable String mail,
            @Nullable String postal,
            @Nullable String hours,
            @Nullable String position,
            @Nullable List<Channel> channels)
            implements Change, ChangeSetDetailsBuilder.With {
        /** Leaves everything as it is. */
        public static final SetDetails NONE =
                new SetDetails(null, null, null, null, null, null, null, null, null, null);

        public SetDetails {
            channels = channels == null ? null : List.copyOf(channels);
        }

        /**
         * Where else the business is found, as typed.
         *
         * @param icon names one of {@link velnik.core.site.Icons}
         */
        public record Channel(String name, String address, String icon) {}
    }

    /** Says where the site's days begin and end. */
    record SetTimeZone(ZoneId timeZone) implements Change {}

    /** @param origins of websites elsewhere that may show the menus, as typed; no others may any more */
    record AllowOrigins(List<String> origins) implements Change {
        public AllowOrigins {
            origins = List.copyOf(origins);
        }
    }

    record SetNewPages(NewPages newPages) implements Change {}

    /** @param model whether the pages are offered to make new ones from */
    record SetModel(List<PageId> pages, boolean model) implements Change {
        public SetModel {
            pages = List.copyOf(pages);
        }
    }

    /** Locks pages against being removed, or unlocks them. */
    record SetLock(List<PageId> pages, boolean locked) implements Change {
        public SetLock {
            pages = List.copyOf(pages);
        }
    }

    /** What becomes of the pages under one that is removed. */
    enum Subpages {
        GO_TOO,
        /** They stand where it stood. */
        MOVE_UP
    }

    /** Where the addresses lead that visitors know removed pages by. */
    sealed interface Leads {
        /** To the page that each stood under, or to none at the top level. */
        record ToParent() implements Leads {}

        record ToPage(PageId page) implements Leads {}

        /** Nowhere: they say that the page is gone. */
        record Nowhere() implements Leads {}
    }

    /**
     * Puts pages into the bin.
     *
     * @param removal names it in the bin
     */
    record RemovePages(RemovalId removal, List<PageId> pages, Subpages subpages, Leads leads) implements Change {
        public RemovePages {
            pages = List.copyOf(pages);
        }

        /** Their addresses lead to where they were found. */
        public static RemovePages of(RemovalId removal, List<PageId> pages, Subpages subpages) {
            return new RemovePages(removal, pages, subpages, new Leads.ToParent());
        }
    }

    /**
     * Says where an address leads that no page has.
     *
     * @param from addresses as typed
     * @param to an outside address as typed; null to take the forward back
     */
    record SetForward(Forward.Source from, Forward.@Nullable Target to) implements Change {}

    /** Says where many addresses lead, one after another. Costs O(pages + forwards) for all of them. */
    record SetForwards(List<SetForward> forwards) implements Change {
        public SetForwards {
            forwards = List.copyOf(forwards);
        }
    }

    /**
     * Makes the site as it was when it was published.
     *
     * @param release its number
     * @param difference from the very site it is applied to, but for the bin, which stays
     */
    record BringBack(int release, Difference difference) implements Change {}

    /**
     * Makes the site as it was written down somewhere, with all that it is.
     *
     * @param difference see {@link BringBack}
     */
    record BringSite(Difference difference) implements Change {}

    /** Lets removals go for good; those that are not in the bin any more are gone already. */
    record EmptyBin(List<RemovalId> removals) implements Change {
        public EmptyBin {
            removals = List.copyOf(removals);
        }
    }

    /** Puts what lies in the bin back where it was, or to the nearest place that still exists. */
    record Restore(RemovalId removal) implements Change {}
}
